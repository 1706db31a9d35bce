import { queryOptions } from '@tanstack/react-query'
import { answered, api } from './client'
import type { Client } from './types'

/** The head as it is today: as it was read, and what the log shows since of washing, clarifying and protein. */
export const hairTodayQuery = ({ id, version, hair }: Client) =>
  queryOptions({
    // Under the wash days: another wash makes it another head.
    queryKey: ['client', id, 'wash-days', 'hair', version],
    queryFn: () => answered(api.GET('/api/clients/{id}/hair', { params: { path: { id } } })),
    enabled: hair !== undefined,
    placeholderData: (previous) => previous,
  })
