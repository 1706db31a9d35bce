import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { compareQuery } from '../../api/queries'
import type { Compared, Routine } from '../../api/types'
import { focusSoon } from '../../ui/focusSoon'
import { changed, redone, undone, type PlanDraft } from './planHistory'
import { withoutStep } from './planState'
import { useOpenStep } from './useOpenStep'
import { useUndoKeys } from './useUndoKeys'
import type { Plan } from './usePlan'

/** Another routine laid over the one on the water. */
export type Other = { name: string; routine: Routine }

/** A step of the routine, or one within it, that the two halves are to differ in. */
export type Trial = { index: number; inner: number | undefined }

export type AtTheWater = {
  /** The step in hand, from 0. */
  selected: number | undefined
  other: Other | undefined
  trial: Trial | undefined
  /** Both laid over each other, once that has come. */
  beside: Compared | undefined
  /** Another routine altogether, or one with something mended: the panel goes where its step went. */
  take: (to: Routine) => void
  /** The same routine, changed by hand: the panel stays. */
  change: (to: Routine) => void
  lay: (name: string, laid: Routine) => void
  unlay: () => void
  tryOn: (trial: Trial | undefined) => void
  select: (index: number | undefined) => void
  /** Opens a step whatever else is open. */
  setSelected: (index: number | undefined) => void
  /** The panel closes, and focus goes to its line. */
  close: (index: number | undefined) => void
  leaveOut: (index: number) => void
  undo: () => void
  redo: () => void
}

function lineOf(index: number): string {
  return `ol[aria-label="Steps in order"] > li:nth-child(${index + 1}) [data-line]`
}

/** What is in hand at the water, and the moves that change it. */
export function useAtTheWater(plan: Plan, routine: Routine): AtTheWater {
  const { draft, setDraft, setting } = plan
  const { selected, select: setSelected, byHand, orOn } = useOpenStep(routine)
  const [other, setOther] = useState<Other | undefined>(undefined)
  const [trial, setTrial] = useState<Trial | undefined>(undefined)
  const compared = useQuery(compareQuery(setting, routine, other?.routine)).data
  const leave = () => {
    setOther(undefined)
    setTrial(undefined)
  }
  const take = (to: Routine) => {
    leave()
    orOn(selected)
    setDraft(changed(draft, to, selected))
  }
  const change = (to: Routine) => {
    byHand()
    take(to)
  }
  const select = (index: number | undefined) => {
    leave()
    setSelected(index)
  }
  const stand = (to: PlanDraft) => {
    leave()
    orOn(to.selected)
    setDraft(to)
  }
  const close = (index: number | undefined) => {
    select(undefined)
    if (index !== undefined) focusSoon(lineOf(index))
  }
  const undo = () => stand(undone(draft, selected))
  const redo = () => stand(redone(draft, selected))
  useUndoKeys(undo, redo)
  return {
    selected,
    other,
    trial,
    beside: other === undefined ? undefined : compared,
    take,
    change,
    lay: (name, laid) => setOther({ name, routine: laid }),
    unlay: () => setOther(undefined),
    tryOn: setTrial,
    select,
    setSelected,
    close,
    leaveOut: (index) => {
      change(withoutStep(routine, index))
      close(Math.max(0, Math.min(index, routine.steps.length - 2)))
    },
    undo,
    redo,
  }
}
