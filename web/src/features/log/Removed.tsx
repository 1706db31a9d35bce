import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { WashDay } from '../../api/types'
import { dateOf } from './dayWords'

/** A wash day just taken out of the log, and the way back. */
export function Removed({ day, onBack }: { day: WashDay; onBack: () => void }) {
  const queries = useQueryClient()
  const back = useMutation({
    mutationFn: () => answered(api.POST('/api/wash-days/{id}/back', { params: { path: { id: day.id } } })),
    onSuccess: async () => {
      onBack()
      await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
    },
  })
  return (
    <p role="status" className="pb-3">
      The wash of {dateOf(day)} is out of the log.{' '}
      <button type="button" className="underline" onClick={() => back.mutate()}>
        Put it back
      </button>
    </p>
  )
}
