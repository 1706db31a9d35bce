import { scaleLinear, scaleTime } from 'd3-scale'
import type { SeenByBoth } from '../../api/types'
import { useWidth } from '../../chart/useWidth'

type WitnessOverTimeProps = {
  seen: readonly SeenByBoth[]
  score: SeenByBoth['scores'][number]['score']
}

const HEIGHT = 84
/** Pictures of one wash stand beside each other, px apart. */
const BESIDE = 7

/** One score over time, 0 to 10: what the eye said, and what the picture said with all it allows. */
export function WitnessOverTime({ seen, score }: WitnessOverTimeProps) {
  const [ref, width] = useWidth(500)
  const pairs = seen.flatMap((one) =>
    one.scores
      .filter((s) => s.score === score)
      .map((s) => ({ ...s, at: new Date(one.at), day: one.washDay })),
  )
  const times = pairs.map((one) => one.at.getTime())
  const x = scaleTime([Math.min(...times), Math.max(...times)], [34, width - 30])
  const y = scaleLinear([10, 0], [6, HEIGHT - 18])
  const placed = pairs.map((one) => {
    const same = pairs.filter((other) => other.day === one.day)
    return { ...one, x: x(one.at) + (same.indexOf(one) - (same.length - 1) / 2) * BESIDE }
  })
  return (
    <div ref={ref} className="[contain:inline-size]" style={{ height: HEIGHT }}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${score} of ${pairs.length} pictures beside the eye, over time`}
      >
        <g className="figures" fontSize="11.5" fill="var(--ink)">
          {[0, 5, 10].map((tick) => (
            <g key={tick}>
              <line x1="24" x2={width} y1={y(tick)} y2={y(tick)} stroke="var(--line)" strokeDasharray="2 3" />
              <text x="18" y={y(tick) + 4} textAnchor="end">
                {tick}
              </text>
            </g>
          ))}
          {x.ticks(Math.max(2, Math.floor(width / 150))).map((tick) => (
            <text key={tick.getTime()} x={x(tick)} y={HEIGHT - 3} textAnchor="middle">
              {tick.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}
            </text>
          ))}
        </g>
        {placed.map((one) => (
          <g key={one.key}>
            <line
              x1={one.x}
              x2={one.x}
              y1={y(one.high)}
              y2={y(one.low)}
              stroke="var(--lengths)"
              strokeWidth="2"
            />
            <path
              d={`M${one.x} ${y(one.picture) - 5}l4 5-4 5-4-5z`}
              fill="var(--paper)"
              stroke="var(--lengths)"
              strokeWidth="1.5"
            />
            <circle cx={one.x} cy={y(one.eye)} r="3.2" fill="var(--ink)" />
          </g>
        ))}
      </svg>
    </div>
  )
}
