import { scaleLinear, scalePoint } from 'd3-scale'
import { useNavigate } from 'react-router'
import type { ScoreLearned, WashDay } from '../../api/types'
import { useWidth } from '../../chart/useWidth'
import { most, shortDate, type ScoreWord } from './learnWords'
import { figure } from '../../ui/figure'

type SaidAndScoredProps = {
  own: ScoreLearned
  days: readonly WashDay[]
  tabs: readonly ScoreWord[]
  onScore: (score: ScoreWord) => void
}

const HEIGHT = 186
const LEFT = 40
const TOP = 16
const BOTTOM = 34

/** Each wash as the book and the others had it, and as it was scored. */
export function SaidAndScored({ own, days, tabs, onScore }: SaidAndScoredProps) {
  return (
    <section aria-label="Said and scored" className="border-ink border-t px-4 pt-2.5">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h2 className="label">Said and scored</h2>
        {tabs.map((tab) => (
          <button
            key={tab}
            type="button"
            aria-pressed={tab === own.score}
            onClick={() => onScore(tab)}
            className="aria-pressed:border-ink min-h-[24px] border-b-2 border-transparent aria-pressed:font-semibold hover:border-line"
          >
            {tab}
          </button>
        ))}
        <Key />
      </div>
      <div className="grid sm:grid-cols-[1fr_10rem]">
        <Picture own={own} days={days} />
        <HowGood own={own} />
      </div>
    </section>
  )
}

function Key() {
  return (
    <p className="text-muted ml-auto flex flex-wrap gap-x-4 text-[0.92rem]">
      <span>
        <svg width="14" height="12" aria-hidden className="mr-1 inline">
          <path d="M2 1l9 5-9 5" fill="none" stroke="var(--roots)" strokeWidth="1.8" />
        </svg>
        by the book
      </span>
      <span>
        <svg width="22" height="12" aria-hidden className="mr-1 inline">
          <rect width="22" height="12" fill="var(--water)" />
          <path d="M0 6h22" stroke="var(--lengths)" strokeWidth="2" />
        </svg>
        said from the other washes, 8 in 10 fall here
      </span>
      <span>
        <svg width="12" height="12" aria-hidden className="mr-1 inline">
          <circle cx="6" cy="6" r="4.5" fill="var(--ink)" />
        </svg>
        scored
      </span>
    </p>
  )
}

/** As near as two washes stand and are still told apart by a thumb, px. */
const NARROWEST = 26

/** The latest washes, as many as there is room for. */
function Picture({ own, days }: { own: ScoreLearned; days: readonly WashDay[] }) {
  const [ref, width] = useWidth(800)
  const go = useNavigate()
  const all = days
    .flatMap((day) => {
      const told = own.washes.find((one) => one.id === String(day.id))
      return told === undefined ? [] : [{ day, told }]
    })
    .sort((a, b) => a.day.plannedAt.localeCompare(b.day.plannedAt))
  const washes = all.slice(-Math.max(1, Math.floor((width - LEFT - 8) / NARROWEST)))
  const x = scalePoint(
    washes.map(({ day }) => String(day.id)),
    [LEFT, width - 8],
  ).padding(0.6)
  const y = scaleLinear([0, most(own.score)], [HEIGHT - BOTTOM, TOP])
  const step = Math.max(18, x.step() || 60)
  const every = Math.ceil(54 / step)
  return (
    <div ref={ref} className="relative min-w-0 [contain:inline-size]" style={{ height: HEIGHT }}>
      <svg width={width} height={HEIGHT} aria-hidden>
        <rect
          x={LEFT}
          y={TOP}
          width={Math.max(0, width - LEFT - 8)}
          height={HEIGHT - TOP - BOTTOM}
          fill="var(--shallow)"
        />
        {y.ticks(2).map((tick) => (
          <g key={tick}>
            <path d={`M${LEFT} ${y(tick)}H${width - 8}`} stroke="var(--line)" strokeDasharray="1 4" />
            <text
              x={LEFT - 7}
              y={y(tick) + 4}
              textAnchor="end"
              fontSize="12"
              className="figures"
              fill="var(--ink)"
            >
              {tick}
            </text>
          </g>
        ))}
        {washes.map(({ day, told }, i) => (
          <OneWash
            key={day.id}
            told={told}
            at={x(String(day.id)) ?? 0}
            y={y}
            step={step}
            even={i % 2 === 0}
            date={i % every === 0 ? shortDate(day.plannedAt) : ''}
          />
        ))}
      </svg>
      {washes.length < all.length && (
        <p
          className="figures text-muted absolute right-3 text-[0.85rem]"
          style={{ top: HEIGHT - BOTTOM - 20 }}
        >
          the last {washes.length} of {all.length} washes
        </p>
      )}
      {washes.map(({ day, told }) => (
        <button
          key={day.id}
          type="button"
          title={`${shortDate(day.plannedAt)}: ${day.name}`}
          aria-label={`${shortDate(day.plannedAt)}: scored ${figure(told.scored)}, said ${figure(told.said.corrected)}, ${figure(told.said.low)} to ${figure(told.said.high)}, by the book ${figure(told.said.model)}. Open the wash`}
          onClick={() => void go(`../log?day=${day.id}`)}
          className="absolute grid h-6 w-6 -translate-x-1/2 -translate-y-1/2 place-items-center"
          style={{ left: x(String(day.id)), top: y(told.scored) }}
        >
          <span className="bg-ink border-paper h-3 w-3 rounded-full border-[1.5px]" />
        </button>
      ))}
    </div>
  )
}

