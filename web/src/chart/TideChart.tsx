import type { Amount, Finding, Routine, Tide } from '../api/types'
import { minutesText, momentText, shortName } from '../api/words'
import { Flags } from './Flags'
import { DryBy } from './DryBy'
import { Posts } from './Posts'
import { Sand } from './Sand'
import { Strips } from './Strips'
import { TimeScale } from './TimeScale'
import { area, curve, fitLabels, points, scales, type Box, waterAt } from './tideGeometry'
import { useWidth } from './useWidth'
import { WaitingFan } from './WaitingFan'

type TideChartProps = {
  tide: Tide
  routine: Routine
  amounts: readonly Amount[]
  findings: readonly Finding[]
  /** Index of the step in hand. */
  selected?: number | undefined
  onSelect?: ((index: number) => void) | undefined
  /** Takes a step along the water to another one's place. */
  onMove?: ((from: number, to: number) => void) | undefined
  /** What was really done, drawn thin over the plan. */
  actual?: Tide | undefined
  /** Minutes since the start; draws where we are. */
  nowMinute?: number | undefined
  /** When minute 0 is, as "HH:MM"; times are then read by the clock. */
  beginsAt?: string | undefined
  /** The minute by which hair must be dry. */
  dryBy?: number | undefined
  /** What the hair is done for, and how many minutes after the start. */
  event?: { name: string; minute: number } | undefined
  /** Pixels. */
  height: number
  /** For paper, where nothing measures the width. */
  printed?: boolean
}

/** Width of the drawing on paper, in its own pixels. */
const PAPER = 760

/** Where a kind of wetness begins, its word, and where it ends. */
const BANDS = [
  [75, 'soaking', 90],
  [60, 'wet', 75],
  [35, 'damp', 60],
  [10, 'nearly dry', 35],
] as const

/** Water over time: minutes across, wetness down the side, every step hung where the water will be at its turn. */
export function TideChart(props: TideChartProps) {
  const { tide, routine, amounts, findings, selected, actual, nowMinute, height, beginsAt } = props
  const [ref, measured] = useWidth(1200)
  const width = props.printed === true ? PAPER : measured
  const narrow = width < 560
  const box: Box = {
    width,
    height,
    left: narrow ? 30 : 52,
    right: narrow ? 12 : 24,
    top: 46,
    bottom: narrow ? 34 : 38,
  }
  const s = scales(actual === undefined ? [tide] : [tide, actual], box)
  const lengths = points(tide, 'lengths')
  const roots = points(tide, 'roots')
  const loud = new Set(findings.filter((f) => f.severity !== 'NOTE').map((f) => f.step))
  const labels = fitLabels(
    tide.steps.map((step) => ({
      index: step.index,
      x: s.x(step.startMinute),
      width: s.x(step.endMinute) - s.x(step.startMinute),
      text: lower(nameOf(routine, step.index)),
      wanted: step.index === selected,
    })),
    width - box.right,
    narrow ? 5.4 : 6.1,
  )
  // A flag near the right edge takes the place of the word it would stand on.
  const isFlagged = (percent: number) =>
    tide.marks.some((mark) => {
      const at = tide.lengths[Math.round(mark.minute)] ?? 0
      return s.x(mark.minute) > width - box.right - 78 && Math.abs(s.y(at) - 34 - s.y(percent)) < 26
    })
  return (
    <div ref={ref} className="relative [contain:inline-size]" style={{ height }}>
      <Sand box={box} />
      <svg width={width} height={height} className="relative block" role="img" aria-label={summary(tide)}>
        <Defs />
        <path d={area(roots, s, 0)} fill="var(--shallow)" />
        <path d={area(lengths, s, 0)} fill="url(#deep)" />
        {BANDS.map(([from, word, to]) => (
          <g key={word} className="figures" fontSize={narrow ? 10 : 12}>
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
                {word}
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
        {tide.steps.map((step) => (
          <line
            key={step.index}
            x1={s.x(step.startMinute)}
            x2={s.x(step.startMinute)}
            y1={box.top - 8}
            y2={height - box.bottom}
            stroke={step.index === selected ? 'var(--ink)' : 'var(--line)'}
            strokeDasharray={step.index === selected ? '' : '2 4'}
          />
        ))}
        <path d={curve(roots, s)} fill="none" stroke="var(--roots)" strokeWidth={1.8} strokeDasharray="7 4" />
        <path d={curve(lengths, s)} fill="none" stroke="var(--lengths)" strokeWidth={2.6} />
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
        {props.dryBy !== undefined && (
          <DryBy
            minute={props.dryBy}
            text={`dry by ${momentText(props.dryBy, beginsAt)}`}
            row={0}
            s={s}
            box={box}
          />
        )}
        {props.event !== undefined && (
          <DryBy minute={props.event.minute} text={props.event.name} row={1} s={s} box={box} />
        )}
        {nowMinute !== undefined && <Now x={s.x(Math.min(nowMinute, s.lastMinute))} box={box} />}
        <TimeScale tide={tide} s={s} box={box} beginsAt={beginsAt} />
        <g className="figures" fontSize={narrow ? 11 : 13} fill="var(--ink)">
          {labels.map((label) => (
            <text key={label.index} x={label.x + 2} y={17} fontWeight={label.index === selected ? 700 : 600}>
              <tspan fill={loud.has(label.index) ? 'var(--caution)' : 'var(--ink)'}>{label.index + 1}</tspan>
              {label.text !== undefined && <tspan dx={5}>{label.text}</tspan>}
            </text>
          ))}
        </g>
      </svg>
      {props.onSelect !== undefined && (
        <Strips
          tide={tide}
          routine={routine}
          amounts={amounts}
          findings={findings}
          selected={selected}
          onSelect={props.onSelect}
          onMove={props.onMove}
          s={s}
          box={box}
        />
      )}
    </div>
  )
}

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
  s: ReturnType<typeof scales>
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

function Now({ x, box }: { x: number; box: Box }) {
  return (
    <g>
      <line
        x1={x}
        x2={x}
        y1={box.top - 12}
        y2={box.height - box.bottom}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <path d={`M${x - 6} ${box.top - 14}h12l-6 8z`} fill="var(--ink)" />
    </g>
  )
}

function nameOf(routine: Routine, index: number): string {
  const step = routine.steps[index]
  return step === undefined ? '' : shortName(step)
}

function lower(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1)
}

function summary(tide: Tide): string {
  const dry = tide.marks.find((m) => m.what === 'ROOTS_DRY')
  const end = minutesText(tide.steps.at(-1)?.endMinute ?? 0)
  return `Tide: ${tide.steps.length} steps over ${end}. ${dry === undefined ? 'Roots are not dry at the end.' : `Roots are dry after ${minutesText(dry.minute)}.`}`
}
