import { useQuery } from '@tanstack/react-query'
import { airQuery, clientsQuery, shelfQuery } from '../../api/queries'
import type { Client } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { useTitle } from '../../ui/useTitle'
import { FeelTheWater } from './FeelTheWater'
import { FindTheFault } from './FindTheFault'
import { isCount } from './faultRound'
import { ScoreSwatches } from './ScoreSwatches'
import { WhatWouldYouDo } from './WhatWouldYouDo'

const WAYS = [
  { value: 'fault', label: 'Find the fault' },
  { value: 'build', label: 'What would you do?' },
  { value: 'eye', label: 'Score swatches' },
  { value: 'feel', label: 'Feel the water' },
] as const

type Way = (typeof WAYS)[number]['value']

const SAID: Record<Way, string> = {
  fault:
    'One thing in this plan went wrong, as it does when the mind is elsewhere. Find the step, name the fault.',
  build: 'A head, a day, a few bottles: decide, and see how much of what is in reach you reach.',
  feel: 'What hands notice, and no number: say how wet it is, then put it on the scale.',
  eye: 'Drawn locks, each of known definition, clumping and frizz. Score what you see, then see the truth.',
}

/** The gymnasium: faults to be found on the water, decisions to be made, and swatches to train the eye. */
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
      <Practising way={way} />
    </>
  )
}

function Practising({ way }: { way: Way }) {
  switch (way) {
    case 'eye':
      return <ScoreSwatches />
    case 'feel':
      return <FeelTheWater />
    case 'fault':
    case 'build':
      return <OnAHead key={way} way={way} />
    default:
      return way satisfies never
  }
}

/** The heads of this salon in turn, with what stands on its shelf. */
function OnAHead({ way }: { way: 'fault' | 'build' }) {
  const clients = useQuery(clientsQuery)
  const air = useQuery(airQuery).data
  const shelf = useQuery(shelfQuery).data
  const [round, setRound] = useStored(way === 'fault' ? 'practice-round' : 'practice-build', isCount)
  if (clients.error !== null && clients.data === undefined) return <Failure error={clients.error} />
  if (clients.data === undefined || air === undefined || shelf === undefined)
    return <Waiting what="Opening the practice" />
  const heads = clients.data.filter(isRead)
  const at = round ?? 0
  const head = heads[at % Math.max(1, heads.length)]
  if (head === undefined)
    return (
      <Empty title="No head to practise on yet">
        Read a head in Consult, and put a few bottles on the shelf: then there is something to practise on.
      </Empty>
    )
  const given = {
    client: head,
    shelf: shelf.map((item) => item.product),
    round: at,
    onNext: () => setRound(at + 1),
  }
  return way === 'fault' ? (
    <FindTheFault
      key={at}
      {...given}
      air={{ temperatureC: air.temperatureC, relativeHumidity: air.relativeHumidity }}
    />
  ) : (
    <WhatWouldYouDo key={at} {...given} />
  )
}

function isWay(value: unknown): value is Way {
  return WAYS.some((way) => way.value === value)
}

export type Head = Client & { hair: NonNullable<Client['hair']> }

function isRead(client: Client): client is Head {
  return client.hair !== undefined
}
