import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import { keyOf } from './keyOf'
import type {
  Air,
  Client,
  Correction,
  Goal,
  Hair,
  Intake,
  Limits,
  Product,
  Role,
  Routine,
  Schools,
  Tests,
} from './types'

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

/** What a bottle can be for. */
export const rolesQuery = queryOptions({
  queryKey: ['roles'],
  queryFn: () => answered(api.GET('/api/roles')),
  staleTime: Infinity,
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

/** What the words a client gives are taken to mean. */
export const allergiesQuery = (words: string[]) =>
  queryOptions({
    queryKey: ['allergies', words],
    queryFn: ({ signal }) => answered(api.POST('/api/allergies/read', { body: { words }, signal })),
    enabled: words.length > 0,
    staleTime: Infinity,
    placeholderData: (previous) => previous,
  })

/** What a bottle does on this head, or on a usual one. */
export const onHairQuery = (product: Product, client: Client | undefined) =>
  queryOptions({
    queryKey: ['products', 'on-hair', product, client?.hair, client?.schools],
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/products/on-hair', {
          body: {
            product,
            ...(client?.hair === undefined ? {} : { hair: client.hair }),
            ...(client?.schools === undefined ? {} : { schools: client.schools }),
          },
          signal,
        }),
      ),
    enabled: product.name.trim() !== '',
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

/** Two wash days of one client, laid side by side. */
export const besideQuery = (one: number, other: number | undefined) =>
  queryOptions({
    queryKey: ['wash-day', one, 'beside', other],
    queryFn: () =>
      answered(
        api.GET('/api/wash-days/{one}/beside/{other}', { params: { path: { one, other: other ?? one } } }),
      ),
    enabled: other !== undefined,
  })

export const followingQuery = (day: number) =>
  queryOptions({
    queryKey: ['wash-day', day, 'following'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/following', { params: { path: { id: day } } })),
  })

export const photosQuery = (day: number) =>
  queryOptions({
    queryKey: ['wash-day', day, 'photos'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/photos', { params: { path: { id: day } } })),
  })

export const correctionsQuery = (day: number) =>
  queryOptions({
    queryKey: ['wash-day', day, 'before'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/rating/before', { params: { path: { id: day } } })),
  })

export type Wanted = {
  product?: string
  school?: string
  air?: 'DRY' | 'EASY' | 'HUMID' | 'VERY_HUMID'
  leastDefinition?: number
  mostFrizz?: number
}

/** Wash days of all clients that are so, page by page. */
export const foundQuery = (wanted: Wanted) =>
  infiniteQueryOptions({
    queryKey: ['wash-days', 'found', wanted],
    queryFn: ({ pageParam, signal }) =>
      answered(
        api.GET('/api/wash-days', { params: { query: { ...wanted, ...pageParam, limit: 40 } }, signal }),
      ),
    initialPageParam: {} as { before?: string; beforeId?: number },
    getNextPageParam: (page) => {
      const last = page.lines.at(-1)
      return last === undefined || page.lines.length < 40 ? undefined : { before: last.at, beforeId: last.id }
    },
  })

/** All that the chair needs to go on alone. */
export const chairQuery = (id: number) =>
  queryOptions({
    queryKey: ['wash-day', id, 'chair'],
    queryFn: () => answered(api.GET('/api/wash-days/{id}/chair', { params: { path: { id } } })),
    staleTime: Infinity,
  })

/** Where the water stands, by this device's clock; asked again as time passes and as things happen. */
export const liveQuery = (id: number, events: number, minute: number) =>
  queryOptions({
    queryKey: ['wash-day', id, 'live', events, minute],
    queryFn: ({ signal }) =>
      answered(
        api.GET('/api/wash-days/{id}/live', {
          params: { path: { id }, query: { now: new Date().toISOString() } },
          signal,
        }),
      ),
    placeholderData: (previous) => previous,
    retry: false,
  })

/** What may be left out of the rest. */
export const dropsQuery = (id: number, wanted: boolean) =>
  queryOptions({
    queryKey: ['wash-day', id, 'drops'],
    queryFn: () =>
      answered(
        api.GET('/api/wash-days/{id}/drops', {
          params: { path: { id }, query: { now: new Date().toISOString() } },
        }),
      ),
    enabled: wanted,
    gcTime: 0,
  })

/** Every head in work. */
export const runningQuery = queryOptions({
  queryKey: ['chair', 'running'],
  queryFn: () =>
    answered(api.GET('/api/chair/running', { params: { query: { now: new Date().toISOString() } } })),
  refetchInterval: 15_000,
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

export type Setting = {
  hair: Hair
  goal: Goal
  air: Air
  schools: Schools
  limits: Limits
  /** What the log has taught of this head; absent for a plan by the book. */
  learned?: Correction
}

/** What tells one question from another. */
export const settingKey = ({ hair, goal, air, schools, limits, learned }: Setting) =>
  [keyOf(hair), goal, air, schools, limits, learned === undefined ? null : keyOf(learned)] as const

/** Which assumed reading the plan hangs on most; asks nothing where none was assumed. */
export const assumptionsQuery = (
  setting: Setting,
  shelf: Product[],
  assumed: NonNullable<Intake['assumed']>,
) =>
  queryOptions({
    queryKey: ['assumptions', settingKey(setting), keyOf(shelf), assumed],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/hair/assumptions', { body: { ...setting, shelf, assumed }, signal })),
    enabled: assumed.length > 0 && shelf.length > 0,
    staleTime: Infinity,
  })

/** The same question always has the same answer, so it is asked once. */
export const suggestQuery = (setting: Setting, shelf: Product[]) =>
  queryOptions({
    queryKey: ['suggest', settingKey(setting), keyOf(shelf)],
    staleTime: Infinity,
    queryFn: ({ signal }) =>
      answered(api.POST('/api/routines/suggest', { body: { ...setting, shelf }, signal })),
    placeholderData: (previous) => previous,
  })

/** A routine judged; the answer keeps the routine it belongs to, for while the next is under way. */
export const checkQuery = (setting: Setting, routine: Routine) =>
  queryOptions({
    queryKey: ['check', settingKey(setting), keyOf(routine)],
    queryFn: async ({ signal }) => ({
      routine,
      judgement: await answered(api.POST('/api/routines/check', { body: { ...setting, routine }, signal })),
    }),
    placeholderData: (previous) => previous,
  })

/** What a step can be, and which of its fields mean something. */
export const actionsQuery = queryOptions({
  queryKey: ['actions'],
  queryFn: () => answered(api.GET('/api/routines/actions')),
  staleTime: Infinity,
})

export const outdoorsQuery = queryOptions({
  queryKey: ['air', 'outdoors'],
  queryFn: () => answered(api.GET('/api/air/outdoors')),
})

/** Where another school would plan otherwise on this head today. */
export const comparedSchoolsQuery = (setting: Setting, shelf: Product[]) =>
  queryOptions({
    queryKey: ['schools', 'compared', settingKey(setting), keyOf(shelf)],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/routines/schools', { body: { ...setting, shelf }, signal })),
    staleTime: Infinity,
  })

/** What today's air makes the plan do. */
export const airChangesQuery = (setting: Setting, shelf: Product[]) =>
  queryOptions({
    queryKey: ['air', 'changes', settingKey(setting), keyOf(shelf)],
    queryFn: ({ signal }) => answered(api.POST('/api/routines/air', { body: { ...setting, shelf }, signal })),
    placeholderData: (previous) => previous,
  })

/** Two routines on one head. */
export const compareQuery = (setting: Setting, one: Routine, other: Routine | undefined) =>
  queryOptions({
    queryKey: ['compare', settingKey(setting), keyOf(one), other === undefined ? undefined : keyOf(other)],
    queryFn: ({ signal }) =>
      answered(api.POST('/api/routines/compare', { body: { ...setting, one, other: other ?? one }, signal })),
    enabled: other !== undefined,
    placeholderData: (previous) => previous,
  })

/** Why one step of a routine is there, or one of the steps inside it. */
export const whyQuery = (setting: Setting, routine: Routine, step: number, inner?: number) =>
  queryOptions({
    queryKey: ['why', settingKey(setting), keyOf(routine), step, inner],
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/routines/why', {
          body: { ...setting, routine, step, ...(inner === undefined ? {} : { inner }) },
          signal,
        }),
      ),
  })

export const templatesQuery = queryOptions({
  queryKey: ['templates'],
  queryFn: () => answered(api.GET('/api/templates')),
})
