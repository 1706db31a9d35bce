import type { Spoilt } from '../../api/types'

/** What was tapped so far in one round; both are needed for an answer. */
export type Guess = { step: number | undefined; rule: string | undefined }

export const NO_GUESS: Guess = { step: undefined, rule: undefined }

/** Both are right. */
export function isFound(guess: Guess, spoilt: Spoilt): boolean {
  return guess.step === spoilt.step && guess.rule === spoilt.rule
}

/** What is said of an answer. */
export function verdict(guess: Guess, spoilt: Spoilt): string {
  const isStep = guess.step === spoilt.step
  const isRule = guess.rule === spoilt.rule
  if (isFound(guess, spoilt)) return 'Found.'
  if (isStep) return `The step is right; it is another fault.`
  if (isRule) return `The fault is right; it shows at step ${spoilt.step + 1}.`
  return `It shows at step ${spoilt.step + 1}, and it is another fault.`
}

export function isCount(value: unknown): value is number {
  return typeof value === 'number' && Number.isInteger(value) && value >= 0
}
