import { useQuery } from '@tanstack/react-query'
import { scaleLinear, scaleTime, type ScaleTime } from 'd3-scale'
import { readingsQuery } from '../../api/queries'
import type { Client, WashDay } from '../../api/types'
import { useWidth } from '../../chart/useWidth'
import { dateOf } from './dayWords'
import { figure } from '../../ui/figure'

type HistoryPictureProps = {
  client: Client
  days: readonly WashDay[]
  selected: number
  onSelect: (id: number) => void
}

const HEIGHT = 150
const LINES = [
  { score: 'definition', stroke: 'var(--lengths)', dash: '' },
  { score: 'volume', stroke: 'var(--ink)', dash: '2 3' },
  { score: 'frizz', stroke: 'var(--roots)', dash: '7 4' },
] as const

/** All washes of a head over time: its scores, the room's air, where the plan changed, where the hair was read anew. */
export function HistoryPicture({ client, days, selected, onSelect }: HistoryPictureProps) {
  const [ref, width] = useWidth(900)
  const readings = useQuery(readingsQuery(client.id)).data ?? []
  const scored = days
    .flatMap((day) =>
      day.summary === undefined
        ? []
        : [{ day, at: new Date(day.startedAt ?? day.plannedAt), overall: day.summary.overall }],
    )
    .sort((a, b) => a.at.getTime() - b.at.getTime())
  const first = scored[0]
  const last = scored.at(-1)
  if (first === undefined || last === undefined || first === last) return null
  const x = scaleTime([first.at, last.at], [40, width - 92])
  const y = scaleLinear([10, 0], [14, HEIGHT - 44])
  const changes = readings
    .map((reading) => new Date(reading.takenAt))
    .filter((at) => at > first.at && at < last.at)
  return (
    <div ref={ref} className="border-ink relative border-b [contain:inline-size]" style={{ height: HEIGHT }}>
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${scored.length} washes: definition from ${figure(first.overall.definition)} to ${figure(last.overall.definition)}, frizz from ${figure(first.overall.frizz)} to ${figure(last.overall.frizz)}`}
      >
        <rect x="40" y="14" width={Math.max(0, width - 132)} height={HEIGHT - 58} fill="var(--shallow)" />
        <g className="figures" fontSize="11.5" fill="var(--ink)">
          {[0, 5, 10].map((tick) => (
            <text key={tick} x="33" y={y(tick) + 4} textAnchor="end">
              {tick}
            </text>
          ))}
          {x.ticks(Math.max(2, Math.floor(width / 160))).map((tick) => (
            <text key={tick.getTime()} x={x(tick)} y={HEIGHT - 8} textAnchor="middle">
              {tick.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}
            </text>
          ))}
        </g>
        <AirAndPlans scored={scored} x={x} width={width} />
        <ReadAnew changes={changes} x={x} />
        {LINES.map(({ score, stroke, dash }) => (
          <polyline
            key={score}
            points={scored.map((s) => `${x(s.at)},${y(s.overall[score])}`).join(' ')}
            fill="none"
            stroke={stroke}
            strokeWidth="2"
            strokeDasharray={dash}
          />
        ))}
        {named(last.overall, y).map(({ score, stroke, at }) => (
          <text key={score} x={width - 84} y={at} fontSize="12.5" className="figures" fill={stroke}>
            {score}
          </text>
        ))}
      </svg>
      {scored.map(({ day, at, overall }) => (
        <Mark
          key={day.id}
          day={day}
          isSelected={day.id === selected}
          at={{ left: x(at), top: y(overall.definition) }}
          onSelect={isCrowded(scored, x) ? undefined : () => onSelect(day.id)}
        />
      ))}
    </div>
  )
}

/** Nearer than this two marks cannot be told apart by a finger, px [PUB: WCAG 2.2, target size]. */
const LEAST_APART = 24

/** The washes lie closer than fingers can tell: they are opened from the list. */
function isCrowded(scored: readonly Scored[], x: Time): boolean {
  return scored.some(({ at }, i) => {
    const before = scored[i - 1]
    return before !== undefined && x(at) - x(before.at) < LEAST_APART
  })
}

type MarkProps = {
  day: WashDay
  isSelected: boolean
  at: { left: number; top: number }
  onSelect: (() => void) | undefined
}

/** A wash on the line of definition, to be opened where there is room for a finger. */
function Mark({ day, isSelected, at, onSelect }: MarkProps) {
  const dot = (
    <span className="border-ink bg-paper group-aria-[current=true]:bg-ink group-data-[selected=true]:bg-ink h-2.5 w-2.5 rounded-full border-2" />
  )
  const place = 'group absolute grid h-7 w-7 -translate-x-1/2 -translate-y-1/2 place-items-center'
  if (onSelect === undefined)
    return (
      <span aria-hidden data-selected={isSelected} className={`${place} pointer-events-none`} style={at}>
        {dot}
      </span>
    )
  return (
    <button
      type="button"
      aria-label={`Open the wash of ${dateOf(day)}`}
      aria-current={isSelected}
      title={`${dateOf(day)}: ${day.name}, room ${day.air.temperatureC}° ${day.air.relativeHumidity} %`}
      onClick={onSelect}
      className={place}
      style={at}
    >
      {dot}
    </button>
  )
}

type Scored = { day: WashDay; at: Date }

/** The room's air below each wash, and where the plan was another than before. */
function AirAndPlans({ scored, x, width }: { scored: readonly Scored[]; x: Time; width: number }) {
  // As many figures of the air as there is room for.
  const every = Math.ceil((46 * scored.length) / Math.max(1, width - 132))
  return (
    <g className="figures" fontSize="11.5" fill="var(--ink)" textAnchor="middle">
      {scored.map(({ day, at }, i) => {
        const before = scored[i - 1]?.day
        return (
          <g key={day.id}>
            {i % every === 0 && (
              <text x={x(at)} y={HEIGHT - 26} fill="var(--muted)">
                {day.air.temperatureC}° {day.air.relativeHumidity}
              </text>
            )}
            {before !== undefined && before.name !== day.name && (
              <path d={`M${x(at) - 5} ${HEIGHT - 44}l5 -7 5 7z`} fill="var(--ink)" />
            )}
          </g>
        )
      })}
      <text x={width - 64} y={HEIGHT - 26} textAnchor="start" fill="var(--muted)">
        °C, % air
      </text>
      <text x={width - 84} y={HEIGHT - 8} textAnchor="start">
        ▲ other plan
      </text>
    </g>
  )
}

/** A flag where the hair was read anew. */
function ReadAnew({ changes, x }: { changes: readonly Date[]; x: Time }) {
  return (
    <>
      {changes.map((at, i) => (
        <g key={at.getTime()}>
          <path d={`M${x(at)} 14V${HEIGHT - 44}`} stroke="var(--ink)" strokeDasharray="2 3" />
          <path d={`M${x(at)} 14l12 4-12 4z`} fill="var(--ink)" />
          {(changes[i + 1] === undefined || x(changes[i + 1] ?? at) - x(at) > 76) && (
            <text x={x(at) + 15} y="23" fontSize="11.5" className="figures" fill="var(--ink)">
              read anew
            </text>
          )}
        </g>
      ))}
    </>
  )
}

type Time = ScaleTime<number, number>
type Overall = NonNullable<WashDay['summary']>['overall']

/** The names of the lines at their ends, moved apart where they would cover each other. */
function named(overall: Overall, y: (points: number) => number) {
  const ends = LINES.map((line) => ({ ...line, at: y(overall[line.score]) + 4 })).sort((a, b) => a.at - b.at)
  ends.forEach((end, i) => {
    const above = ends[i - 1]
    if (above !== undefined) end.at = Math.max(end.at, above.at + 14)
  })
  return ends
}
