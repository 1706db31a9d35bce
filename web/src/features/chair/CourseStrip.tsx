import type { Chair, Tide } from '../../api/types'
import { stepLine } from '../../api/words'
import { area, curve, points, scales, type Box } from '../../chart/tideGeometry'
import { countdown, type Clock } from './timers'

type CourseStripProps = {
  chair: Chair
  /** As it runs, once the server has said; as planned before. */
  tide: Tide
  /** Since the start. */
  minute: number
  /** What comes after the step in hand, in order. */
  next: readonly number[]
  clocks: readonly Clock[]
  now: Date
}

const BOX: Box = { width: 1000, height: 40, left: 0, right: 0, top: 2, bottom: 7 }

/** The whole wash at a glance: the water with now on it, what rings next, and the next two steps; on a phone in one line. */
export function CourseStrip({ chair, tide, minute, next, clocks, now }: CourseStripProps) {
  const s = scales([tide], BOX)
  const at = Math.max(0, Math.min(s.lastMinute, minute))
  const end = Math.round(s.lastMinute)
  const ring = clocks.find((clock) => clock.every === undefined)
  const rings =
    ring === undefined
      ? 'nothing rings'
      : ring.until <= now.getTime()
        ? `${ring.name} rings now`
        : `rings next: ${ring.name} in ${ring.isEstimate ? 'about ' : ''}${countdown(ring.until - now.getTime())}`
  const where = `Minute ${Math.floor(at)} of ${end}`
  const steps = next.slice(0, 2).flatMap((index) => chair.day.routine.steps[index] ?? [])
  return (
    <section
      aria-label="Where the wash is"
      className="border-line short:border-0 short:px-0 grid items-center gap-x-4 border-t px-4 py-1 sm:px-6 lg:tall:grid-cols-[minmax(0,1fr)_22rem]"
    >
      <div className="relative hidden h-12 lg:tall:block">
        <StripWater tide={tide} label={`${where}, ${rings}`} />
        <span
          aria-hidden
          className="border-ink absolute -inset-y-1 w-0 border-l-[3px]"
          style={{ left: `${(100 * s.x(at)) / BOX.width}%` }}
        />
        <span
          aria-hidden
          className={`figures bg-paper border-ink absolute top-1 border px-1 leading-tight ${s.x(at) > BOX.width * 0.8 ? 'mr-1.5 -translate-x-full' : 'ml-1.5'}`}
          style={{ left: `${(100 * s.x(at)) / BOX.width}%` }}
        >
          {where.toLowerCase()} · {rings}
        </span>
      </div>
      <ol aria-label="The next steps" className="hidden leading-tight lg:tall:block">
        {steps.map((step, i) => (
          <li key={i} className={i === 0 ? 'text-[1.1rem] font-semibold' : 'text-muted'}>
            {i === 0 ? 'Then: ' : 'After that: '}
            {stepLine(step)}
          </li>
        ))}
        {steps.length === 0 && <li className="text-muted">Last step</li>}
      </ol>
      <p className="figures leading-snug lg:tall:hidden">
        {where} · {rings}
        {steps[0] !== undefined && ` · then ${stepLine(steps[0]).toLowerCase()}`}
      </p>
    </section>
  )
}

/** The water of the whole wash, hands on as ink along its foot. */
function StripWater({ tide, label }: { tide: Tide; label: string }) {
  const s = scales([tide], BOX)
  return (
    <svg
      viewBox={`0 0 ${BOX.width} ${BOX.height}`}
      preserveAspectRatio="none"
      className="border-ink h-full w-full border"
      role="img"
      aria-label={label}
    >
      <rect width={BOX.width} height={BOX.height} fill="var(--sand)" />
      <path d={area(points(tide, 'lengths'), s, 0)} fill="var(--water)" />
      <path
        d={curve(points(tide, 'lengths'), s)}
        fill="none"
        stroke="var(--lengths)"
        strokeWidth="2"
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={curve(points(tide, 'roots'), s)}
        fill="none"
        stroke="var(--roots)"
        strokeWidth="1.6"
        strokeDasharray="6 3"
        vectorEffect="non-scaling-stroke"
      />
      <rect y={BOX.height - 5} width={BOX.width} height="5" fill="var(--paper)" />
      {tide.steps.map((step) => (
        <rect
          key={step.index}
          x={s.x(step.startMinute)}
          y={BOX.height - 5}
          width={Math.max(
            0,
            s.x(Math.min(step.endMinute, step.startMinute + step.handsOnMinutes)) - s.x(step.startMinute),
          )}
          height="5"
          fill="var(--ink)"
        />
      ))}
    </svg>
  )
}
