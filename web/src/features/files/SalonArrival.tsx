import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure, Waiting } from '../../ui/Notice'
import { Faults } from './Faults'

const SAME_NAME = [
  { value: 'KEEP', label: 'leave who is here' },
  { value: 'ADD', label: 'take both' },
] as const

/** Clients out of a file: shown one by one first, taken whole or not at all. */
export function SalonArrival({ text, onTaken }: { text: string; onTaken: () => void }) {
  const [sameName, setSameName] = useState<(typeof SAME_NAME)[number]['value']>('KEEP')
  const queries = useQueryClient()
  const { data: seen, error } = useQuery({
    queryKey: ['arrival', 'salon', text],
    queryFn: () => answered(api.POST('/api/exchange/preview', { body: { text } })),
    gcTime: 0,
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/exchange', { body: { text, sameName } })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      onTaken()
    },
  })
  if (error !== null) return <Failure error={error} />
  if (seen === undefined) return <Waiting what="Looking through the clients" />
  return (
    <>
      <p role="status">
        {seen.good} good, {seen.faulty} with faults, {seen.here} here already by that name.
      </p>
      <ol className="max-h-64 overflow-y-auto" tabIndex={0} aria-label="In the file">
        {seen.clients.map((client) => (
          <li key={client.number}>
            <span className="figures text-muted">{client.number}</span> {client.name ?? 'cannot be read'}
            <span className="text-muted">
              {client.faults.length === 0 && `, ${client.washDays} wash days`}
              {client.here && ' · here already'}
            </span>
            <Faults faults={client.faults} />
          </li>
        ))}
      </ol>
      {seen.here > 0 && (
        <Choice label="Here already" options={SAME_NAME} value={sameName} onChange={setSameName} />
      )}
      <Button
        main
        className="justify-self-start"
        disabled={seen.faulty > 0 || seen.good === 0 || take.isPending}
        onClick={() => take.mutate()}
      >
        Take them in
      </Button>
      {take.error !== null && <Failure error={take.error} />}
    </>
  )
}
