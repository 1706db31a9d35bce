import type { ChairRecord, StepTimer, WaterTimer } from '../../api/types'

/** A clock on the screen. */
export type Clock = {
  key: string
  name: string
  /** When it rings, in ms of the day's clock; for a beat the next tick. */
  until: number
  /** When it began. */
  since: number
  /** Seconds from tick to tick; undefined for a clock that ends. */
  every: number | undefined
  /** Ticks so far. */
  beats: number
  /** Where the water decides, the moment is an estimate. */
  isEstimate: boolean
}

const MINUTE = 60_000

/** The clocks that run now: those of steps begun and not yet ended by what ends them, and those of the water. */
export function clocks(
  timers: readonly StepTimer[],
  water: readonly WaterTimer[],
  record: ChairRecord,
  now: Date,
): Clock[] {
  const answered = new Set(record.answered)
  const open = [
    ...timers.flatMap((timer) => ofStep(timer, record, now)),
    ...water.flatMap((timer) => ofWater(timer, record, now)),
  ]
  return open.filter((clock) => !answered.has(clock.key)).sort((a, b) => a.until - b.until)
}

function ofStep(timer: StepTimer, record: ChairRecord, now: Date): Clock[] {
  const step = record.steps.find((own) => own.index === timer.step)
  if (step === undefined || step.skipped || record.finishedAt !== undefined) return []
  const isOver =
    timer.untilStep === undefined
      ? step.endedAt !== undefined
      : record.steps.some((own) => own.index === timer.untilStep)
  if (isOver) return []
  const rested = timer.restsInPause ? pausedMs(record, step.startedAt, step.endedAt, now) : 0
  const since = Date.parse(step.startedAt) + rested
  const every = timer.everySeconds
  if (every === undefined) {
    return [
      { ...named(timer), since, until: since + timer.minutes * MINUTE, every, beats: 0, isEstimate: false },
    ]
  }
  const beats = Math.max(0, Math.floor((now.getTime() - since) / (every * 1000)))
  return [
    { ...named(timer), since, until: since + (beats + 1) * every * 1000, every, beats, isEstimate: false },
  ]
}

function ofWater(timer: WaterTimer, record: ChairRecord, now: Date): Clock[] {
  if (record.startedAt === undefined || record.finishedAt !== undefined) return []
  const start = Date.parse(record.startedAt)
  const since = start + timer.fromMinute * MINUTE
  const until = start + timer.untilMinute * MINUTE
  const isPast = record.steps.some((step) => Date.parse(step.startedAt) > until)
  if (since > now.getTime() || isPast) return []
  return [{ ...named(timer), since, until, every: undefined, beats: 0, isEstimate: true }]
}

/** How long hands were off between two moments, in ms. */
export function pausedMs(record: ChairRecord, from: string, to: string | undefined, now: Date): number {
  const begin = Date.parse(from)
  const end = to === undefined ? now.getTime() : Date.parse(to)
  return record.pauses.reduce((sum, pause) => {
    const own = Math.min(end, pause.to === undefined ? now.getTime() : Date.parse(pause.to))
    return sum + Math.max(0, own - Math.max(begin, Date.parse(pause.from)))
  }, 0)
}

function named({ key, name }: { key: string; name: string }) {
  return { key, name }
}

/** Whole seconds as "4:05", as "+0:12" past the end. */
export function countdown(ms: number): string {
  const over = ms < 0
  const seconds = over ? Math.floor(-ms / 1000) : Math.ceil(ms / 1000)
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  return over ? `+${text}` : text
}
