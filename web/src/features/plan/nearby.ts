import type { Setting } from '../../api/queries'
import type { Goal, Limits } from '../../api/types'
import { without } from '../../api/without'
import { TOOLS, WISHES, type Wish } from '../../api/words'

const MOST = 3
const STEP_MINUTES = 15
/** As short as a tap makes the time, ours. */
export const LEAST_MINUTES = 30
const MOST_MINUTES = 1440

/** Frizz counts as definition does where nothing is said of it. */
export function degree(goal: Goal, wish: Wish): number {
  return wish === 'lowFrizz' ? (goal.lowFrizz ?? goal.definition) : goal[wish]
}

export function wished(goal: Goal, wish: Wish, degreeWanted: number): Goal {
  return { ...goal, [wish]: degreeWanted }
}

/** A quarter of an hour more or less, within a day. */
export function minutesBy(minutes: number, steps: number): number {
  return Math.min(MOST_MINUTES, Math.max(LEAST_MINUTES, minutes + steps * STEP_MINUTES))
}

/** The limits that may be set or not, each with what one tap changes it by and where it begins. */
export const LIMITS = {
  mustBeDryBy: {
    step: STEP_MINUTES,
    least: 15,
    most: MOST_MINUTES,
    begins: (limits: Limits) => limits.minutes,
  },
  chairMinutes: {
    step: STEP_MINUTES,
    least: 15,
    most: MOST_MINUTES,
    begins: (limits: Limits) => limits.minutes,
  },
  maxCostCents: { step: 50, least: 50, most: 100_000, begins: () => 500 },
} as const

export type Limit = keyof typeof LIMITS

const LIMIT_NAMES = Object.keys(LIMITS) as Limit[]

/** A step more or less of a limit, on the round figures; where none is set the one it begins with. */
export function limitBy(limits: Limits, limit: Limit, steps: number): Limits {
  const { step, least, most, begins } = LIMITS[limit]
  const now = limits[limit]
  if (now === undefined) return { ...limits, [limit]: begins(limits) }
  const next = (steps > 0 ? Math.floor(now / step) : Math.ceil(now / step)) * step + steps * step
  return { ...limits, [limit]: Math.min(most, Math.max(least, next)) }
}

export type OwnedTool = NonNullable<Limits['tools']>[number]

export function toolsHere(limits: Limits): OwnedTool[] {
  return limits.tools ?? TOOLS.map((tool) => tool.value)
}

/** With just these tools here, always in the same order; with all of them nothing is said of tools. */
export function withTools(limits: Limits, here: readonly OwnedTool[]): Limits {
  const tools = TOOLS.map((tool) => tool.value).filter((tool) => here.includes(tool))
  return tools.length === TOOLS.length ? without(limits, 'tools') : { ...limits, tools }
}

/** What a tap turns: one wish, or one limit. */
export type Turned = Wish | 'minutes' | Limit

/** A question one tap away. */
type Near = { turned: Turned; setting: Setting }

/**
 * The questions most taps come to: a wish or the time one step on, and a limit that is set. What is farther is asked
 * when it is tapped.
 *
 * @param last what was turned last: who steps a limit likely steps it again, so that comes first
 */
export function nearby(setting: Setting, last?: Turned): Setting[] {
  const near = [...wishesNearby(setting), ...minutesNearby(setting), ...limitsNearby(setting)]
  return [
    ...near.filter(({ turned }) => turned === last),
    ...near.filter(({ turned }) => turned !== last),
  ].map((one) => one.setting)
}

/** What was turned from one question to the next, if it was one of these. */
export function turnedBetween(before: Setting, now: Setting): Turned | undefined {
  const wish = WISHES.find((one) => degree(before.goal, one.wish) !== degree(now.goal, one.wish))?.wish
  if (wish !== undefined) return wish
  const limits = ['minutes', ...LIMIT_NAMES] as const
  return limits.find((limit) => before.limits[limit] !== now.limits[limit])
}

function wishesNearby(setting: Setting): Near[] {
  return WISHES.flatMap(({ wish }) => {
    const now = degree(setting.goal, wish)
    return [now + 1, now - 1]
      .filter((to) => to >= 0 && to <= MOST)
      .map((to) => ({ turned: wish, setting: { ...setting, goal: wished(setting.goal, wish, to) } }))
  })
}

function minutesNearby(setting: Setting): Near[] {
  return [1, -1]
    .map((steps) => minutesBy(setting.limits.minutes, steps))
    .filter((minutes) => minutes !== setting.limits.minutes)
    .map((minutes) => ({
      turned: 'minutes',
      setting: { ...setting, limits: { ...setting.limits, minutes } },
    }))
}

function limitsNearby(setting: Setting): Near[] {
  return LIMIT_NAMES.filter((limit) => setting.limits[limit] !== undefined).flatMap((limit) =>
    [1, -1]
      .map((steps) => limitBy(setting.limits, limit, steps))
      .filter((limits) => limits[limit] !== setting.limits[limit])
      .map((limits) => ({ turned: limit, setting: { ...setting, limits } })),
  )
}
