import type { Spoilt } from '../../api/types'

/** What was tapped so far in one round; both are needed for an answer. */
export type Guess = { step: number | undefined; rule: string | undefined }

export const NO_GUESS: Guess = { step: undefined, rule: undefined }

/** Rules missed lately come back every other round, the longest waiting first. */
export function ruleOf(round: number, missed: readonly string[]): string | undefined {
  return round % 2 === 1 ? missed[0] : undefined
}

/** Missed once more goes to the end of the row; found is out of it. */
export function missedAfter(missed: readonly string[], rule: string, isFound: boolean): string[] {
  const others = missed.filter((one) => one !== rule)
  return isFound ? others : [...others, rule]
}

/** What is said of an answer. */
export function verdict(guess: Guess, spoilt: Spoilt): string {
  const isStep = guess.step === spoilt.step
  const isRule = guess.rule === spoilt.rule
  if (isStep && isRule) return 'Found.'
  if (isStep) return `The step is right; it is another fault.`
  if (isRule) return `The fault is right; it shows at step ${spoilt.step + 1}.`
  return `It shows at step ${spoilt.step + 1}, and it is another fault.`
}

export function isTexts(value: unknown): value is string[] {
  return Array.isArray(value) && value.every((one) => typeof one === 'string')
}

export function isCount(value: unknown): value is number {
  return typeof value === 'number' && Number.isInteger(value) && value >= 0
}
