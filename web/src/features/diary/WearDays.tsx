import type { CareDay, DiaryNow } from '../../api/types'
import { capital } from '../../api/words'
import said from '../../api/words.json'
import { useWidth } from '../../chart/useWidth'
import { shortDay } from './dayWords'
import { figure } from '../../ui/figure'

type Aftercare = NonNullable<DiaryNow['aftercare']>
type WearDaysProps = { care: Aftercare; today: string; wearDay: number | undefined }

/** The days a wash is worn: what is expected of each, and what its morning and its night ask. */
export function WearDays({ care, today, wearDay }: WearDaysProps) {
  const isOver = wearDay !== undefined && wearDay > care.days.length
  return (
    <section aria-label="This wash, day by day" className="min-w-0 px-4 py-2.5">
      <div className="flex flex-wrap items-baseline gap-x-5">
        <h2 className="label">This wash, day by day</h2>
        <p>
          {isOver ? (
            <b className="font-semibold">Worn for {wearDay - 1} days: it is time for a wash. </b>
          ) : (
            <>
              Next wash <b className="font-semibold">{shortDay(care.washOn)}</b>.{' '}
            </>
          )}
          <span className="text-muted">{care.washBecause}</span>
        </p>
      </div>
      {care.best !== undefined && <p className="border-ink mt-1 border-l-4 pl-3">{care.best}</p>}
      <WearPicture days={care.days} today={today} />
      <p className="py-1">
        <span className="label">Nights</span> {capital(said.nights[care.nights].label)}; dry before bed, never
        wet.
      </p>
      <ol className="grid gap-x-3 sm:auto-cols-fr sm:grid-flow-col">
        {care.days.map((day) => (
          <li
            key={day.day}
            aria-current={day.date === today ? 'date' : undefined}
            className="border-line aria-[current=date]:border-ink grid content-start gap-1 border-t py-1.5 aria-[current=date]:border-t-3"
          >
            <h3 className="leading-tight font-semibold">
              <span className="sm:sr-only">Day {day.day} </span>
              <span className="figures text-muted font-medium">{shortDay(day.date)}</span>
            </h3>
            <dl className="figures text-muted flex flex-wrap gap-x-3 text-[0.88rem] sm:grid sm:gap-x-0">
              <Expected word="frizz" score={day.frizz} />
              <Expected word="volume" score={day.volume} />
              <Expected word="softness" score={day.softness} />
            </dl>
            {day.asks.map((line) => (
              <p key={line} className="text-[0.92rem] leading-snug">
                {line}
              </p>
            ))}
            {day.asks.length === 0 && <p className="text-[0.92rem] leading-snug">Leave it alone.</p>}
            {day.air !== undefined && <p className="text-[0.92rem] leading-snug font-medium">{day.air}</p>}
          </li>
        ))}
      </ol>
    </section>
  )
}

/** A score with what eight in ten such days would lie between. */
function Expected({ word, score }: { word: string; score: CareDay['frizz'] }) {
  return (
    <div className="flex gap-x-1.5">
      <dt>{word}</dt>
      <dd>
        <b className="text-ink font-semibold">{figure(score.value)}</b> ({figure(score.low)}–
        {figure(score.high)})
      </dd>
    </div>
  )
}

const HEIGHT = 138
const [TOP, WATER] = [16, 104]

/** Definition falling like a tide over the days, with what four in five days would lie between; frizz as a dotted line. */
function WearPicture({ days, today }: { days: readonly CareDay[]; today: string }) {
  const [frame, width] = useWidth(640)
  const step = width / Math.max(1, days.length)
  const x = (day: CareDay) => (day.day - 0.5) * step
  const y = (points: number) => WATER - (points / 10) * (WATER - TOP)
  const line = (of: (day: CareDay) => number) =>
    days.map((day, i) => `${i === 0 ? 'M' : 'L'}${x(day).toFixed(1)} ${y(of(day)).toFixed(1)}`).join('')
  const band = `${line((day) => day.definition.high)}${days
    .toReversed()
    .map((day) => `L${x(day).toFixed(1)} ${y(day.definition.low).toFixed(1)}`)
    .join('')}Z`
  return (
    <div ref={frame} className="[contain:inline-size]">
      <svg
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`Definition expected: ${days.map((day) => `day ${day.day} ${figure(day.definition.value)}`).join(', ')}`}
      >
        <rect x="0" y={TOP - 10} width={width} height={WATER - TOP + 10} fill="var(--shallow)" />
        <path d={band} fill="var(--water)" />
        <path d={line((day) => day.definition.value)} fill="none" stroke="var(--lengths)" strokeWidth="2.4" />
        <path
          d={line((day) => day.frizz.value)}
          fill="none"
          stroke="var(--roots)"
          strokeWidth="1.6"
          strokeDasharray="2 4"
        />
        {days.map((day) => (
          <DayMark
            key={day.day}
            day={day}
            x={x(day)}
            y={y(day.definition.value)}
            step={step}
            isToday={day.date === today}
          />
        ))}
        <text
          x="4"
          y={y(days[0]?.frizz.value ?? 0) - 5}
          className="figures"
          fontSize="12.5"
          fill="var(--roots)"
        >
          frizz
        </text>
      </svg>
      <p className="figures text-muted text-[0.88rem] leading-tight">
        Definition, eight in ten days within the band; frizz dotted.
      </p>
    </div>
  )
}

type DayMarkProps = { day: CareDay; x: number; y: number; step: number; isToday: boolean }

/** A day on the water with its sounding, and its piece of the border. */
function DayMark({ day, x, y, step, isToday }: DayMarkProps) {
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={day.best ? 6 : 3.6}
        fill={day.best ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      <text x={x} y={y - 10} textAnchor="middle" className="figures" fontSize="15" fill="var(--ink)">
        {figure(day.definition.value)}
        {day.best ? ' best' : ''}
      </text>
      <rect
        x={(day.day - 1) * step}
        y={WATER}
        width={step}
        height="5"
        fill={day.day % 2 === 1 ? 'var(--ink)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth="0.6"
      />
      <text x={x} y={WATER + 21} textAnchor="middle" className="figures" fontSize="13.5" fill="var(--ink)">
        day {day.day}
        {isToday ? ', today' : ''}
      </text>
    </g>
  )
}
