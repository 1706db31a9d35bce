import { queryOptions } from '@tanstack/react-query'
import { answered, api, ApiError } from '../../api/client'
import { settingKey, type Setting } from '../../api/queries'
import type { Product } from '../../api/types'

/** A plan for a head of the salon with one fault in it, and what a check says of it; asked once a round. */
export const roundQuery = (setting: Setting, shelf: Product[], round: number, rule: string | undefined) =>
  queryOptions({
    queryKey: ['practice', settingKey(setting), round, rule ?? ''],
    staleTime: Infinity,
    queryFn: async ({ signal }) => {
      const plans = await answered(api.POST('/api/routines/suggest', { body: { ...setting, shelf }, signal }))
      const routine = plans.suggestions[0]?.routine
      if (routine === undefined) return { spoilt: undefined, judgement: undefined }
      const body = { ...setting, routine, seed: round }
      const spoilt =
        rule === undefined
          ? await answered(api.POST('/api/practice/spoil', { body, signal }))
          : await answered(api.POST('/api/practice/spoil', { body: { ...body, rule }, signal })).catch(
              (refused: unknown) => {
                // No slip of a hand breaks that rule in this plan: any other will do.
                if (!(refused instanceof ApiError)) throw refused
                return answered(api.POST('/api/practice/spoil', { body, signal }))
              },
            )
      const judgement = await answered(
        api.POST('/api/routines/check', { body: { ...setting, routine: spoilt.routine }, signal }),
      )
      return { spoilt, judgement }
    },
  })

/** What this person found and missed so far, and which fault is to come next. */
export const faultsQuery = (person: string) =>
  queryOptions({
    queryKey: ['faults', person],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/practice/people/{person}/faults', { params: { path: { person } }, signal })),
  })

export function sendFault(person: string, tried: { rule: string; found: boolean }) {
  return answered(
    api.POST('/api/practice/people/{person}/faults', { params: { path: { person } }, body: tried }),
  )
}
