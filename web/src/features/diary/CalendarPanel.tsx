import { useQuery } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { addressQuery } from '../../api/diaryQueries'
import { useClient } from '../clients/ClientFrame'
import { CalendarAddress } from './CalendarAddress'

/** These days in another program. */
export function CalendarPanel() {
  const client = useClient()
  const query = addressQuery(client.id)
  const { data } = useQuery(query)
  const params = { path: { id: client.id } }
  return (
    <section aria-label="Calendar" className="grid gap-1.5 px-4 py-2.5">
      <h2 className="label">In a calendar</h2>
      <CalendarAddress
        file={`/api/clients/${client.id}/diary.ics`}
        path={data?.path}
        make={() => answered(api.POST('/api/clients/{id}/diary/address', { params }))}
        revoke={() => answered(api.DELETE('/api/clients/{id}/diary/address', { params }))}
        queryKey={query.queryKey}
      />
    </section>
  )
}
