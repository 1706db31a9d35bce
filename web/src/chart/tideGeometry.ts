import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { StepTide, Tide } from '../api/types'

export type Box = { width: number; height: number; left: number; right: number; top: number; bottom: number }

export type Scales = {
  x: (minute: number) => number
  y: (percent: number) => number
  ticks: readonly number[]
  /** Where the time scale changes, in minutes; undefined where it runs evenly. */
  breakAt: number | undefined
  lastMinute: number
}

/** Share of the width that the work keeps when a long wait follows it. */
const WORK_SHARE = 0.72

/** Minutes across at the least: an empty or very short routine is no reason to count seconds. */
const SHORTEST = 5

/** Scales for one or two tides. A long wait at the end is drawn closer, so that the work stays readable. */
export function scales(tides: readonly Tide[], box: Box): Scales {
  const lastMinute = Math.max(SHORTEST, ...tides.map(endOf))
  const handsEnd = Math.max(1, ...tides.map(handsEndOf))
  const from = box.left
  const to = box.width - box.right
  const broken = handsEnd < lastMinute * WORK_SHARE && lastMinute - handsEnd > 20
  const x = broken
    ? scaleLinear([0, handsEnd, lastMinute], [from, from + WORK_SHARE * (to - from), to])
    : scaleLinear([0, lastMinute], [from, to])
  const y = scaleLinear([100, 0], [box.top, box.height - box.bottom])
  // Nobody counts halves of a minute.
  const evenTicks = scaleLinear([0, broken ? handsEnd : lastMinute], [0, 1])
    .ticks(Math.max(3, Math.floor((to - from) / 110)))
    .filter(Number.isInteger)
  const ticks = broken
    ? apart(
        [
          ...evenTicks.filter((t) => x(t) < x(handsEnd) - 30),
          ...scaleLinear([handsEnd, lastMinute], [0, 1])
            .ticks(3)
            .filter((t) => t > handsEnd && t < lastMinute),
          lastMinute,
        ],
        x,
      )
    : evenTicks
  return { x: (m) => x(m), y: (p) => y(p), ticks, breakAt: broken ? handsEnd : undefined, lastMinute }
}

/** As wide as a moment is written, px. */
const MOMENT_WIDTH = 46

/** Those that can be read beside each other; the last one stays. */
function apart(ticks: readonly number[], x: (minute: number) => number): number[] {
  const last = ticks.at(-1) ?? 0
  const kept: number[] = []
  for (const tick of ticks) {
    const before = kept.at(-1)
    const isClear = before === undefined || x(tick) - x(before) >= MOMENT_WIDTH
    if (tick === last || (isClear && x(last) - x(tick) >= MOMENT_WIDTH)) kept.push(tick)
  }
  return kept
}

function endOf(tide: Tide): number {
  return tide.steps.at(-1)?.endMinute ?? tide.minutes.at(-1) ?? 0
}

/** When hands are last busy before the longest wait. */
function handsEndOf(tide: Tide): number {
  let longest: StepTide | undefined
  for (const step of tide.steps) {
    const wait = step.endMinute - step.startMinute - step.handsOnMinutes
    if (longest === undefined || wait > longest.endMinute - longest.startMinute - longest.handsOnMinutes)
      longest = step
  }
  if (longest === undefined || longest.endMinute - longest.startMinute - longest.handsOnMinutes < 20)
    return endOf(tide)
  return Math.max(1, longest.startMinute)
}

type Point = readonly [number, number]

/** Minute and percent of one of the waters, thinned to what a screen can show. */
export function points(tide: Tide, water: 'lengths' | 'roots'): Point[] {
  const every = Math.max(1, Math.floor(tide.minutes.length / 900))
  return tide.minutes.flatMap((minute, i): Point[] =>
    i % every === 0 || i === tide.minutes.length - 1 ? [[minute, tide[water][i] ?? 0]] : [],
  )
}

export function curve(of: readonly Point[], s: Scales): string {
  return (
    line<Point>(
      (p) => s.x(p[0]),
      (p) => s.y(p[1]),
    ).curve(curveMonotoneX)([...of]) ?? ''
  )
}

/** The curve closed along the bottom or the top of the water. */
export function area(of: readonly Point[], s: Scales, toPercent: number): string {
  const first = of[0]
  const last = of.at(-1)
  if (first === undefined || last === undefined) return ''
  return `${curve(of, s)}L${s.x(last[0])},${s.y(toPercent)}L${s.x(first[0])},${s.y(toPercent)}Z`
}

/** Water at a moment, by straight line between whole minutes. */
export function waterAt(tide: Tide, water: 'lengths' | 'roots', minute: number): number {
  const values = tide[water]
  const last = values.length - 1
  if (last < 0) return 0
  const at = Math.min(Math.max(0, minute), last)
  const low = values[Math.floor(at)] ?? 0
  const high = values[Math.ceil(at)] ?? low
  return low + (at - Math.floor(at)) * (high - low)
}

export type Label = { index: number; x: number; text: string | undefined }

type Named = { index: number; x: number; width: number; text: string; wanted: boolean }

/**
 * Which step names fit along the top: the one in hand first, then the longest steps; the rest keep their number where
 * there is room for it.
 */
export function fitLabels(steps: readonly Named[], right: number, letter: number): Label[] {
  const taken: [number, number][] = []
  const isFree = (from: number, to: number) => to <= right && taken.every(([a, b]) => to <= a || from >= b)
  const labels: Label[] = []
  const byNeed = [...steps].sort((a, b) => Number(b.wanted) - Number(a.wanted) || b.width - a.width)
  for (const step of byNeed) {
    const number = String(step.index + 1).length * letter + 9
    const words = number + step.text.length * letter + 10
    const hasWords = isFree(step.x, step.x + words)
    if (!hasWords && !isFree(step.x, step.x + number)) continue
    taken.push([step.x, step.x + (hasWords ? words : number)])
    labels.push({ index: step.index, x: step.x, text: hasWords ? step.text : undefined })
  }
  return labels
}
