import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Tabs } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { answered, api, ApiError, isClient } from '../../api/client'
import { hairTodayQuery } from '../../api/hairToday'
import type { Client, ClientDraft, Zone } from '../../api/types'
import { hairLine, keysOf, OCCASION, ZONE_LABEL, type Option } from '../../api/words'
import { Island } from '../../chart/Island'
import { Button } from '../../ui/Button'
import { Caution, Failure, Waiting } from '../../ui/Notice'
import { Choice } from '../../ui/Choice'
import { Select } from '../../ui/Select'
import { atWrongField } from '../../ui/wrongField'
import { isObject, useStored } from '../../ui/useStored'
import { useClient } from '../clients/ClientFrame'
import {
  differing,
  fromClient,
  inZone,
  missing,
  only,
  toHair,
  toIntake,
  type Consult,
  type Found,
  type Occasion,
  type ReadingName,
  type Scope,
} from './consultState'
import { planKey } from '../plan/planHistory'
import { DayPanel } from './DayPanel'
import { Follows } from './Follows'
import { KeptPanel } from './KeptPanel'
import { ReadingsForm } from './ReadingsForm'
import { ScalpPanel } from './ScalpPanel'
import { TestsPanel } from './TestsPanel'
import { useFound } from './useFound'
import { WaysPanel } from './WaysPanel'
import { WishesPanel } from './WishesPanel'

/** What may have made somebody read the hair again. */
const AGAIN: readonly Option<Occasion>[] = keysOf(OCCASION).flatMap((value) =>
  value === 'FIRST' ? [] : [{ value, label: OCCASION[value] }],
)

