import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, api, ApiError, isClient } from '../../api/client'
import { readingsQuery } from '../../api/queries'
import { ZONES, type Client, type Limits, type Zone } from '../../api/types'
import { hairLine, ZONE_LABEL } from '../../api/words'
import { Island } from '../../chart/Island'
import { Button } from '../../ui/Button'
import { Checks } from '../../ui/Checks'
import { Caution, Failure } from '../../ui/Notice'
import { isObject, useStored } from '../../ui/useStored'
import { useClient } from '../clients/ClientFrame'
import { USUAL_LIMITS } from '../plan/planState'
import { fromClient, missing, toHair, withReading, type Consult } from './consultState'
import { AtHand } from './AtHand'
import { CONDITION, HeadForm } from './HeadForm'
import { ReadingsForm } from './ReadingsForm'

export function ConsultPage() {
  const client = useClient()
  const [draft, setDraft] = useStored(`consult:${client.id}`, isConsult)
  const consult = draft ?? fromClient(client)
  const [zone, setZone] = useState<Zone | undefined>(undefined)
  const save = useSave(client, consult, () => setDraft(undefined))
  const lacking = missing(consult)
  const differing = new Set(ZONES.filter((z) => Object.keys(consult.zones[z] ?? {}).length > 0))
  return (
    <div className="sheet grid lg:grid-cols-[19rem_1fr_22rem]">
      <section
        className="border-line grid content-start gap-3 border-b p-4 lg:border-r lg:border-b-0"
        aria-label="The head"
      >
        <h2 className="label">The head, zone by zone</h2>
        <Island
          title="pattern"
          value={(z) => consult.zones[z]?.pattern ?? consult.head.pattern}
          selected={zone}
          onSelect={(z) => setZone(z === zone ? undefined : z)}
          marked={differing}
        />
        <Button onClick={() => setZone(undefined)} aria-pressed={zone === undefined}>
          All zones at once
        </Button>
        <p className="text-muted text-sm">
          Set the whole head first, then touch a zone where it differs. ∗ marks a zone with readings of its
          own.
        </p>
        <Earlier client={client} />
      </section>
      <section
        className="border-line grid content-start gap-4 border-b p-4 lg:border-r lg:border-b-0"
        aria-label="Readings"
      >
        <h2 className="text-lg font-semibold">
          {zone === undefined ? 'The whole head' : `Only the ${ZONE_LABEL[zone]}`}
        </h2>
        <ReadingsForm
          head={consult.head}
          own={zone === undefined ? undefined : (consult.zones[zone] ?? {})}
          onChange={(change) => setDraft(withReading(consult, zone, change))}
        />
        {zone !== undefined && (
          <Checks
            label="Condition here"
            options={CONDITION}
            value={consult.zones[zone]?.condition ?? consult.condition}
            onChange={(condition) => setDraft(withReading(consult, zone, { condition }))}
          />
        )}
        {zone === undefined && <AtHand consult={consult} onChange={setDraft} />}
        {zone !== undefined && differing.has(zone) && (
          <Button
            className="justify-self-start"
            onClick={() => setDraft({ ...consult, zones: { ...consult.zones, [zone]: {} } })}
          >
            Same as the head again
          </Button>
        )}
      </section>
      <section className="grid content-start gap-4 p-4" aria-label="The client">
        <HeadForm consult={consult} onChange={setDraft} />
        {save.error !== null && (
          <SaveFailure
            error={save.error}
            client={client}
            onTheirs={() => setDraft(undefined)}
            onMine={(version) => save.mutate(version)}
          />
        )}
        <div className="flex flex-wrap items-center gap-3">
          <Button
            main
            disabled={lacking.length > 0 || save.isPending}
            onClick={() => save.mutate(client.version)}
          >
            Save and plan
          </Button>
          {lacking.length > 0 && <span className="text-muted">Still to read: {lacking.join(', ')}</span>}
          {draft !== undefined && lacking.length === 0 && (
            <span className="text-muted">Not saved yet; kept on this device</span>
          )}
        </div>
      </section>
    </div>
  )
}

function useSave(client: Client, consult: Consult, forget: () => void) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  return useMutation({
    mutationFn: (version: number) => {
      const hair = toHair(consult)
      const { name, goal, schools } = client
      const limits: Limits = { ...(client.limits ?? USUAL_LIMITS), tools: consult.tools }
      return answered(
        api.PUT('/api/clients/{id}', {
          params: { path: { id: client.id }, header: { 'If-Match': `"${version}"` } },
          body: {
            name,
            notes: consult.notes,
            ...(hair === undefined ? {} : { hair }),
            ...(goal === undefined ? {} : { goal }),
            ...(schools === undefined ? {} : { schools }),
            limits,
          },
        }),
      )
    },
    onSuccess: async (saved) => {
      forget()
      queries.setQueryData(['client', client.id], saved)
      await queries.invalidateQueries({ queryKey: ['today'] })
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'readings'] })
      await navigate('../plan')
    },
  })
}

type SaveFailureProps = {
  error: Error
  client: Client
  onTheirs: () => void
  onMine: (version: number) => void
}

/** Two people, one client: both versions are in sight and the choice is plain. */
function SaveFailure({ error, client, onTheirs, onMine }: SaveFailureProps) {
  const queries = useQueryClient()
  if (!(error instanceof ApiError) || error.status !== 412 || !isClient(error.current))
    return <Failure error={error} />
  const theirs = error.current
  return (
    <Caution title="Somebody else saved this client meanwhile.">
      <p className="my-1">Theirs: {theirs.hair === undefined ? 'no readings' : hairLine(theirs.hair)}</p>
      <div className="flex gap-2">
        <Button onClick={() => onMine(theirs.version)}>Keep mine</Button>
        <Button
          onClick={() => {
            onTheirs()
            queries.setQueryData(['client', client.id], theirs)
          }}
        >
          Take theirs
        </Button>
      </div>
    </Caution>
  )
}

function Earlier({ client }: { client: Client }) {
  const readings = useQuery(readingsQuery(client.id)).data ?? []
  if (readings.length === 0) return null
  return (
    <details>
      <summary className="label">Readings kept: {readings.length}</summary>
      <ul className="mt-2 grid gap-1 text-sm">
        {readings.map((reading) => (
          <li key={reading.id}>
            <span className="figures">{new Date(reading.takenAt).toLocaleDateString()}</span>{' '}
            {hairLine(reading.hair)}
          </li>
        ))}
      </ul>
      <Link to="../log" className="underline">
        Past wash days
      </Link>
    </details>
  )
}

function isConsult(value: unknown): value is Consult {
  return (
    isObject(value) &&
    isObject(value['head']) &&
    isObject(value['zones']) &&
    Array.isArray(value['scalp']) &&
    Array.isArray(value['tools']) &&
    isObject(value['daysSince']) &&
    typeof value['notes'] === 'string'
  )
}
