import { queryOptions } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { SwatchReading } from '../../api/types'

/** Swatches of one sitting: two minutes of them. */
export const SITTING = 10

/** What this person should score in a sitting; asked once for each. */
export const sittingQuery = (person: string, sitting: number) =>
  queryOptions({
    queryKey: ['swatches', person, sitting],
    staleTime: Infinity,
    gcTime: Infinity,
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/practice/people/{person}/swatches', {
          params: { path: { person } },
          body: { seed: sitting * 7919 + (Date.now() % 7919), count: SITTING },
          signal,
        }),
      ),
  })

/** How steady this person's eye is so far. */
export const eyeQuery = (person: string) =>
  queryOptions({
    queryKey: ['eye', person],
    queryFn: ({ signal }) =>
      answered(api.GET('/api/practice/people/{person}', { params: { path: { person } }, signal })),
  })

export function sendReading(person: string, body: SwatchReading) {
  return answered(api.POST('/api/practice/people/{person}/readings', { params: { path: { person } }, body }))
}

export function swatchPath(item: string): string {
  return `/api/practice/swatches/${item}.png`
}
