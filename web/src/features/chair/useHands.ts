import type { ChairRun } from './useChair'
import { useGuard } from './useGuard'
import { useKeys } from './useKeys'

/** What one touch means at the step in hand, on, back and after a rest; a touch that lands twice is one. */
export function useHands({ record, take }: ChairRun, index: number, sections: number) {
  const counts = sections > 1
  const isStarted = record.startedAt !== undefined
  const isPaused = record.pauses.length > 0 && record.pauses.at(-1)?.to === undefined
  const turn = record.steps.find((s) => s.index === index)?.sectionEnds.length ?? 0
  const guard = useGuard()
  const done = () =>
    guard.pass(() => {
      if (isPaused) take({ kind: 'RESUME' })
      else if (!isStarted) take({ kind: 'BEGIN' })
      else if (counts) take({ kind: 'SECTION', step: index, section: turn })
      else take({ kind: 'DONE', step: index })
    })
  const back = () => {
    const before = record.steps.filter((s) => s.index < index).at(-1)
    if (counts && turn > 0) take({ kind: 'BACK', step: index })
    else if (before !== undefined) take({ kind: 'BACK', step: before.index })
  }
  const mayGoBack = isStarted && (turn > 0 || record.steps.some((s) => s.index < index))
  const takeBack = () => {
    guard.forget()
    back()
  }
  useKeys({ done, back, isOn: record.finishedAt === undefined })
  return {
    counts,
    isStarted,
    isPaused,
    turn,
    isOpen: guard.isOpen,
    done,
    back,
    takeBack: guard.mayRegret && !isPaused && mayGoBack ? takeBack : undefined,
  }
}