export function ConsultPage() {
  const client = useClient()
  const [draft, setDraft] = useStored(`consult:${client.id}`, isConsult)
  const today = useQuery(hairTodayQuery(client)).data
  const consult = draft ?? fromClient(today === undefined ? client : { ...client, hair: today })
  const { found, error } = useFound(consult)
  const [scope, setScope] = useState<Scope>(undefined)
  if (found === undefined)
    return error === null ? <Waiting what="Opening the consult" /> : <Failure error={error} />
  const on = { consult, onChange: setDraft }
  const count = Object.keys(scope === undefined ? consult.tests : (consult.zoneTests[scope] ?? {})).length
  const parts: readonly (readonly [string, string, ReactNode])[] = [
    ['quick', 'Quick read, 60 s', <ReadingsForm key="quick" {...on} found={found} scope={scope} />],
    [
      'tests',
      `Guided tests · ${count}`,
      <TestsPanel key="tests" {...on} scope={scope} clientId={client.id} />,
    ],
    ['scalp', 'Condition', <ScalpPanel key="scalp" {...on} scope={scope} />],
    ['day', 'Hair now', <DayPanel key="day" {...on} />],
    ['wishes', 'Wishes', <WishesPanel key="wishes" {...on} />],
    ['ways', 'Ways', <WaysPanel key="ways" {...on} />],
    ['kept', 'Kept', <KeptPanel key="kept" client={client} />],
  ]
  return (
    <div className="sheet grid lg:h-[calc(100vh-8.6rem)] lg:min-h-[36rem] lg:grid-cols-[17rem_1fr_17.5rem]">
      <Head consult={consult} found={found} scope={scope} onScope={setScope} />
      <Tabs.Root
        defaultValue="quick"
        className="border-line flex min-h-0 min-w-0 flex-col border-b lg:border-r lg:border-b-0"
      >
        <Tabs.List aria-label="Parts of the consult" className="border-ink flex flex-wrap border-b">
          {parts.map(([name, label]) => (
            <Tabs.Trigger
              key={name}
              value={name}
              className="border-line data-[state=active]:bg-ink data-[state=active]:text-paper border-r px-2.5 py-1.5 text-[0.93rem] font-medium hover:bg-shallow"
            >
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {parts.map(([name, , panel]) => (
          <Tabs.Content
            key={name}
            value={name}
            className="grid min-h-0 content-start gap-3.5 overflow-y-auto p-4"
          >
            {name !== 'kept' && name !== 'day' && name !== 'wishes' && name !== 'ways' && (
              <h2 className="text-lg leading-none font-semibold">
                {scope === undefined ? 'The whole head' : `Only the ${ZONE_LABEL[scope]}`}
              </h2>
            )}
            {panel}
          </Tabs.Content>
        ))}
      </Tabs.Root>
      <section className="flex min-h-0 flex-col gap-3 p-4" aria-label="What follows">
        <div
          className="grid min-h-0 content-start gap-3 overflow-y-auto"
          tabIndex={0}
          role="group"
          aria-label="Found"
        >
          <Follows consult={consult} found={found} scope={scope} error={error} />
        </div>
        <SaveBar
          client={client}
          consult={consult}
          found={found}
          edited={draft !== undefined}
          setDraft={setDraft}
        />
      </section>
    </div>
  )
}

const SHOWN: readonly { value: ReadingName; label: string }[] = [
  { value: 'pattern', label: 'pattern' },
  { value: 'strand', label: 'strand' },
  { value: 'porosity', label: 'porosity' },
  { value: 'density', label: 'density' },
  { value: 'lengthCm', label: 'cm' },
]
/** How high a level stands on the chart, 0 to 1. */
const HEIGHT: Record<string, number> = { FINE: 0, LOW: 0, MEDIUM: 0.5, COARSE: 1, HIGH: 1 }

type HeadProps = { consult: Consult; found: Found; scope: Scope; onScope: (scope: Scope) => void }

/** The island: one reading at a time over the six zones, and which zone is in hand. */
function Head({ consult, found, scope, onScope }: HeadProps) {
  const [shown, setShown] = useState<ReadingName>('pattern')
  const value = (zone: Zone) => inZone(consult, found, zone, shown)
  return (
    <section
      className="border-line grid content-start gap-2.5 overflow-y-auto border-b p-4 lg:border-r lg:border-b-0"
      aria-label="The head"
    >
      <Island
        title={shown === 'lengthCm' ? 'length, cm' : shown}
        value={(zone) => {
          const read = value(zone)
          return typeof read === 'number'
            ? String(read)
            : read?.toLowerCase().replace(/^\d[a-c]$/, (w) => w.toUpperCase())
        }}
        height={(zone) => heightOf(value(zone))}
        selected={scope}
        onSelect={(zone) => onScope(zone === scope ? undefined : zone)}
        marked={differing(consult, found)}
      />
      <Choice label="Soundings of" options={SHOWN} value={shown} onChange={setShown} compact />
      <Button onClick={() => onScope(undefined)} aria-pressed={scope === undefined}>
        All zones at once
      </Button>
      <p className="text-muted text-sm leading-snug">
        The whole head first, then touch a zone where it differs. ∗ marks a zone with readings of its own.
      </p>
    </section>
  )
}

function heightOf(value: string | number | undefined): number {
  if (value === undefined) return 0
  if (typeof value === 'number') return Math.min(1, value / 60)
  const order = ['1', '2A', '2B', '2C', '3A', '3B', '3C', '4A', '4B', '4C'].indexOf(value)
  return HEIGHT[value] ?? Math.max(0, order) / 9
}

type SaveBarProps = {
  client: Client
  consult: Consult
  found: Found
  edited: boolean
  setDraft: (next: Consult | undefined) => void
}

function SaveBar({ client, consult, found, edited, setDraft }: SaveBarProps) {
  const save = useSave(client, consult, found, () => setDraft(undefined))
  const lacking = missing(consult, found)
  return (
    <div className="border-line mt-auto grid gap-2 border-t pt-3">
      {client.hair !== undefined && edited && (
        <Select
          label="This reading is"
          options={AGAIN}
          value={consult.occasion}
          onChange={(occasion) => setDraft({ ...consult, occasion })}
        />
      )}
      {save.error !== null && (
        <SaveFailure
          error={save.error}
          client={client}
          onTheirs={() => setDraft(undefined)}
          onMine={(version) => save.mutate(version)}
        />
      )}
      {lacking.length > 0 && <p className="text-muted">Still to read: {lacking.join(', ')}</p>}
      {edited && lacking.length === 0 && (
        <p className="text-muted text-sm">
          Not saved yet; kept on this device.{' '}
          <button type="button" className="underline" onClick={() => setDraft(undefined)}>
            Forget the changes
          </button>
        </p>
      )}
      <Button
        main
        className="min-h-11"
        disabled={lacking.length > 0 || save.isPending}
        onClick={() => !atWrongField() && save.mutate(client.version)}
      >
        Save and plan
      </Button>
    </div>
  )
}

function useSave(client: Client, consult: Consult, found: Found, forget: () => void) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  return useMutation({
    mutationFn: (version: number) =>
      answered(
        api.PUT('/api/clients/{id}', {
          params: { path: { id: client.id }, header: { 'If-Match': `"${version}"` } },
          body: only({
            name: client.name,
            notes: consult.notes,
            hair: toHair(consult, found),
            goal: consult.goal,
            schools: consult.schools,
            limits: consult.limits,
            intake: toIntake(consult, found),
            occasion: client.hair === undefined ? ('FIRST' as const) : consult.occasion,
          }) as ClientDraft,
        }),
      ),
    onSuccess: async (saved) => {
      forget()
      // The plan begins from what the consult has just said.
      localStorage.removeItem(planKey(client.id))
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
      <p className="my-1">
        Theirs: {theirs.hair === undefined ? 'no readings' : hairLine(theirs.hair)}
        {theirs.notes === undefined || theirs.notes === '' ? '' : `; notes “${theirs.notes}”`}
      </p>
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

function isConsult(value: unknown): value is Consult {
  return (
    isObject(value) &&
    isObject(value['head']) &&
    isObject(value['zones']) &&
    isObject(value['tests']) &&
    isObject(value['zoneTests']) &&
    isObject(value['goal']) &&
    isObject(value['limits']) &&
    isObject(value['schools']) &&
    isObject(value['intake']) &&
    isObject(value['daysSince']) &&
    Array.isArray(value['scalp']) &&
    Array.isArray(value['condition']) &&
    typeof value['notes'] === 'string'
  )
}
