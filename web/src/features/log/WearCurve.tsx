import { scaleLinear } from 'd3-scale'
import type { Following } from '../../api/types'

type Points = Following['wear']['points']

const WIDTH = 520
const HEIGHT = 120
const LINES = [
  { score: 'definition', stroke: 'var(--lengths)', dash: '' },
  { score: 'volume', stroke: 'var(--ink)', dash: '2 3' },
  { score: 'frizz', stroke: 'var(--roots)', dash: '7 4' },
] as const

/** The scores over the days of one wash; a drop marks a day that was refreshed. */
export function WearCurve({ points }: { points: Points }) {
  const last = Math.max(2, ...points.map((p) => p.day))
  const x = scaleLinear([1, last], [30, WIDTH - 84])
  const y = scaleLinear([10, 0], [8, HEIGHT - 22])
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-2xl"
      role="img"
      aria-label={points
        .map((p) => `day ${p.day}: definition ${p.definition}, frizz ${p.frizz}, volume ${p.volume}`)
        .join('; ')}
    >
      <rect x="30" y="8" width={WIDTH - 114} height={HEIGHT - 30} fill="var(--shallow)" />
      <g className="figures" fontSize="11" fill="var(--ink)">
        {[0, 5, 10].map((tick) => (
          <text key={tick} x="24" y={y(tick) + 4} textAnchor="end">
            {tick}
          </text>
        ))}
        {points.map((p) => (
          <text key={p.day} x={x(p.day)} y={HEIGHT - 6} textAnchor="middle">
            day {p.day}
          </text>
        ))}
      </g>
      {LINES.map(({ score, stroke, dash }, i) => (
        <g key={score}>
          <polyline
            points={points.map((p) => `${x(p.day)},${y(p[score])}`).join(' ')}
            fill="none"
            stroke={stroke}
            strokeWidth="2"
            strokeDasharray={dash}
          />
          <text x={WIDTH - 78} y={labelY(points, y, i)} fontSize="12" className="figures" fill={stroke}>
            {score}
          </text>
        </g>
      ))}
      {points
        .filter((p) => p.refreshed)
        .map((p) => (
          <path
            key={p.day}
            d={`M${x(p.day)} 10l-4 8a4.4 4.4 0 1 0 8 0z`}
            fill="var(--water)"
            stroke="var(--ink)"
          />
        ))}
    </svg>
  )
}

/** Where each line ends, moved apart where two would cover each other. */
function labelY(points: Points, y: (points: number) => number, index: number): number {
  const last = points.at(-1)
  const ends = LINES.map(({ score }, i) => ({ i, at: y(last?.[score] ?? 0) + 4 })).sort((a, b) => a.at - b.at)
  ends.forEach((end, i) => {
    const above = ends[i - 1]
    if (above !== undefined) end.at = Math.max(end.at, above.at + 13)
  })
  return ends.find((end) => end.i === index)?.at ?? 0
}
