import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Client } from '../../api/types'
import { Button } from '../../ui/Button'
import { Caution, Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'

/** What follows a client through every place: a stop not yet cleared, and known allergies. */
export function Cautions({ client }: { client: Client }) {
  const open = client.referrals.filter((referral) => referral.clearedAt === undefined)
  const allergies = client.hair?.allergies ?? []
  return (
    <>
      {allergies.length > 0 && (
        <p className="text-caution figures -mt-2 pb-2">
          <span aria-hidden>⚑ </span>Known allergy: {allergies.join(', ')}
        </p>
      )}
      {open.map((referral) => (
        <div key={referral.id} className="pb-3">
          <Caution
            title={`Stopped since ${new Date(referral.openedAt).toLocaleDateString()}: ${referral.seen}.`}
          >
            <p>
              Calmly refer to a doctor or pharmacist; nothing is diagnosed here. No plan and no chair until
              somebody clears it.
            </p>
            <Clearing client={client} />
          </Caution>
        </div>
      ))}
    </>
  )
}

function Clearing({ client }: { client: Client }) {
  const [note, setNote] = useState('')
  const queries = useQueryClient()
  const clear = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/clients/{id}/clearing', {
          params: { path: { id: client.id }, header: { 'If-Match': `"${client.version}"` } },
          body: { note },
        }),
      ),
    onSuccess: async (cleared) => {
      localStorage.removeItem(`consult:${client.id}`)
      queries.setQueryData(['client', client.id], cleared)
      await queries.invalidateQueries({ queryKey: ['client', client.id] })
    },
  })
  return (
    <form
      className="mt-1 flex max-w-2xl flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        clear.mutate()
      }}
    >
      <div className="min-w-60 flex-1">
        <TextField label="Cleared by whom, and what was said" value={note} onChange={setNote} />
      </div>
      <Button type="submit" disabled={note.trim() === '' || clear.isPending}>
        Clear the stop
      </Button>
      {clear.error !== null && <Failure error={clear.error} />}
    </form>
  )
}
