import { memo } from 'react'
import type { Amount, Tide } from '../api/types'
import { momentText, wetnessWord } from '../api/words'
import { DryBy } from './DryBy'
import { Flags } from './Flags'
import { Posts } from './Posts'
import { TimeScale } from './TimeScale'
import { area, curve, points, waterAt, type Box, type Scales } from './tideGeometry'
import { WaitingFan } from './WaitingFan'

/** Where a line is drawn for a kind of wetness, and where it ends, percent. */
const BANDS = [
  [75, 90],
  [60, 75],
  [35, 60],
  [10, 35],
] as const

type UnderProps = { tide: Tide; s: Scales; box: Box; narrow: boolean }

/** What lies under the steps: the water filled, and what each height of it is called. Drawn anew only with the water. */
export const WaterUnder = memo(function WaterUnder({ tide, s, box, narrow }: UnderProps) {
  const { width } = box
  // A flag near the right edge takes the place of the word it would stand on.
  const isFlagged = (percent: number) =>
    tide.marks.some((mark) => {
      const at = tide.lengths[Math.round(mark.minute)] ?? 0
      return s.x(mark.minute) > width - box.right - 78 && Math.abs(s.y(at) - 34 - s.y(percent)) < 26
    })
  return (
    <>
      <Defs />
      <path d={area(points(tide, 'roots'), s, 0)} fill="var(--shallow)" />
      <path d={area(points(tide, 'lengths'), s, 0)} fill="url(#deep)" />
      {BANDS.map(([from, to]) => (
        <g key={from} className="figures" fontSize={narrow ? 10 : 12}>
          <line
            x1={box.left}
            x2={width - box.right}
            y1={s.y(from)}
            y2={s.y(from)}
            stroke="var(--line)"
            strokeDasharray="1 5"
          />
          <text x={box.left - 7} y={s.y(from) + 4} textAnchor="end" fill="var(--ink)">
            {from}
          </text>
          {!narrow && !isFlagged((from + to) / 2) && (
            <text
              x={width - box.right - 6}
              y={s.y((from + to) / 2) + 4}
              textAnchor="end"
              fill="var(--muted)"
              fontWeight={500}
            >
              {wetnessWord(from)}
            </text>
          )}
        </g>
      ))}
      <text
        x={box.left - 7}
        y={box.top + 5}
        textAnchor="end"
        className="figures"
        fontSize={narrow ? 10 : 12}
        fill="var(--ink)"
      >
        100
      </text>
    </>
  )
})

type OverProps = {
  tide: Tide
  actual: Tide | undefined
  amounts: readonly Amount[]
  loud: ReadonlySet<number | undefined>
  s: Scales
  box: Box
  narrow: boolean
  beginsAt: string | undefined
  dryBy: number | undefined
  eventName: string | undefined
  eventMinute: number | undefined
}

/** What lies over them: both lines, posts, flags and the border of time. */
export const WaterOver = memo(function WaterOver(props: OverProps) {
  const { tide, actual, amounts, loud, s, box, narrow, beginsAt, dryBy, eventName, eventMinute } = props
  const { width } = box
  return (
    <>
      <path
        d={curve(points(tide, 'roots'), s)}
        fill="none"
        stroke="var(--roots)"
        strokeWidth={1.8}
        strokeDasharray="7 4"
      />
      <path d={curve(points(tide, 'lengths'), s)} fill="none" stroke="var(--lengths)" strokeWidth={2.6} />
      {actual !== undefined && (
        <>
          <path
            d={curve(points(actual, 'roots'), s)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.1}
            strokeDasharray="7 4"
          />
          <path
            d={curve(points(actual, 'lengths'), s)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={1.6}
            strokeDasharray="1.5 3"
            strokeLinecap="round"
          />
        </>
      )}
      <WaterNames tide={tide} s={s} posts={amounts.map((a) => tide.steps[a.step]?.startMinute ?? 0)} />
      <WaitingFan tide={tide} s={s} />
      <Posts tide={tide} amounts={amounts} loud={loud} s={s} />
      <Flags
        marks={tide.marks}
        tide={tide}
        s={s}
        right={width - box.right}
        narrow={narrow}
        beginsAt={beginsAt}
      />
      {dryBy !== undefined && (
        <DryBy minute={dryBy} text={`dry by ${momentText(dryBy, beginsAt)}`} row={0} s={s} box={box} />
      )}
      {eventName !== undefined && eventMinute !== undefined && (
        <DryBy minute={eventMinute} text={eventName} row={1} s={s} box={box} />
      )}
      <TimeScale tide={tide} s={s} box={box} beginsAt={beginsAt} />
    </>
  )
})

function Defs() {
  return (
    <defs>
      <linearGradient id="deep" x1="0" y1="0" x2="0" y2="1">
        <stop offset="0" stopColor="var(--paper)" />
        <stop offset="1" stopColor="var(--water)" />
      </linearGradient>
    </defs>
  )
}

/** Each line named on itself, where the two stand well apart. */
type WaterNamesProps = {
  tide: Tide
  s: Scales
  /** Minutes at which a post stands in the water. */
  posts: readonly number[]
}

function WaterNames({ tide, s, posts }: WaterNamesProps) {
  const apart = (minute: number, from: number, to: number) => (other: number) =>
    s.x(other) < s.x(minute) + from || s.x(other) > s.x(minute) + to
  const widest = (isClear: (minute: number) => boolean) => {
    let found = { minute: 0, gap: 0 }
    tide.minutes.forEach((minute, i) => {
      const gap = (tide.roots[i] ?? 0) - (tide.lengths[i] ?? 0)
      const inside = s.x(minute) > s.x(0) + 70 && s.x(minute) < s.x(s.lastMinute) - 80
      // "lengths" stands to the left of the place, "roots" to the right
      if (inside && gap > found.gap && posts.every(apart(minute, -62, 45)) && isClear(minute))
        found = { minute, gap }
    })
    return found
  }
  // A flag's words go to either side of it, a little above its foot.
  const flags = tide.marks.map((mark) => ({
    x: s.x(mark.minute),
    y: s.y(waterAt(tide, mark.what === 'ROOTS_DRY' ? 'roots' : 'lengths', mark.minute)) - 20,
  }))
  const free = widest((minute) => {
    const names = [s.y(waterAt(tide, 'roots', minute)) - 12, s.y(waterAt(tide, 'lengths', minute)) + 13]
    return flags.every(
      ({ x, y }) => Math.abs(x - s.x(minute)) > 115 || names.every((name) => Math.abs(name - y) > 16),
    )
  })
  const best = free.gap < 6 ? widest(() => true) : free
  if (best.gap < 6) return null
  const lengths = tide.lengths[best.minute] ?? 0
  const roots = tide.roots[best.minute] ?? 0
  return (
    <g className="figures" fontSize={13} paintOrder="stroke" strokeWidth={3}>
      <text x={s.x(best.minute) + 9} y={s.y(roots) - 7} fill="var(--roots)" stroke="var(--sand)">
        roots
      </text>
      <text
        x={s.x(best.minute) - 9}
        y={s.y(lengths) + 18}
        textAnchor="end"
        fill="var(--lengths)"
        stroke="var(--paper)"
      >
        lengths
      </text>
    </g>
  )
}
