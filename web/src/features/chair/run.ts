import type { Run, StepDone, WashDay } from '../../api/types'
import { isObject } from '../../ui/useStored'

/** The chair's record: times, not ticks, so that it survives a reload, sleep and a restart of either side. */
export function recordOf(day: WashDay, stored: Run | undefined): Run {
  return stored !== undefined && (stored.revision ?? 0) >= day.runRevision
    ? stored
    : { steps: day.steps, finished: day.finishedAt !== undefined, revision: day.runRevision }
}

export function isRun(value: unknown): value is Run {
  return isObject(value) && Array.isArray(value['steps'])
}

/** The step hands are at: the one begun and not ended, else the first not recorded. */
export function currentIndex(run: Run, steps: number): number {
  const open = run.steps.find((step) => step.endedAt === undefined)
  if (open !== undefined) return open.index
  const done = new Set(run.steps.map((step) => step.index))
  for (let i = 0; i < steps; i++) if (!done.has(i)) return i
  return steps
}

/** With the step in hand begun now, if it was not. */
export function begun(run: Run, index: number, now: Date): Run {
  if (run.steps.some((step) => step.index === index)) return run
  return { ...run, steps: [...run.steps, { index, startedAt: now.toISOString() }] }
}

/** With the step ended now and the next begun. */
export function ended(run: Run, index: number, now: Date, last: number, skipped: boolean): Run {
  const steps: StepDone[] = begun(run, index, now).steps.map((step) =>
    step.index === index ? { ...step, endedAt: later(now, step.startedAt), skipped } : step,
  )
  if (index >= last) return { steps, finished: true }
  return begun({ ...run, steps }, index + 1, now)
}

/** One step back: the step in hand is forgotten, the one before runs again. */
export function back(run: Run, index: number): Run {
  const steps = run.steps
    .filter((step) => step.index < index)
    .map((step): StepDone =>
      step.index === index - 1 ? { index: step.index, startedAt: step.startedAt } : step,
    )
  return { steps, finished: false }
}

function later(now: Date, startedAt: string): string {
  return now.getTime() < Date.parse(startedAt) ? startedAt : now.toISOString()
}

/** Minutes since the first step was begun, 0 before. */
export function minutesSinceStart(run: Run, now: Date): number {
  const first = run.steps[0]
  return first === undefined ? 0 : Math.max(0, (now.getTime() - Date.parse(first.startedAt)) / 60_000)
}

export function minutesInStep(run: Run, index: number, now: Date): number {
  const step = run.steps.find((own) => own.index === index)
  return step === undefined ? 0 : Math.max(0, (now.getTime() - Date.parse(step.startedAt)) / 60_000)
}
