import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import { ScoresFile } from './ScoresFile'

const SAME_NAME = [
  { value: 'KEEP', label: 'leave who is here' },
  { value: 'ADD', label: 'take both' },
] as const

/** All clients as a file, and a file as clients: shown one by one first, taken whole or not at all. */
export function SalonFiles({ onClose }: { onClose: () => void }) {
  const [text, setText] = useState('')
  const [sameName, setSameName] = useState<(typeof SAME_NAME)[number]['value']>('KEEP')
  const queries = useQueryClient()
  const preview = useMutation({
    mutationFn: (brought: string) => answered(api.POST('/api/exchange/preview', { body: { text: brought } })),
  })
  const take = useMutation({
    mutationFn: () => answered(api.POST('/api/exchange', { body: { text, sameName } })),
    onSuccess: async () => {
      await queries.invalidateQueries()
      onClose()
    },
  })
  const look = (brought: string) => {
    setText(brought)
    preview.mutate(brought)
  }
  const seen = preview.data
  return (
    <Sheet title="A file out, a file in" onClose={onClose}>
      <div className="grid gap-3">
        <p>
          <a className="underline" href="/api/exchange" download="even-tide.json">
            Save all clients and their washes as a file
          </a>
          <span className="text-muted">, photographs and all</span>
        </p>
        <p>
          <a className="underline" href="/api/backup" download="even-tide-backup.zip">
            Save a backup of everything
          </a>
          <span className="text-muted">
            : shelves and templates too. Unpacked into an empty data folder it is the same salon.
          </span>
        </p>
        <p>
          Scores alone, with strands and the days after:{' '}
          <a className="underline" href="/api/exchange/log.csv" download="even-tide-log.csv">
            as a table (CSV)
          </a>{' '}
          or{' '}
          <a className="underline" href="/api/exchange/log.json" download="even-tide-log.json">
            as a file (JSON)
          </a>
        </p>
        <ScoresFile onTaken={onClose} />
        <label className="grid gap-1">
          <span className="label">Bring a file</span>
          <input
            type="file"
            accept="application/json,.json"
            onChange={(event) => void event.target.files?.[0]?.text().then(look)}
          />
        </label>
        {preview.error !== null && <Failure error={preview.error} />}
        {seen !== undefined && (
          <>
            <p role="status">
              {seen.good} good, {seen.faulty} with faults, {seen.here} here already by that name.
            </p>
            <ol className="max-h-64 overflow-y-auto" tabIndex={0} aria-label="In the file">
              {seen.clients.map((client) => (
                <li key={client.number}>
                  <span className="figures text-muted">{client.number}</span>{' '}
                  {client.name ?? 'cannot be read'}
                  <span className="text-muted">
                    {client.faults.length === 0 && `, ${client.washDays} wash days`}
                    {client.here && ' · here already'}
                  </span>
                  {client.faults.map((fault) => (
                    <span key={fault.pointer} className="text-caution block pl-5">
                      {fault.pointer}: {fault.message}
                    </span>
                  ))}
                </li>
              ))}
            </ol>
            {seen.here > 0 && (
              <Choice label="Here already" options={SAME_NAME} value={sameName} onChange={setSameName} />
            )}
            {seen.faulty > 0 && (
              <label className="grid gap-1">
                <span className="label">Mend it here, and look again</span>
                <textarea
                  rows={6}
                  value={text}
                  onChange={(event) => setText(event.target.value)}
                  className="border-ink bg-paper figures w-full border px-2 py-1 text-sm"
                />
                <Button className="justify-self-start" onClick={() => preview.mutate(text)}>
                  Look again
                </Button>
              </label>
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
        )}
      </div>
    </Sheet>
  )
}
