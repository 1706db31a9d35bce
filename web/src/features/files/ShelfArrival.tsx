import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure, Waiting } from '../../ui/Notice'

const DUPLICATES = [
  { value: 'KEEP', label: 'keep what stands here' },
  { value: 'REPLACE', label: 'take the file’s' },
  { value: 'ADD', label: 'keep both' },
] as const

/** Bottles out of a file: shown line by line first, taken whole or not at all. */
export function ShelfArrival({ text, onTaken }: { text: string; onTaken: () => void }) {
  const [duplicates, setDuplicates] = useState<(typeof DUPLICATES)[number]['value']>('KEEP')
  const queries = useQueryClient()
  const format = text.trimStart().startsWith('{') ? ('JSON' as const) : ('CSV' as const)
  const { data: seen, error } = useQuery({
    queryKey: ['arrival', 'shelf', text],
    queryFn: () =>
      answered(api.POST('/api/shelf/import/preview', { body: { format, text, duplicates: 'KEEP' } })),
    gcTime: 0,
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/shelf/import', { body: { format, text, duplicates } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['products'] })
      onTaken()
    },
  })
  if (error !== null) return <Failure error={error} />
  if (seen === undefined) return <Waiting what="Looking through the bottles" />
  return (
    <>
      <p role="status">
        {seen.good} good, {seen.faulty} with faults, {seen.duplicates} already on the shelf.
      </p>
      <ol className="grid gap-0.5">
        {seen.lines.map((line) => (
          <li key={line.number}>
            <span className="figures text-muted">{line.number}</span> {line.name ?? 'cannot be read'}
            {line.duplicateOf !== undefined && <span className="text-muted"> · already here</span>}
            {line.faults.map((fault) => (
              <span key={fault.pointer} className="text-caution block pl-5">
                {fault.message}
              </span>
            ))}
          </li>
        ))}
      </ol>
      {seen.duplicates > 0 && (
        <Choice label="Already here" options={DUPLICATES} value={duplicates} onChange={setDuplicates} />
      )}
      <Button
        main
        className="justify-self-start"
        disabled={seen.faulty > 0 || seen.good === 0 || take.isPending}
        onClick={() => take.mutate()}
      >
        Put them on the shelf
      </Button>
      {take.error !== null && <Failure error={take.error} />}
    </>
  )
}
