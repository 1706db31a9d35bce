import type { Tide } from '../api/types'
import { MARK, momentText } from '../api/words'
import { waterAt, type Scales } from './tideGeometry'

type FlagsProps = {
  marks: Tide['marks']
  tide: Tide
  s: Scales
  right: number
  narrow: boolean
  beginsAt: string | undefined
}

/** Small flags for the moments hands wait for, staggered so that none covers another. */
export function Flags({ marks, tide, s, right, narrow, beginsAt }: FlagsProps) {
  const placed: { x0: number; x1: number; y: number }[] = []
  const flags = marks.map((mark, i) => {
    const x = s.x(mark.minute)
    const water = mark.what === 'ROOTS_DRY' ? 'roots' : 'lengths'
    const foot = s.y(waterAt(tide, water, mark.minute))
    const minute = Math.round(mark.minute)
    const text = `${MARK[mark.what]} ${beginsAt ? momentText(minute, beginsAt) : `${minute}′`}`
    const wide = text.length * (narrow ? 5.2 : 6) + 22
    const later = marks[i + 1]
    // Turned away from the edge, and from the pole of the next flag.
    const leftward =
      x + wide > right || (later !== undefined && s.x(later.minute) < x + wide && x - wide > s.x(0))
    const [x0, x1] = leftward ? [x - wide, x] : [x, x + wide]
    let y = foot - 26
    while (placed.some((p) => p.x0 < x1 && x0 < p.x1 && Math.abs(p.y - y) < 17)) y -= 18
    placed.push({ x0, x1, y })
    return { what: mark.what, minute: mark.minute, x, foot, y, text, leftward }
  })
  return (
    <g className="figures" fontSize={narrow ? 11 : 13}>
      {flags.map((flag) => (
        <g key={flag.what + flag.minute}>
          <line x1={flag.x} x2={flag.x} y1={flag.foot} y2={flag.y} stroke="var(--ink)" strokeWidth={1.2} />
          <path
            d={`M${flag.x} ${flag.y}l${flag.leftward ? -13 : 13} 5l${flag.leftward ? 13 : -13} 5z`}
            fill="var(--ink)"
          />
          <text
            x={flag.x + (flag.leftward ? -17 : 17)}
            y={flag.y + 9}
            textAnchor={flag.leftward ? 'end' : 'start'}
            fill="var(--ink)"
            stroke="var(--sand)"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {flag.text}
          </text>
        </g>
      ))}
    </g>
  )
}
