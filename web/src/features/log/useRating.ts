import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { Rating, WashDay } from '../../api/types'
import { useStored } from '../../ui/useStored'
import { EMPTY, isDraft, toRating } from './ratingDraft'

/** The scores of a wash day as they are given here, kept over a reload until they are in the log. */
export function useRating(day: WashDay, onSaved: () => void) {
  const [stored, setDraft] = useStored(`rating:${day.id}`, isDraft)
  const draft = stored ?? EMPTY
  // Who scores here scores the next too.
  const [rater, setRater] = useStored('rater', isName)
  const queries = useQueryClient()
  const rating = toRating(draft, rater ?? '')
  const save = useMutation({
    mutationFn: (body: Rating) =>
      answered(
        api.PUT('/api/wash-days/{id}/rating', {
          params: { path: { id: day.id }, header: { 'If-Match': `"${day.version}"` } },
          body,
        }),
      ),
    // Somebody was quicker: what stands there now is fetched, and saving once more goes over it knowingly.
    onError: () => queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] }),
    onSuccess: async () => {
      setDraft(undefined)
      onSaved()
      await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['wash-day', day.id] })
      await queries.invalidateQueries({ queryKey: ['witness'] })
      await queries.invalidateQueries({ queryKey: ['wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      await queries.invalidateQueries({ queryKey: ['client', day.clientId] })
      await queries.invalidateQueries({ queryKey: ['learning'] })
    },
  })
  return { draft, setDraft, rater: rater ?? '', setRater, rating, save }
}

/** Scores as they are given, and how they are kept. */
export type Scoring = ReturnType<typeof useRating>

function isName(value: unknown): value is string {
  return typeof value === 'string'
}
