import { scaleLinear, scalePoint } from 'd3-scale'
import type { TrialNow, WashDay } from '../../api/types'
import { useWidth } from '../../chart/useWidth'
import { shortDate } from './learnWords'
import { figure } from '../../ui/figure'

const HEIGHT = 138
const LEFT = 30

/** Each pair: an open ring for what the head is used to, a full one for what is tried, the side of the full one below. */
export function TrialPicture({ trial, days }: { trial: TrialNow; days: readonly WashDay[] }) {
  const [ref, width] = useWidth(420)
  const { pairs } = trial.reading
  const score = trial.plan.scores[0] ?? 'definition'
  const given = pairs.flatMap((pair) => [pair.used, pair.tried])
  const y = scaleLinear(
    [Math.max(0, Math.floor(Math.min(...given) - 0.5)), Math.min(10, Math.ceil(Math.max(...given) + 0.5))],
    [HEIGHT - 40, 10],
  )
  const places = Array.from({ length: Math.max(pairs.length, trial.plan.agreedPairs ?? 0) }, (_, i) =>
    String(i),
  )
  const x = scalePoint(places, [LEFT, width - 6]).padding(0.6)
  const half = Math.min(11, (x.step() || 30) / 4)
  const told = pairs.map((pair) => {
    const day = days.find((one) => one.id === pair.washes.at(-1))
    return `${day === undefined ? '' : shortDate(day.plannedAt)} ${figure(pair.used)} against ${figure(pair.tried)}`
  })
  return (
    <div ref={ref} className="min-w-0 [contain:inline-size]">
      <p className="text-muted text-[0.92rem]">
        ○ {trial.plan.used} &nbsp; ● {trial.plan.tried} &nbsp; {score}, side of ● below
      </p>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${pairs.length} of ${trial.plan.agreedPairs ?? pairs.length} pairs, ${score}: ${told.join('; ')}`}
      >
        {y.ticks(3).map((tick) => (
          <g key={tick}>
            <path d={`M${LEFT} ${y(tick)}H${width}`} stroke="var(--line)" strokeDasharray="1 4" />
            <text
              x={LEFT - 7}
              y={y(tick) + 4}
              fontSize="12"
              textAnchor="end"
              className="figures"
              fill="var(--ink)"
            >
              {tick}
            </text>
          </g>
        ))}
        {places.map((place, i) => {
          const at = x(place) ?? 0
          const pair = pairs[i]
          if (pair === undefined)
            return (
              <path
                key={place}
                d={`M${at - half} ${HEIGHT - 40}h${2 * half}`}
                stroke="var(--muted)"
                strokeDasharray="3 3"
              />
            )
          return <Pair key={place} pair={pair} at={at} half={half} y={y} />
        })}
      </svg>
    </div>
  )
}

type PairProps = {
  pair: TrialNow['reading']['pairs'][number]
  /** Middle of its place, px. */
  at: number
  /** From there to either partner, px. */
  half: number
  y: (points: number) => number
}

function Pair({ pair, at, half, y }: PairProps) {
  return (
    <g>
      <path
        d={`M${at - half} ${y(pair.used)}L${at + half} ${y(pair.tried)}`}
        stroke="var(--ink)"
        strokeWidth="1.4"
      />
      <circle
        cx={at - half}
        cy={y(pair.used)}
        r="4.5"
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="1.8"
      />
      <circle cx={at + half} cy={y(pair.tried)} r="5" fill="var(--ink)" />
      <text x={at} y={HEIGHT - 14} fontSize="12" textAnchor="middle" className="figures" fill="var(--muted)">
        {pair.triedOn === undefined ? '' : pair.triedOn.charAt(0)}
      </text>
    </g>
  )
}
