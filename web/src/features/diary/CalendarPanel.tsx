import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { addressQuery } from '../../api/diaryQueries'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'

/** These days in another program: a file, or an address only who knows it can read. */
export function CalendarPanel() {
  const client = useClient()
  const queries = useQueryClient()
  const { data } = useQuery(addressQuery(client.id))
  const params = { path: { id: client.id } }
  const address = useMutation({
    mutationFn: async (isMade: boolean) => {
      if (isMade) await answered(api.POST('/api/clients/{id}/diary/address', { params }))
      else await answered(api.DELETE('/api/clients/{id}/diary/address', { params }))
    },
    onSuccess: () => queries.invalidateQueries({ queryKey: addressQuery(client.id).queryKey }),
  })
  return (
    <section aria-label="Calendar" className="grid gap-1.5 px-4 py-2.5">
      <h2 className="label">In a calendar</h2>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <a href={`/api/clients/${client.id}/diary.ics`} download className="underline">
          As a file
        </a>
        {data?.path === undefined ? (
          <Button disabled={address.isPending} onClick={() => address.mutate(true)}>
            Make a secret address
          </Button>
        ) : (
          <Button disabled={address.isPending} onClick={() => address.mutate(false)}>
            Revoke the address
          </Button>
        )}
      </p>
      {data?.path !== undefined && (
        <p className="figures bg-shallow px-2 py-1 text-[0.9rem] break-all">
          {window.location.origin}
          {data.path}
        </p>
      )}
      {address.error !== null && <Failure error={address.error} />}
    </section>
  )
}
