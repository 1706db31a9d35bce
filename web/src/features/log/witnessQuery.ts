import { queryOptions } from '@tanstack/react-query'
import { answered, api } from '../../api/client'

/** Every time it is asked one more picture is measured. */
const ASK_ON_MS = 300

/**
 * Pictures beside the eye.
 *
 * @param client whose; absent for the whole salon
 */
export const witnessQuery = (client?: number) =>
  queryOptions({
    queryKey: ['witness', client ?? 'salon'],
    queryFn: ({ signal }) =>
      answered(
        api.GET('/api/pictures/witness', {
          params: { query: client === undefined ? {} : { client } },
          signal,
        }),
      ),
    refetchInterval: ({ state }) => ((state.data?.unread ?? 0) > 0 ? ASK_ON_MS : false),
  })