type OneWashProps = {
  told: ScoreLearned['washes'][number]
  /** Middle of its place, px. */
  at: number
  y: (points: number) => number
  /** Width of its place, px. */
  step: number
  /** Every other place of the border is black. */
  even: boolean
  date: string
}

/** What was said of one wash, by the book and from the others. */
function OneWash({ told, at, y, step, even, date }: OneWashProps) {
  const { model, corrected, low, high } = told.said
  const band = Math.min(30, step * 0.62)
  return (
    <g>
      <rect
        x={at - step / 2}
        y={HEIGHT - BOTTOM}
        width={step}
        height="4"
        fill={even ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth=".7"
      />
      <rect
        x={at - band / 2}
        y={y(high)}
        width={band}
        height={Math.max(1, y(low) - y(high))}
        fill="var(--water)"
      />
      <path d={`M${at - band / 2} ${y(corrected)}h${band}`} stroke="var(--lengths)" strokeWidth="2.4" />
      <path
        d={`M${at - band / 2 - 5} ${y(model) - 5}l8 5-8 5`}
        fill="none"
        stroke="var(--roots)"
        strokeWidth="1.8"
      />
      <text x={at} y={HEIGHT - 12} textAnchor="middle" fontSize="12" className="figures" fill="var(--ink)">
        {date}
      </text>
    </g>
  )
}

/** What the picture comes to, in figures. */
function HowGood({ own }: { own: ScoreLearned }) {
  const { accuracy } = own
  const held = Math.round((accuracy.coveragePercent * accuracy.washes) / 100)
  return (
    <div className="flex flex-wrap content-start gap-x-6 gap-y-1.5 pb-2 sm:block sm:pt-4 sm:pl-4">
      <p className="leading-tight">
        <span className="figures block text-[1.9rem] leading-none font-semibold">
          {figure(accuracy.helps ? accuracy.correctedError : accuracy.modelError)}
        </span>
        <span className="text-muted">
          points off, {accuracy.helps ? `by the book ${figure(accuracy.modelError)}` : 'by the book'}
        </span>
      </p>
      <p className="leading-tight sm:pt-3">
        <span className="figures block text-xl leading-none font-semibold">
          {held} of {accuracy.washes}
        </span>
        <span className="text-muted">inside the band</span>
      </p>
      {!accuracy.helps && (
        <p className="text-muted text-sm sm:pt-2">
          The other washes do not say it better than the book: not used for this score.
        </p>
      )}
    </div>
  )
}
