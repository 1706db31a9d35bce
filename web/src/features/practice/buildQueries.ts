import { queryOptions } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { Build, Product, Situation } from '../../api/types'
import { USUAL_GOAL } from '../plan/planHistory'
import type { Head } from './PracticePage'

/** A day this head might come on, and what there is to decide; asked once a round. */
export const situationQuery = (client: Head, shelf: Product[], round: number) =>
  queryOptions({
    queryKey: ['situation', client.id, round],
    staleTime: Infinity,
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/practice/situation', { body: { ...wishesOf(client), shelf, seed: round }, signal }),
      ),
  })

/** What a build comes to, beside the plan. */
export function tellBuild(client: Head, situation: Situation, build: Build) {
  const { air, limits, shelf } = situation
  return answered(
    api.POST('/api/practice/build', { body: { ...wishesOf(client), air, limits, shelf, build } }),
  )
}

function wishesOf(client: Head) {
  return {
    hair: client.hair,
    goal: client.goal ?? USUAL_GOAL,
    schools: client.schools ?? {},
    ...(client.limits === undefined ? {} : { limits: client.limits }),
  }
}
