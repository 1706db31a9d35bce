import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { Faults } from './Faults'

/** Scores out of a table or a file, onto the washes they belong to: shown first, taken whole or not at all. */
export function ScoresArrival({ text, onTaken }: { text: string; onTaken: () => void }) {
  const queries = useQueryClient()
  const body = { format: text.trimStart().startsWith('{') ? ('JSON' as const) : ('CSV' as const), text }
  const { data: seen, error } = useQuery({
    queryKey: ['arrival', 'scores', text],
    queryFn: () => answered(api.POST('/api/exchange/log/preview', { body })),
    gcTime: 0,
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/exchange/log', { body })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      onTaken()
    },
  })
  if (error !== null) return <Failure error={error} />
  if (seen === undefined) return <Waiting what="Looking through the scores" />
  return (
    <>
      <p role="status">
        {seen.good} washes good, {seen.faulty} with faults, {seen.changed} scored otherwise than here.
      </p>
      <Faults faults={seen.washes.flatMap((wash) => wash.faults)} />
      <Button
        main
        className="justify-self-start"
        disabled={seen.faulty > 0 || seen.changed === 0 || take.isPending}
        onClick={() => take.mutate()}
      >
        Take the scores in
      </Button>
      {take.error !== null && <Failure error={take.error} />}
    </>
  )
}
