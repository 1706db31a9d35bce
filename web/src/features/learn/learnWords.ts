import { capital } from '../../api/words'
import type { ScoreLearned } from '../../api/types'

export type ScoreWord = ScoreLearned['score']

/** Scores that can be looked at, in the order of the tabs. */
export const TABS: readonly ScoreWord[] = ['definition', 'clumping', 'frizz', 'volume', 'days']

export function shortDate(iso: string): string {
  return new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
}

/** How far a score's scale goes. */
export function most(score: ScoreWord): number {
  return score === 'days' ? 7 : 10
}

/** What is set against what: bottles by their names, ways of working as they are called. */
export function trialName({ tried, used }: { tried: string; used: string }): string {
  return capital(`${tried} against ${used}`)
}
