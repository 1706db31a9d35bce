import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure } from '../../ui/Notice'

const DUPLICATES = [
  { value: 'KEEP', label: 'keep what stands here' },
  { value: 'REPLACE', label: 'take the file’s' },
  { value: 'ADD', label: 'keep both' },
] as const

/** The shelf as a file, and a file onto the shelf: shown line by line first, taken whole or not at all. */
export function Exchange({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('')
  const [duplicates, setDuplicates] = useState<(typeof DUPLICATES)[number]['value']>('KEEP')
  const queries = useQueryClient()
  const asked = {
    format: text.trimStart().startsWith('{') ? ('JSON' as const) : ('CSV' as const),
    text,
    duplicates,
  }
  const preview = useMutation({
    mutationFn: () => answered(api.POST('/api/shelf/import/preview', { body: asked })),
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/shelf/import', { body: asked })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['products'] })
      onClose()
    },
  })
  const seen = preview.data
  return (
    <section className="grid gap-3 p-4" aria-label="Import and export">
      <h2 className="text-lg font-semibold">A file in, a file out</h2>
      <p className="flex flex-wrap gap-4">
        <a className="underline" href="/api/shelf/export?format=CSV">
          Save the shelf as CSV
        </a>
        <a className="underline" href="/api/shelf/export?format=JSON">
          Save the shelf as JSON
        </a>
      </p>
      <div className="grid gap-0.5">
        <label htmlFor="shelf-file" className="label">
          Choose a CSV or JSON file
        </label>
        <input
          id="shelf-file"
          type="file"
          accept=".csv,.json,text/csv,application/json"
          onChange={(event) => {
            void event.target.files?.[0]?.text().then((read) => {
              setText(read)
              preview.reset()
            })
          }}
        />
      </div>
      <label className="grid gap-0.5">
        <span className="label">or paste its lines, and mend them here</span>
        <textarea
          rows={7}
          value={text}
          onChange={(event) => {
            setText(event.target.value)
            preview.reset()
          }}
          className="border-ink bg-paper figures w-full border px-2 py-1 text-sm"
        />
      </label>
      <div className="flex flex-wrap gap-3">
        <Button disabled={text.trim() === ''} onClick={() => preview.mutate()}>
          Look at it first
        </Button>
        <Button onClick={onClose}>Back to the shelf</Button>
      </div>
      {preview.error !== null && <Failure error={preview.error} />}
      {seen !== undefined && (
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
      )}
    </section>
  )
}
