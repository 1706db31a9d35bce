import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Client } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import { TextField } from '../../ui/TextField'

/** What belongs to the client: all of it as a file, and all of it gone on request. */
export function ClientMore({ client, onClose }: { client: Client; onClose: () => void }) {
  const [name, setName] = useState('')
  const queries = useQueryClient()
  const erase = useMutation({
    mutationFn: async () => {
      const { error, response } = await api.POST('/api/clients/{id}/erasing', {
        params: { path: { id: client.id } },
        body: { name },
      })
      if (!response.ok) await answered(Promise.resolve({ error, response }))
    },
    onSuccess: async () => {
      await queries.invalidateQueries()
      onClose()
    },
  })
  return (
    <Sheet title={client.name} onClose={onClose}>
      <div className="grid max-w-2xl gap-4">
        <p>
          <a
            className="underline"
            href={`/api/exchange?client=${client.id}`}
            download={`${client.name.toLowerCase().replaceAll(' ', '-')}.json`}
          >
            Save readings, washes, scores, photographs and own bottles of {client.name} as a file
          </a>
        </p>
        <div className="border-caution grid gap-2 border-l-4 pl-3">
          <p>
            <strong>Erase for good.</strong> Readings, wash days, scores and photographs go and cannot come
            back. Save the file first if it may be asked for.
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
