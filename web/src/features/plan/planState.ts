import type { Goal, Limits, Routine, Step } from '../../api/types'
import { isObject } from '../../ui/useStored'

/** A plan under way on this device: what is asked for, and the routine once a hand has changed it. */
export type PlanDraft = {
  goal: Goal
  limits: Limits
  /** Which suggestion is open, from 0. */
  pick: number
  /** Undefined while the suggestion stands as it is. */
  routine?: Routine
  /** Earlier routines, oldest first, for undoing. */
  past: Routine[]
}

export const USUAL_GOAL: Goal = { definition: 2, volume: 2, length: 0, softness: 1, longevity: 1 }
export const USUAL_LIMITS: Limits = { minutes: 120 }

export function isPlanDraft(value: unknown): value is PlanDraft {
  return (
    isObject(value) &&
    isObject(value['goal']) &&
    isObject(value['limits']) &&
    typeof value['pick'] === 'number' &&
    Array.isArray(value['past'])
  )
}

/** With the routine changed by hand, the one before kept for undoing. */
export function changed(draft: PlanDraft, from: Routine, to: Routine): PlanDraft {
  return { ...draft, routine: to, past: [...draft.past, from] }
}

export function undone(draft: PlanDraft): PlanDraft {
  const before = draft.past.at(-1)
  if (before === undefined) return draft
  const past = draft.past.slice(0, -1)
  const { goal, limits, pick } = draft
  return past.length === 0 ? { goal, limits, pick, past } : { goal, limits, pick, past, routine: before }
}

/** What is asked for has changed: the search answers anew. */
export function asked(draft: PlanDraft, change: Partial<Pick<PlanDraft, 'goal' | 'limits'>>): PlanDraft {
  return { goal: draft.goal, limits: draft.limits, ...change, pick: 0, past: [] }
}

export function picked(draft: PlanDraft, pick: number): PlanDraft {
  return { goal: draft.goal, limits: draft.limits, pick, past: [] }
}

export function withStep(routine: Routine, index: number, step: Step): Routine {
  return { ...routine, steps: routine.steps.map((own, i) => (i === index ? step : own)) }
}

export function withoutStep(routine: Routine, index: number): Routine {
  return { ...routine, steps: routine.steps.filter((_, i) => i !== index) }
}

/** With a step moved by one place; unchanged at either end. */
export function movedStep(routine: Routine, index: number, by: -1 | 1): Routine {
  const steps = [...routine.steps]
  const [step] = steps.splice(index, 1)
  const to = index + by
  if (step === undefined || to < 0 || to > steps.length) return routine
  steps.splice(to, 0, step)
  return { ...routine, steps }
}
