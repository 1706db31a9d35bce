import { queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import { keyOf } from './keyOf'
import type { Zone } from './types'

/** This morning: who comes, what is late, what waits. */
export const deskQuery = queryOptions({
  queryKey: ['today', 'desk'],
  queryFn: () => answered(api.GET('/api/today/desk')),
})

/** A client's days: how the last wash is kept, what is due. */
export const diaryQuery = (client: number) =>
  queryOptions({
    queryKey: ['client', client, 'diary'],
    queryFn: () => answered(api.GET('/api/clients/{id}/diary', { params: { path: { id: client } } })),
  })

/** A refresh of the last wash, this morning; where it frizzes and how many minutes there are. */
export const refreshQuery = (client: number, zones: readonly Zone[], minutes: number) =>
  queryOptions({
    queryKey: ['client', client, 'diary', 'refresh', keyOf(zones), minutes],
    queryFn: ({ signal }) =>
      answered(
        api.POST('/api/clients/{id}/diary/refresh', {
          params: { path: { id: client } },
          body: { minutes, ...(zones.length === 0 ? {} : { zones: [...zones] }) },
          signal,
        }),
      ),
    placeholderData: (previous) => previous,
  })

/** The secret address a calendar program may read a client's days at. */
export const addressQuery = (client: number) =>
  queryOptions({
    queryKey: ['client', client, 'diary', 'address'],
    queryFn: () => answered(api.GET('/api/clients/{id}/diary/address', { params: { path: { id: client } } })),
  })

/** The salon's hours, and what is taken of them. */
export const hoursQuery = queryOptions({
  queryKey: ['diary', 'hours'],
  queryFn: () => answered(api.GET('/api/diary/hours')),
})

export const salonAddressQuery = queryOptions({
  queryKey: ['diary', 'address'],
  queryFn: () => answered(api.GET('/api/diary/address')),
})
