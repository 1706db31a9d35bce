import { memo, useMemo } from 'react'
import type { Amount, Finding, Routine, Tide } from '../api/types'
import { minutesText, shortName } from '../api/words'
import { Sand } from './Sand'
import { Strips } from './Strips'
import { WaterOver, WaterUnder } from './StillWater'
import { fitLabels, scales, type Box } from './tideGeometry'
import { useWidth } from './useWidth'

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

/** Water over time: minutes across, wetness down the side, every step hung where the water will be at its turn. */
export const TideChart = memo(function TideChart(props: TideChartProps) {
  const { tide, routine, amounts, findings, selected, actual, nowMinute, height, beginsAt } = props
  const [ref, measured] = useWidth(1200)
  const width = props.printed === true ? PAPER : measured
  const narrow = width < 560
  const box = useMemo<Box>(
    () => ({
      width,
      height,
      left: narrow ? 30 : 52,
      right: narrow ? 12 : 24,
      top: 46,
      bottom: narrow ? 34 : 38,
    }),
    [width, height, narrow],
  )
  const s = useMemo(() => scales(actual === undefined ? [tide] : [tide, actual], box), [tide, actual, box])
  const loud = useMemo(
    () => new Set(findings.filter((f) => f.severity !== 'NOTE').map((f) => f.step)),
    [findings],
  )
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
  return (
    <div ref={ref} className="relative [contain:inline-size]" style={{ height }}>
      <Sand box={box} />
      <svg width={width} height={height} className="relative block" role="img" aria-label={summary(tide)}>
        <WaterUnder tide={tide} s={s} box={box} narrow={narrow} />
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
        <WaterOver
          tide={tide}
          actual={actual}
          amounts={amounts}
          loud={loud}
          s={s}
          box={box}
          narrow={narrow}
          beginsAt={beginsAt}
          dryBy={props.dryBy}
          eventName={props.event?.name}
          eventMinute={props.event?.minute}
        />
        {nowMinute !== undefined && <Now x={s.x(Math.min(nowMinute, s.lastMinute))} box={box} />}
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
})

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
