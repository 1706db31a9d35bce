import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { stockQuery } from '../../api/queries'
import { figure } from '../../ui/figure'

/** What the wash took from the shelf, and giving it back. */
export function Drawn({ day }: { day: number }) {
  const moves = useQuery(stockQuery(day)).data ?? []
  const queries = useQueryClient()
  const undo = useMutation({
    mutationFn: () => answered(api.POST('/api/wash-days/{id}/stock/undo', { params: { path: { id: day } } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['wash-day', day, 'stock'] })
      await queries.invalidateQueries({ queryKey: ['products'] })
    },
  })
  if (moves.length === 0) return null
  const open = moves.some((move) => !move.undone)
  return (
    <p className="text-muted px-4 pb-1 text-sm">
      {open ? 'Taken from the shelf: ' : 'Given back to the shelf: '}
      {moves.map((move) => `${move.name} ${figure(move.ml)} ml`).join(', ')}.{' '}
      {open && (
        <button type="button" className="underline" onClick={() => undo.mutate()}>
          Give it back
        </button>
      )}
    </p>
  )
}
