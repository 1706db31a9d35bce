import { useQuery } from '@tanstack/react-query'
import { airQuery, clientsQuery, shelfQuery } from '../../api/queries'
import type { Client } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { useTitle } from '../../ui/useTitle'
import { FindTheFault } from './FindTheFault'
import { isCount } from './faultRound'
import { ScoreSwatches } from './ScoreSwatches'

const WAYS = [
  { value: 'fault', label: 'Find the fault' },
  { value: 'eye', label: 'Score swatches' },
] as const

type Way = (typeof WAYS)[number]['value']

const SAID: Record<Way, string> = {
  fault:
    'One thing in this plan went wrong, as it does when the mind is elsewhere. Find the step, name the fault.',
  eye: 'Drawn locks, each of known definition, clumping and frizz. Score what you see, then see the truth.',
}

/** The gymnasium: faults to be found on the water, and swatches to train the eye. */
export function PracticePage() {
  const [kept, setWay] = useStored('practice-way', isWay)
  const way = kept ?? 'fault'
  useTitle('Practice')
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 py-3">
        <h1 className="text-2xl font-semibold">Practice</h1>
        <Choice label="What" inline compact options={WAYS} value={way} onChange={setWay} />
        <p className="text-muted">{SAID[way]}</p>
      </div>
      {way === 'fault' ? <Faults /> : <ScoreSwatches />}
    </>
  )
}

/** Plans of this salon's heads with one fault in each. */
function Faults() {
  const clients = useQuery(clientsQuery)
  const air = useQuery(airQuery).data
  const shelf = useQuery(shelfQuery).data
  const [round, setRound] = useStored('practice-round', isCount)
  if (clients.error !== null && clients.data === undefined) return <Failure error={clients.error} />
  if (clients.data === undefined || air === undefined || shelf === undefined)
    return <Waiting what="Opening the practice" />
  const heads = clients.data.filter(isRead)
  const at = round ?? 0
  const head = heads[at % Math.max(1, heads.length)]
  return head === undefined ? (
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
  )
}

function isWay(value: unknown): value is Way {
  return value === 'fault' || value === 'eye'
}

export type Head = Client & { hair: NonNullable<Client['hair']> }

function isRead(client: Client): client is Head {
  return client.hair !== undefined
}
