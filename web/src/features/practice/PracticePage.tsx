import { useQuery } from '@tanstack/react-query'
import { airQuery, clientsQuery, shelfQuery } from '../../api/queries'
import type { Client } from '../../api/types'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { useTitle } from '../../ui/useTitle'
import { FindTheFault } from './FindTheFault'
import { isCount } from './faultRound'

/** The gymnasium: plans of this salon's heads with one fault in each, to be found on the water. */
export function PracticePage() {
  const clients = useQuery(clientsQuery)
  const air = useQuery(airQuery).data
  const shelf = useQuery(shelfQuery).data
  const [round, setRound] = useStored('practice-round', isCount)
  useTitle('Practice')
  if (clients.error !== null && clients.data === undefined) return <Failure error={clients.error} />
  if (clients.data === undefined || air === undefined || shelf === undefined)
    return <Waiting what="Opening the practice" />
  const heads = clients.data.filter(isRead)
  const at = round ?? 0
  const head = heads[at % Math.max(1, heads.length)]
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 py-3">
        <h1 className="text-2xl font-semibold">Practice</h1>
        <p className="text-muted">
          One thing in this plan went wrong, as it does when the mind is elsewhere. Find the step, name the
          fault.
        </p>
      </div>
      {head === undefined ? (
        <Empty title="No head to practise on yet">
          Read a head in Consult, and put a few bottles on the shelf: its plan is spoilt here for you to find.
        </Empty>
      ) : (
        <FindTheFault
          key={at}
          client={head}
          air={{ temperatureC: air.temperatureC, relativeHumidity: air.relativeHumidity }}
          shelf={shelf.map((item) => item.product)}
          round={at}
          onNext={() => setRound(at + 1)}
        />
      )}
    </>
  )
}

export type Head = Client & { hair: NonNullable<Client['hair']> }

function isRead(client: Client): client is Head {
  return client.hair !== undefined
}
