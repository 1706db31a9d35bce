import type { Tide } from '../api/types'
import { momentText } from '../api/words'
import type { Box, Scales } from './tideGeometry'

/** The graduated border: above, black where hands are busy and white where one waits; below, the minutes. */
type TimeScaleProps = { tide: Tide; s: Scales; box: Box; beginsAt?: string | undefined }

export function TimeScale({ tide, s, box, beginsAt }: TimeScaleProps) {
  const right = box.width - box.right
  const floor = box.height - box.bottom
  return (
    <g stroke="var(--ink)">
      <rect
        x={box.left}
        y={box.top - 16}
        width={right - box.left}
        height={6}
        fill="var(--paper)"
        strokeWidth={1}
      />
      {tide.steps.map((step) => (
        <rect
          key={step.index}
          x={s.x(step.startMinute)}
          y={box.top - 16}
          width={Math.max(0, s.x(step.startMinute + step.handsOnMinutes) - s.x(step.startMinute))}
          height={6}
          fill="var(--ink)"
          stroke="none"
        />
      ))}
      <rect x={box.left} y={floor} width={right - box.left} height={6} fill="var(--paper)" strokeWidth={1} />
      {s.ticks.slice(0, -1).map((tick, i) => {
        const next = s.ticks[i + 1] ?? s.lastMinute
        return (
          <rect
            key={tick}
            x={s.x(tick)}
            y={floor}
            width={Math.max(0, (s.x(next) - s.x(tick)) / 2)}
            height={6}
            fill="var(--ink)"
            stroke="none"
          />
        )
      })}
      <g className="figures" fontSize={13.5} fontWeight={500} fill="var(--ink)" stroke="none">
        {s.ticks.map((tick) => (
          <text
            key={tick}
            x={s.x(tick)}
            y={floor + 22}
            textAnchor={s.x(tick) > right - 24 ? 'end' : 'middle'}
          >
            {momentText(tick, beginsAt)}
          </text>
        ))}
      </g>
      {s.breakAt !== undefined && (
        <path
          d={`M${s.x(s.breakAt) - 2} ${floor + 11}l4 -16m2 16l4 -16`}
          stroke="var(--ink)"
          strokeWidth={1.6}
          fill="none"
        />
      )}
    </g>
  )
}
