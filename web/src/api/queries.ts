import { queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import type { Air, Goal, Hair, Intake, Limits, Product, Role, Routine, Schools, Tests } from './types'

export const todayQuery = queryOptions({
  queryKey: ['today'],
  queryFn: () => answered(api.GET('/api/today')),
})

export const airQuery = queryOptions({ queryKey: ['air'], queryFn: () => answered(api.GET('/api/air')) })

/** What may be used on a client: the salon's shelves and the client's own. */
export const productsQuery = (client: number) =>
  queryOptions({
    queryKey: ['products', 'within', client],
    queryFn: () => answered(api.GET('/api/products', { params: { query: { client } } })),
  })

export const shelfQuery = queryOptions({
  queryKey: ['products', 'items'],
  queryFn: () => answered(api.GET('/api/shelf/items')),
})

export const shelvesQuery = queryOptions({
  queryKey: ['shelves'],
  queryFn: () => answered(api.GET('/api/shelves')),
})

export const clientsQuery = queryOptions({
  queryKey: ['clients'],
  queryFn: () => answered(api.GET('/api/clients')),
})

/** What one wash takes of each bottle, for this head or for a usual one. */
export const takesQuery = (hair: Hair | undefined, stock: string) =>
  queryOptions({
    queryKey: ['products', 'use', hair, stock],
    queryFn: () => answered(api.POST('/api/shelf/use', { body: hair === undefined ? {} : { hair } })),
    placeholderData: (previous) => previous,
  })

export const labelQuery = (ingredients: string, role: Role) =>
  queryOptions({
    queryKey: ['label', ingredients, role],
    queryFn: ({ signal }) => answered(api.POST('/api/labels/read', { body: { ingredients, role }, signal })),
    enabled: ingredients.trim() !== '',
    staleTime: Infinity,
    placeholderData: (previous) => previous,
  })

/** Two products: one over the other, and mixed, the first with this share of the whole. */
export const pairQuery = (under: number, over: number, share: number) =>
  queryOptions({
    queryKey: ['products', 'pair', under, over, share],
    queryFn: () =>
      answered(
        api.GET('/api/shelf/pairs/{under}/{over}', { params: { path: { under, over }, query: { share } } }),
      ),
    placeholderData: (previous) => previous,
  })

export const stockQuery = (day: number) =>
  queryOptions({
    queryKey: ['wash-day', day, 'stock'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/stock', { params: { path: { id: day } } })),
  })

export const rubricQuery = queryOptions({
  queryKey: ['rubric'],
  queryFn: () => answered(api.GET('/api/rubric')),
  staleTime: Infinity,
})

export const clientQuery = (id: number) =>
  queryOptions({
    queryKey: ['client', id],
    queryFn: () => answered(api.GET('/api/clients/{id}', { params: { path: { id } } })),
  })

export const readingsQuery = (id: number) =>
  queryOptions({
    queryKey: ['client', id, 'readings'],
    queryFn: () => answered(api.GET('/api/clients/{id}/readings', { params: { path: { id } } })),
  })

export const washDaysQuery = (client: number) =>
  queryOptions({
    queryKey: ['client', client, 'wash-days'],
    queryFn: () => answered(api.GET('/api/clients/{id}/wash-days', { params: { path: { id: client } } })),
  })

export const washTideQuery = (id: number) =>
  queryOptions({
    queryKey: ['wash-day', id, 'tide'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/tide', { params: { path: { id } } })),
  })

export const testCardsQuery = queryOptions({
  queryKey: ['test-cards'],
  queryFn: () => answered(api.GET('/api/hair/tests')),
  staleTime: Infinity,
})

export const schoolsQuery = queryOptions({
  queryKey: ['schools'],
  queryFn: () => answered(api.GET('/api/schools')),
  staleTime: Infinity,
})

export const typicalQuery = queryOptions({
  queryKey: ['typical'],
  queryFn: () => answered(api.GET('/api/hair/typical')),
  staleTime: Infinity,
})

/** What follows from tests; asks nothing while there are none. */
export const assessQuery = (tests: Tests) =>
  queryOptions({
    queryKey: ['assess', tests],
    queryFn: ({ signal }) => answered(api.POST('/api/hair/assess', { body: tests, signal })),
    enabled: Object.keys(tests).length > 0,
    staleTime: Infinity,
    placeholderData: (previous) => previous,
  })

export const factsQuery = (hair: Hair) =>
  queryOptions({
    queryKey: ['facts', hair],
    queryFn: ({ signal }) => answered(api.POST('/api/hair/facts', { body: hair, signal })),
    staleTime: Infinity,
    placeholderData: (previous) => previous,
  })

export type Setting = { hair: Hair; goal: Goal; air: Air; schools: Schools; limits: Limits }

/** Which assumed reading the plan hangs on most; asks nothing where none was assumed. */
export const assumptionsQuery = (
  setting: Setting,
  shelf: Product[],
  assumed: NonNullable<Intake['assumed']>,
) =>
  queryOptions({
    queryKey: ['assumptions', setting, shelf.map((p) => p.id), assumed],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/hair/assumptions', { body: { ...setting, shelf, assumed }, signal })),
    enabled: assumed.length > 0 && shelf.length > 0,
    staleTime: Infinity,
  })

export const suggestQuery = (setting: Setting, shelf: Product[]) =>
  queryOptions({
    queryKey: ['suggest', setting, shelf.map((p) => p.id)],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/routines/suggest', { body: { ...setting, shelf }, signal })),
    placeholderData: (previous) => previous,
  })

export const checkQuery = (setting: Setting, routine: Routine) =>
  queryOptions({
    queryKey: ['check', setting, routine],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/routines/check', { body: { ...setting, routine }, signal })),
    placeholderData: (previous) => previous,
  })
