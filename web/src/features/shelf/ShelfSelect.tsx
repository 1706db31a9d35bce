import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { clientsQuery, shelvesQuery } from '../../api/queries'
import type { ShelfItemDraft } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'

type ShelfSelectProps = { draft: ShelfItemDraft; onChange: (draft: ShelfItemDraft) => void }

/** Which shelf it stands on: the salon's, or a client's own, whose products are planned with for that client only. */
export function ShelfSelect({ draft, onChange }: ShelfSelectProps) {
  const shelves = useQuery(shelvesQuery).data ?? []
  const clients = useQuery(clientsQuery).data ?? []
  const queries = useQueryClient()
  const [making, setMaking] = useState(false)
  const [name, setName] = useState('')
  const [clientId, setClientId] = useState('')
  const add = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/shelves', {
          body: { name, ...(clientId === '' ? {} : { clientId: Number(clientId) }) },
        }),
      ),
    onSuccess: async (shelf) => {
      await queries.invalidateQueries({ queryKey: ['shelves'] })
      setMaking(false)
      if (shelf.id !== undefined) onChange({ ...draft, shelfId: shelf.id })
    },
  })
  return (
    <div className="grid gap-2">
      <Select
        label="Shelf"
        options={[
          ...shelves.map((shelf) => ({ value: String(shelf.id), label: shelf.name })),
          { value: 'new', label: 'a new shelf…' },
        ]}
        value={making ? 'new' : String(draft.shelfId ?? shelves[0]?.id)}
        onChange={(id) => {
          setMaking(id === 'new')
          if (id !== 'new') onChange({ ...draft, shelfId: Number(id) })
        }}
      />
      {making && (
        <>
          <TextField label="Its name" value={name} onChange={setName} />
          <Select
            label="Whose"
            options={[
              { value: '', label: 'the salon’s' },
              ...clients.map((c) => ({ value: String(c.id), label: c.name })),
            ]}
            value={clientId}
            onChange={setClientId}
          />
          <Button disabled={name.trim() === '' || add.isPending} onClick={() => add.mutate()}>
            Put up the shelf
          </Button>
          {add.error !== null && <Failure error={add.error} />}
        </>
      )}
    </div>
  )
}
