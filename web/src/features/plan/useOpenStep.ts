import { useEffect, useRef } from 'react'
import type { Routine } from '../../api/types'
import { aCount, useAddressed } from '../../ui/useAddressed'
import { useSame } from '../../ui/useSame'
import { placeIn } from './planState'

type OpenStep = {
  /** From 0. */
  selected: number | undefined
  select: (index: number | undefined) => void
  /** Hands change the routine next: the panel stays where it is. */
  byHand: () => void
  /** Something else is taken next: where its step is not to be found there, the panel opens on this one. */
  orOn: (index: number | undefined) => void
}

/** Which step's panel is open; it follows its step into whatever routine comes to the water. */
export function useOpenStep(routine: Routine): OpenStep {
  const [selected, select] = useAddressed('step', aCount)
  const seen = useRef(routine)
  const isByHand = useRef(false)
  const otherwise = useRef<number | undefined>(undefined)
  const follow = useSame((to: Routine) => {
    const from = seen.current
    const at = selected === undefined ? undefined : placeIn(to, from, selected)
    const place = isByHand.current ? selected : (at ?? otherwise.current)
    seen.current = to
    isByHand.current = false
    otherwise.current = undefined
    if (place !== selected) select(place)
  })
  useEffect(() => {
    if (seen.current !== routine) follow(routine)
  }, [routine, follow])
  return {
    selected,
    select,
    byHand: useSame(() => {
      isByHand.current = true
    }),
    orOn: useSame((index: number | undefined) => {
      otherwise.current = index
    }),
  }
}
