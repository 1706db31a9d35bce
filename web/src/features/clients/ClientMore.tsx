import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Client } from '../../api/types'
import { Button } from '../../ui/Button'
import { fileName } from '../../ui/fileName'
import { Failure } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'

/** What belongs to the client: all of it as a file, and all of it gone on request. */
export function ClientMore({ client, onClose }: { client: Client; onClose: () => void }) {
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const erase = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/clients/{id}/erasing', { params: { path: { id: client.id } }, body: { name } }),
      ),
    // With nothing more to say the list is renewed at once; else once it was read.
    onSuccess: ({ fromTheFile, backups }) => {
      if (!fromTheFile || backups.length > 0) return
      void queries.invalidateQueries()
      onClose()
    },
  })
  const close = () => {
    if (erase.data !== undefined) void queries.invalidateQueries()
    onClose()
  }
  if (erase.data !== undefined)
    return (
      <Sheet title={`${client.name} is erased`} onClose={close}>
        <div className="grid max-w-2xl gap-3">
          {!erase.data.fromTheFile && (
            <p>The last traces go from the salon’s file as soon as Even Tide is next ended.</p>
          )}
          {erase.data.backups.length > 0 && (
            <>
              <p>
                Backups taken before still hold {client.name}. They run out by themselves; to have it gone
                now, delete these from the folder “backups” beside the salon’s file:
              </p>
              <ul className="figures list-disc pl-5">
                {erase.data.backups.map((file) => (
                  <li key={file}>{file}</li>
                ))}
              </ul>
            </>
          )}
          <Button className="justify-self-start" onClick={close}>
            Done
          </Button>
        </div>
      </Sheet>
    )
  return (
    <Sheet title={client.name} onClose={close}>
      <div className="grid max-w-2xl gap-4">
        <p>
          <a
            className="underline"
            href={`/api/exchange?client=${client.id}`}
            download={fileName('json', client.name)}
          >
            Save readings, washes, scores, photographs and own bottles of {client.name} as a file
          </a>
        </p>
        <div className="border-caution grid gap-2 border-l-4 pl-3">
          <p>
            <strong>Erase for good.</strong> Readings, wash days, scores, photographs, notes and own bottles
            go and cannot come back. Save the file first if it may be asked for.
          </p>
          <TextField label={`Write the name to erase ${client.name}`} value={name} onChange={setName} />
          <Button
            className="justify-self-start"
            disabled={name.trim() !== client.name || erase.isPending}
            onClick={() => erase.mutate()}
          >
            Erase for good
          </Button>
          {erase.error !== null && <Failure error={erase.error} />}
        </div>
      </div>
    </Sheet>
  )
}
