import type { QueryClient } from '@tanstack/react-query'
import { ApiError, api } from '../../api/client'
import type { WashDay } from '../../api/types'
import { putOnPlan } from '../plan/planHistory'

/**
 * A routine taken to the chair and never begun goes back onto the plan: no wash day is left of it.
 *
 * @throws ApiError where the server does not take it
 */
export async function putBackOnPlan(day: WashDay, queries: QueryClient): Promise<void> {
  await takeFromChair(day, queries)
  putOnPlan(day.clientId, day)
}

/** No wash day is left of it. */
export async function takeFromChair(day: WashDay, queries: QueryClient): Promise<void> {
  const answer = await api
    .DELETE('/api/wash-days/{id}', { params: { path: { id: day.id } } })
    .catch(() => undefined)
  if (answer?.response.ok !== true)
    throw new ApiError(
      answer?.response.status ?? 0,
      'It could not be put back: the server cannot be reached. Try again in a moment.',
      [],
      undefined,
    )
  localStorage.removeItem(`chair:${day.id}`)
  await queries.invalidateQueries({ queryKey: ['client', day.clientId] })
  await queries.invalidateQueries({ queryKey: ['today'] })
  await queries.invalidateQueries({ queryKey: ['chair', 'running'] })
}
