import { queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import type { Air, Goal, Hair, Limits, Product, Routine } from './types'

export const todayQuery = queryOptions({
  queryKey: ['today'],
  queryFn: () => answered(api.GET('/api/today')),
})

export const airQuery = queryOptions({ queryKey: ['air'], queryFn: () => answered(api.GET('/api/air')) })

export const productsQuery = queryOptions({
  queryKey: ['products'],
  queryFn: () => answered(api.GET('/api/products')),
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

export type Setting = { hair: Hair; goal: Goal; air: Air; limits: Limits }

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
