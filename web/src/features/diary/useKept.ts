import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { diaryQuery } from '../../api/diaryQueries'
import type { DiaryNow, KeptDiary } from '../../api/types'
import { useClient } from '../clients/ClientFrame'

/** Keeps something of a client's diary; what follows from it comes back with it. */
export function useKept(diary: DiaryNow) {
  const client = useClient()
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (change: Partial<KeptDiary>) =>
      answered(
        api.PUT('/api/clients/{id}/diary', {
          params: { path: { id: client.id }, header: { 'If-Match': `"${diary.version}"` } },
          body: { ...diary.kept, ...change },
        }),
      ),
    onSuccess: async (now) => {
      queries.setQueryData(diaryQuery(client.id).queryKey, now)
      await queries.invalidateQueries({ queryKey: ['today'] })
    },
    onError: () => queries.invalidateQueries({ queryKey: diaryQuery(client.id).queryKey, exact: true }),
  })
}
