import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import type { WashDay } from '../../api/types'
import { putBackOnPlan } from './putBack'

/** Puts a routine that was never begun back onto the plan, and goes there. */
export function usePutBack(day: WashDay) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const putting = useMutation({
    mutationFn: () => putBackOnPlan(day, queries),
    onSuccess: () => navigate('../plan'),
  })
  return { act: () => putting.mutate(), isBusy: putting.isPending, error: putting.error?.message }
}
