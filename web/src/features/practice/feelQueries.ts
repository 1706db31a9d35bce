import { queryOptions } from '@tanstack/react-query'
import { answered, api } from '../../api/client'

/** Sections of one sitting. */
export const SECTIONS = 10

/** What to feel in a sitting; asked once for each. */
export const sectionsQuery = (person: string, sitting: number) =>
  queryOptions({
    queryKey: ['sections', person, sitting],
    staleTime: Infinity,
    gcTime: Infinity,
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/practice/sections', {
          body: { seed: sitting * 7919 + (Date.now() % 7919), count: SECTIONS },
          signal,
        }),
      ),
  })

/** How far this person's hand is to be trusted. */
export const feelQuery = (person: string) =>
  queryOptions({
    queryKey: ['feel', person],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/practice/people/{person}/feel', { params: { path: { person } }, signal })),
  })

export function sendGuess(person: string, item: string, percent: number) {
  return answered(
    api.POST('/api/practice/people/{person}/guesses', {
      params: { path: { person } },
      body: { item, percent },
    }),
  )
}
