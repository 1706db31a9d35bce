import type { Box, Scales } from './tideGeometry'

type DryByProps = {
  minute: number
  text: string
  /** Which line of words it takes, from 0, so that two do not cover each other. */
  row: number
  s: Scales
  box: Box
}

/** At the right edge stand the names of the bands, as wide as this. */
const BANDS = 50

/** The line that must not be passed wet; at the edge where it lies beyond the drawing. */
export function DryBy({ minute, text, row, s, box }: DryByProps) {
  const beyond = minute > s.lastMinute
  const x = beyond ? box.width - box.right : Math.max(box.left, s.x(minute))
  const left = x - box.left < 120
  return (
    <g>
      <path
        d={`M${x} ${box.top}V${box.height - box.bottom}`}
        stroke="var(--ink)"
        strokeWidth={1.6}
        strokeDasharray="8 3 2 3"
      />
      <text
        x={left ? x + 5 : Math.min(x - 5, box.width - box.right - BANDS)}
        y={box.top + 14 + row * 16}
        textAnchor={left ? 'start' : 'end'}
        className="figures"
        fontSize={12.5}
        fill="var(--ink)"
        stroke="var(--sand)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {text}
        {beyond ? ' ▸' : ''}
      </text>
    </g>
  )
}
