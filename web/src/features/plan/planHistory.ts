import type { Air, Goal, Limits, Routine, Schools, WashDay } from '../../api/types'
import { without } from '../../api/without'
import { isObject } from '../../ui/useStored'

/** What stands on the plan at one moment: what is asked for, and the routine once a hand has changed it. */
export type Standing = {
  goal: Goal
  limits: Limits
  /** Which suggestion is open, from 0. */
  pick: number
  /** Undefined while the suggestion stands as it is. */
  routine?: Routine
  /** Taken for today instead of the client's own. */
  schools?: Schools
  /** Typed in instead of what the instruments say. */
  air?: Air
  /** Without what the log has taught of this head. */
  byTheBook?: boolean
  /** When the work begins, as "HH:MM": the tide is then read by the clock. */
  beginsAt?: string
  /** The step whose panel was open when this was left for something else, from 0. */
  selected?: number
}

/** A plan under way on this device, with one history for everything on it. */
export type PlanDraft = Standing & {
  /** What stood before, oldest first. */
  past: Standing[]
  /** What was undone, next first. */
  future?: Standing[]
}

export type Asking = Pick<Standing, 'goal' | 'limits' | 'schools' | 'air' | 'beginsAt' | 'byTheBook'>

/** As many can be undone [OURS: what a browser keeps and writes within a blink]. */
const MOST_PAST = 60

export const USUAL_GOAL: Goal = { definition: 2, volume: 2, length: 0, softness: 1, longevity: 1 }
export const USUAL_LIMITS: Limits = { minutes: 120 }

export function isPlanDraft(value: unknown): value is PlanDraft {
  return (
    isObject(value) && isStanding(value) && Array.isArray(value['past']) && value['past'].every(isStanding)
  )
}

/** Puts a routine on a client's plan as it stands on this device, whatever stood there. */
export function putOnPlan(client: number, day: Pick<WashDay, 'goal' | 'limits' | 'schools' | 'routine'>) {
  const { goal, limits = USUAL_LIMITS, schools, routine } = day
  const draft: PlanDraft = {
    goal,
    limits,
    pick: 0,
    routine,
    past: [],
    ...(schools === undefined ? {} : { schools }),
  }
  localStorage.setItem(planKey(client), JSON.stringify(draft))
}

/** Where the plan of a client is kept on this device. */
export function planKey(client: number): string {
  return `plan:${client}`
}

function isStanding(value: unknown): boolean {
  return (
    isObject(value) &&
    isObject(value['goal']) &&
    isObject(value['limits']) &&
    typeof value['pick'] === 'number'
  )
}

/** Without the older half of what could be undone, and what was undone; undefined where nothing is left to spare. */
export function shortened(draft: PlanDraft): PlanDraft | undefined {
  const { past, future } = draft
  if (past.length === 0 && future === undefined) return undefined
  return { ...without(draft, 'future'), past: past.slice(Math.ceil(past.length / 2)) }
}

function standing(draft: PlanDraft): Standing {
  return without(draft, 'past', 'future')
}

/** Something else stands from now on; what stood is one step back. */
function next(draft: PlanDraft, to: Standing, selected: number | undefined): PlanDraft {
  return { ...without(to, 'selected'), past: [...draft.past, left(draft, selected)].slice(-MOST_PAST) }
}

/** The routine as hands have it now. */
export function changed(draft: PlanDraft, to: Routine, selected?: number): PlanDraft {
  return next(draft, { ...standing(draft), routine: to }, selected)
}

/** What is asked for has changed: the search answers anew. */
export function asked(draft: PlanDraft, change: Partial<Asking>, selected?: number): PlanDraft {
  return next(draft, { ...without(standing(draft), 'routine'), ...change, pick: 0 }, selected)
}

/** What the instruments say instead of what was typed. */
export function asInstrumentsSay(draft: PlanDraft, selected?: number): PlanDraft {
  return next(draft, { ...without(standing(draft), 'routine', 'air'), pick: 0 }, selected)
}

/** The clock changes nothing that is asked for. */
export function begun(draft: PlanDraft, beginsAt: string, selected?: number): PlanDraft {
  return next(draft, { ...standing(draft), beginsAt }, selected)
}

/** A suggestion as it was made. */
export function picked(draft: PlanDraft, pick: number, selected?: number): PlanDraft {
  return next(draft, { ...without(standing(draft), 'routine'), pick }, selected)
}

export function undone(draft: PlanDraft, selected?: number): PlanDraft {
  const before = draft.past.at(-1)
  if (before === undefined) return draft
  return {
    ...before,
    past: draft.past.slice(0, -1),
    future: [left(draft, selected), ...(draft.future ?? [])],
  }
}

export function redone(draft: PlanDraft, selected?: number): PlanDraft {
  const [again, ...future] = draft.future ?? []
  if (again === undefined) return draft
  return { ...again, past: [...draft.past, left(draft, selected)], future }
}

function left(draft: PlanDraft, selected: number | undefined): Standing {
  const plain = without(standing(draft), 'selected')
  return selected === undefined ? plain : { ...plain, selected }
}
