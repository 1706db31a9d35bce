import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Build, Product, Situation } from '../../api/types'
import { hairLine } from '../../api/words'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure, Waiting } from '../../ui/Notice'
import { situationQuery, tellBuild } from './buildQueries'
import type { Head } from './PracticePage'
import { Reached } from './Reached'

type WhatWouldYouDoProps = { client: Head; shelf: Product[]; round: number; onNext: () => void }

/** One round: a head on some day, its layers, hands and drying to decide, then what that comes to. */
export function WhatWouldYouDo({ client, shelf, round, onNext }: WhatWouldYouDoProps) {
  const { data: situation, error } = useQuery(situationQuery(client, shelf, round))
  if (error !== null)
    return (
      <div className="grid justify-items-start gap-3">
        <Failure error={error} />
        <Button onClick={onNext}>Another head</Button>
      </div>
    )
  if (situation === undefined) return <Waiting what="Setting out the bottles" />
  return <Deciding client={client} situation={situation} onNext={onNext} />
}

type DecidingProps = { client: Head; situation: Situation; onNext: () => void }

function Deciding({ client, situation, onNext }: DecidingProps) {
  const [draft, setDraft] = useState<Draft>({ bottles: {}, hands: undefined, drying: undefined })
  const tell = useMutation({ mutationFn: (build: Build) => tellBuild(client, situation, build) })
  const build = whole(draft, situation)
  return (
    <div className="sheet">
      <Day client={client} situation={situation} />
      {tell.data === undefined ? (
        <div className="grid gap-3 px-4 py-3">
          {situation.layers.map((layer) => (
            <Choice
              key={layer.slot}
              label={layer.label}
              options={[
                { value: NONE, label: 'none' },
                ...layer.bottles.map((name) => ({ value: name, label: bottle(name, situation) })),
              ]}
              value={draft.bottles[layer.slot]}
              onChange={(name) => setDraft({ ...draft, bottles: { ...draft.bottles, [layer.slot]: name } })}
            />
          ))}
          <Choice
            label="Hands"
            options={situation.hands}
            value={draft.hands}
            onChange={(hands) => setDraft({ ...draft, hands })}
          />
          <Choice
            label="Drying"
            options={situation.drying}
            value={draft.drying}
            onChange={(drying) => setDraft({ ...draft, drying })}
          />
          {tell.error !== null && <Failure error={tell.error} />}
          <span className="flex flex-wrap items-center gap-3">
            <Button
              main
              disabled={build === undefined || tell.isPending}
              onClick={() => {
                if (build !== undefined) tell.mutate(build)
              }}
            >
              {tell.isPending ? 'Running both…' : 'See how far it gets'}
            </Button>
            <Button onClick={onNext}>Another head</Button>
            <span className="text-muted">
              Amounts, sections and care are settled for you: as well as they can be for what you decide.
            </span>
          </span>
        </div>
      ) : (
        <Reached told={tell.data} onAgain={() => tell.reset()} onNext={onNext} />
      )}
    </div>
  )
}

/** Who, what for, in which air, how long. */
function Day({ client, situation }: Omit<DecidingProps, 'onNext'>) {
  const { air, limits, weather, wants } = situation
  const out =
    air.outdoors === undefined ? '' : ` (${air.outdoors.temperatureC}° ${air.outdoors.relativeHumidity} %)`
  return (
    <dl className="border-line grid gap-x-8 gap-y-1 border-b px-4 py-2 sm:grid-cols-[auto_1fr_auto_auto]">
      {(
        [
          ['Head', `${client.name}, ${hairLine(client.hair)}`],
          ['Wants', wants],
          ['Air', `${air.temperatureC}° ${air.relativeHumidity} %, ${weather}${out}`],
          ['Minutes', String(limits.minutes)],
        ] as const
      ).map(([what, words]) => (
        <div key={what}>
          <dt className="label">{what}</dt>
          <dd className="figures">{words}</dd>
        </div>
      ))}
    </dl>
  )
}

/** No bottle is called so. */
const NONE = '\u0000'

type Draft = {
  bottles: Partial<Record<Situation['layers'][number]['slot'], string>>
  hands: Build['hands'] | undefined
  drying: Build['drying'] | undefined
}

/** Everything decided; undefined while something is not. */
function whole({ bottles, hands, drying }: Draft, { layers }: Situation): Build | undefined {
  if (layers.some((layer) => bottles[layer.slot] === undefined)) return undefined
  const of = (slot: keyof Draft['bottles'], key: keyof Build) => {
    const name = bottles[slot]
    return name === undefined || name === NONE ? {} : { [key]: name }
  }
  if (hands === undefined || drying === undefined) return undefined
  return {
    ...of('LEAVE_IN', 'leaveIn'),
    ...of('CREAM', 'cream'),
    ...of('GEL', 'gel'),
    ...of('MOUSSE', 'mousse'),
    hands,
    drying,
  }
}

/** A bottle with what decides: its hold and how rich it is. */
function bottle(name: string, { shelf }: Situation): string {
  const product = shelf.find((one) => one.name === name)
  return product === undefined ? name : `${name} · hold ${product.hold}, rich ${product.richness}`
}
