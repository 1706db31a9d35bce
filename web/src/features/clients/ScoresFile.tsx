import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'

/** Scores from a table or a file, onto the washes they belong to: shown first, taken whole or not at all. */
export function ScoresFile({ onTaken }: { onTaken: () => void }) {
  const [text, setText] = useState('')
  const queries = useQueryClient()
  const brought = (from: string) => ({
    format: from.trimStart().startsWith('{') ? ('JSON' as const) : ('CSV' as const),
    text: from,
  })
  const preview = useMutation({
    mutationFn: (from: string) => answered(api.POST('/api/exchange/log/preview', { body: brought(from) })),
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/exchange/log', { body: brought(text) })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      onTaken()
    },
  })
  const seen = preview.data
  return (
    <div className="grid gap-2">
      <label className="grid gap-1">
        <span className="label">Bring scores, mended in a spreadsheet</span>
        <input
          type="file"
          accept=".csv,.json,text/csv,application/json"
          onChange={(event) =>
            void event.target.files?.[0]?.text().then((read) => {
              setText(read)
              preview.mutate(read)
            })
          }
        />
      </label>
      {preview.error !== null && <Failure error={preview.error} />}
      {seen !== undefined && (
        <>
          <p role="status">
            {seen.good} washes good, {seen.faulty} with faults, {seen.changed} scored otherwise than here.
          </p>
          <ul>
            {seen.washes.flatMap((wash) =>
              wash.faults.map((fault) => (
                <li key={fault.pointer + fault.message} className="text-caution">
                  {fault.pointer}: {fault.message}
                </li>
              )),
            )}
          </ul>
          <Button
            className="justify-self-start"
            disabled={seen.faulty > 0 || seen.changed === 0 || take.isPending}
            onClick={() => take.mutate()}
          >
            Take the scores in
          </Button>
          {take.error !== null && <Failure error={take.error} />}
        </>
      )}
    </div>
  )
}
