import { queryOptions } from '@tanstack/react-query'
import { answered, api } from '../../api/client'

/** What a kept photograph says; a key is one picture for good. */
export const measuredQuery = (key: string) =>
  queryOptions({
    queryKey: ['measured', key],
    staleTime: Infinity,
    queryFn: ({ signal }) =>
      answered(api.GET('/api/wash-days/photos/{key}/measured', { params: { path: { key } }, signal })),
  })
