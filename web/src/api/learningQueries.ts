import { queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import { keyOf } from './keyOf'
import { settingKey, type Setting } from './queries'
import type { Product } from './types'

/** What the log teaches of one head. */
export const learningQuery = (client: number) =>
  queryOptions({
    queryKey: ['client', client, 'learning'],
    queryFn: () => answered(api.GET('/api/clients/{id}/learning', { params: { path: { id: client } } })),
  })

export const trialsQuery = (client: number) =>
  queryOptions({
    queryKey: ['client', client, 'trials'],
    queryFn: () => answered(api.GET('/api/clients/{id}/trials', { params: { path: { id: client } } })),
  })

/** Trials worth doing on one head, for a plan asked for as it would be. */
export const nextTrialsQuery = (client: number, setting: Setting, shelf: Product[]) =>
  queryOptions({
    queryKey: ['client', client, 'next-trials', settingKey(setting), keyOf(shelf)],
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/clients/{id}/learning/next', {
          params: { path: { id: client } },
          body: { ...setting, shelf },
          signal,
        }),
      ),
    staleTime: Infinity,
  })

/** What every bottle did against what its label said. */
export const bottlesLearnedQuery = queryOptions({
  queryKey: ['learning', 'bottles'],
  queryFn: () => answered(api.GET('/api/learning/bottles')),
})
