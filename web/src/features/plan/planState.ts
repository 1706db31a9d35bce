import type { Air, Goal, Limits, Routine, Schools, Step } from '../../api/types'
import { without } from '../../api/without'
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
  /** What was undone, next first, for doing it again. */
  future?: Routine[]
  /** Taken for today instead of the client's own. */
  schools?: Schools
  /** Typed in instead of what the instruments say. */
  air?: Air
  /** When the work begins, as "HH:MM": the tide is then read by the clock. */
  beginsAt?: string
}

type Asking = Pick<PlanDraft, 'goal' | 'limits' | 'schools' | 'air' | 'beginsAt'>

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

/** Without the older half of what could be undone, and what was undone; undefined where nothing is left to spare. */
export function shortened(draft: PlanDraft): PlanDraft | undefined {
  const { past, future } = draft
  if (past.length === 0 && future === undefined) return undefined
  return { ...without(draft, 'future'), past: past.slice(Math.ceil(past.length / 2)) }
}

function asking(draft: PlanDraft): Asking {
  const { goal, limits, schools, air, beginsAt } = draft
  return {
    goal,
    limits,
    ...(schools === undefined ? {} : { schools }),
    ...(air === undefined ? {} : { air }),
    ...(beginsAt === undefined ? {} : { beginsAt }),
  }
}

/** With the routine changed by hand, the one before kept for undoing. */
export function changed(draft: PlanDraft, from: Routine, to: Routine): PlanDraft {
  return { ...asking(draft), pick: draft.pick, routine: to, past: [...draft.past, from] }
}

/** `now` is what is on the water. */
export function undone(draft: PlanDraft, now: Routine): PlanDraft {
  const before = draft.past.at(-1)
  if (before === undefined) return draft
  const past = draft.past.slice(0, -1)
  const future = [now, ...(draft.future ?? [])]
  const plain = { ...asking(draft), pick: draft.pick, past, future }
  return past.length === 0 ? plain : { ...plain, routine: before }
}

export function redone(draft: PlanDraft, now: Routine): PlanDraft {
  const [next, ...future] = draft.future ?? []
  if (next === undefined) return draft
  return { ...asking(draft), pick: draft.pick, routine: next, past: [...draft.past, now], future }
}

/** What is asked for has changed: the search answers anew; what hands had made is one step back. */
export function asked(draft: PlanDraft, change: Partial<Asking>): PlanDraft {
  return { ...asking(draft), ...change, pick: 0, past: kept(draft) }
}

function kept(draft: PlanDraft): Routine[] {
  return draft.routine === undefined ? [] : [...draft.past, draft.routine]
}

/** The clock changes nothing that is asked for. */
export function begun(draft: PlanDraft, beginsAt: string): PlanDraft {
  return { ...draft, beginsAt }
}

export function picked(draft: PlanDraft, pick: number): PlanDraft {
  return { ...asking(draft), pick, past: kept(draft) }
}

export function withStep(routine: Routine, index: number, step: Step): Routine {
  return { ...routine, steps: routine.steps.map((own, i) => (i === index ? step : own)) }
}

export function withoutStep(routine: Routine, index: number): Routine {
  return { ...routine, steps: routine.steps.filter((_, i) => i !== index) }
}

export function inserted(routine: Routine, index: number, step: Step): Routine {
  return { ...routine, steps: [...routine.steps.slice(0, index), step, ...routine.steps.slice(index)] }
}

/** With a step moved to another place; unchanged where there is none. */
export function movedStep(routine: Routine, index: number, to: number): Routine {
  const steps = [...routine.steps]
  const [step] = steps.splice(index, 1)
  if (step === undefined || to < 0 || to > steps.length) return routine
  steps.splice(to, 0, step)
  return { ...routine, steps }
}

/** A step and the one after it, done section by section. */
export function grouped(routine: Routine, index: number): Routine {
  const [first, second] = routine.steps.slice(index, index + 2)
  if (first === undefined || second === undefined) return routine
  const inner = [first, second].flatMap((step) => step.steps ?? [own(step)])
  const frame: Step = {
    action: 'EACH_SECTION',
    sections: Math.max(2, first.sections ?? second.sections ?? 4),
    steps: inner,
  }
  return { ...routine, steps: [...routine.steps.slice(0, index), frame, ...routine.steps.slice(index + 2)] }
}

/** Minutes inside a section are that section's: the whole head's no longer fit. */
function own(step: Step): Step {
  return without(step, 'sections', 'minutes')
}

/** The steps of a section, done on the whole head one after the other. */
export function ungrouped(routine: Routine, index: number): Routine {
  const frame = routine.steps[index]
  if (frame?.steps === undefined) return routine
  const { sections } = frame
  const opened = frame.steps.map((step) => {
    const rest = without(step, 'minutes')
    return sections === undefined ? rest : { ...rest, sections }
  })
  return {
    ...routine,
    steps: [...routine.steps.slice(0, index), ...opened, ...routine.steps.slice(index + 1)],
  }
}
