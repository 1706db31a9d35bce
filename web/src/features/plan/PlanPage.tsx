import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { Link } from 'react-router'
import { compareQuery } from '../../api/queries'
import type { Client, Hair, Routine } from '../../api/types'
import { without } from '../../api/without'
import { TideChart } from '../../chart/TideChart'
import { Zoomed } from '../../chart/Zoomed'
import { Button } from '../../ui/Button'
import { Caution, Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { AirPanel } from './AirPanel'
import { AtTheWater } from './AtTheWater'
import { Beside } from './Beside'
import { Expected } from './Expected'
import { GoalBar } from './GoalBar'
import { Halves } from './Halves'
import { InOrder } from './InOrder'
import { keepSchool } from './keep'
import { Keeping } from './Keeping'
import { Middle } from './Middle'
import { EventAhead } from './EventAhead'
import { eventOf } from './eventOf'
import { asked, begun, changed, movedStep, picked, redone, undone } from './planState'
import { PrintedCard } from './PrintedCard'
import { Resting } from './Resting'
import { Rivals } from './Rivals'
import { SchoolsPanel } from './SchoolsPanel'
import { StepPanel } from './StepPanel'
import { TakeAlong } from './TakeAlong'
import { TakeToChair } from './TakeToChair'
import { Templates } from './Templates'
import { useSame } from '../../ui/useSame'
import { usePlan, type Plan } from './usePlan'

export function PlanPage() {
  const client = useClient()
  if (client.hair === undefined) {
    return (
      <Empty title="The hair has not been read yet">
        <p>Five readings are enough to plan from: strand, porosity, pattern, density, length.</p>
        <Link to="../consult" className="underline">
          Go to the consult
        </Link>
      </Empty>
    )
  }
  return <PlanOf client={client} hair={client.hair} />
}

function PlanOf({ client, hair }: { client: Client; hair: Hair }) {
  const plan = usePlan(client, hair)
  const { draft, setDraft, open, suggestions, error } = plan
  return (
    <>
      <GoalBar draft={draft} onChange={(change) => setDraft(asked(draft, change))} />
      {error !== null && <Failure error={error} />}
      {suggestions?.nothing !== undefined && (
        <Caution title={suggestions.nothing}>
          {suggestions.refused.map((refused) => (
            <p key={refused.product.name}>
              {refused.product.name}: {refused.because}
            </p>
          ))}
        </Caution>
      )}
      {open === undefined ? (
        suggestions?.nothing === undefined && error === null && <Waiting what="Working out the tide" />
      ) : (
        <Water client={client} plan={plan} open={open} />
      )}
    </>
  )
}

/** Another routine laid over the one on the water. */
type Other = { name: string; routine: Routine }

function Water({ client, plan, open }: { client: Client; plan: Plan; open: NonNullable<Plan['open']> }) {
  const { draft, setDraft, setting, shelf } = plan
  const { routine, judgement } = open
  const queries = useQueryClient()
  const [selected, setSelected] = useState<number | undefined>(undefined)
  const [other, setOther] = useState<Other | undefined>(undefined)
  const [trial, setTrial] = useState<{ index: number; inner: number | undefined } | undefined>(undefined)
  const [tab, setTab] = useState('water')
  const compared = useQuery(compareQuery(setting, routine, other?.routine)).data
  const beside = other === undefined ? undefined : compared
  const change = (to: Routine) => {
    setOther(undefined)
    setTrial(undefined)
    setDraft(changed(draft, routine, to))
  }
  const lay = (name: string, laid: Routine) => setOther({ name, routine: laid })
  const select = (index: number | undefined) => {
    setOther(undefined)
    setTrial(undefined)
    setSelected(index)
  }
  const step = selected === undefined ? undefined : routine.steps[selected]
  // A tap on the goal redraws the water first, and what stands under it right after; what hands change is one with its list.
  const later = useDeferredValue(open)
  const below = draft.routine === undefined ? later : open
  const event = eventOf(client, draft.beginsAt)
  const onSelect = useSame(select)
  const onChange = useSame(change)
  const onLay = useSame(lay)
  return (
    <>
      <div className="sheet max-lg:mb-20 print:hidden" aria-busy={plan.busy}>
        <Rivals
          plan={plan}
          onPick={(i) => {
            select(undefined)
            setDraft(picked(draft, i))
          }}
          onLay={lay}
          onBegin={(at) => setDraft(begun(draft, at))}
          onLimits={(limits) => setDraft(asked(draft, { limits }))}
        />
        <Zoomed>
          <TideChart
            tide={judgement.tide}
            routine={open.judged}
            amounts={judgement.amounts}
            findings={judgement.findings}
            selected={selected}
            onSelect={(index) => select(index === selected ? undefined : index)}
            actual={beside?.other.tide}
            beginsAt={draft.beginsAt}
            onMove={(from, to) => {
              change(movedStep(routine, from, to))
              setSelected(to)
            }}
            dryBy={draft.limits.mustBeDryBy}
            event={event}
            height={264}
          />
        </Zoomed>
        <div className="grid lg:h-[max(19rem,calc(100vh-31.6rem))] lg:grid-cols-[1fr_1.12fr_21rem]">
          <InOrder
            name={draft.routine === undefined ? undefined : open.name}
            routine={below.routine}
            judgement={below.judgement}
            selected={selected}
            onSelect={onSelect}
            onChange={onChange}
          />
          <Middle
            tab={tab}
            onTab={setTab}
            inHand={inHand()}
            about={other?.name ?? (trial?.index ?? selected)?.toString()}
            tabs={[
              {
                value: 'water',
                label: 'At the water',
                content: (
                  <div className="grid gap-2">
                    <EventAhead
                      event={event}
                      minutes={below.judgement.minutes}
                      limits={draft.limits}
                      onLimits={(limits) => setDraft(asked(draft, { limits }))}
                    />
                    <Resting client={client} setting={setting} />
                    <AtTheWater
                      judgement={below.judgement}
                      why={below.why}
                      onMend={onChange}
                      onPreview={onLay}
                      onSelect={onSelect}
                    />
                  </div>
                ),
              },
              {
                value: 'schools',
                label: 'Schools',
                content: (
                  <SchoolsPanel
                    setting={setting}
                    shelf={shelf}
                    onPreview={lay}
                    onToday={(key, side) =>
                      setDraft(asked(draft, { schools: { ...setting.schools, [key]: side } }))
                    }
                    onClient={(key, side) => void keepSchool(client, key, side, queries)}
                  />
                ),
              },
              {
                value: 'air',
                label: 'Air',
                content: (
                  <AirPanel
                    air={setting.air}
                    typed={draft.air !== undefined}
                    setting={setting}
                    shelf={shelf}
                    onTyped={(air) => setDraft(asked(draft, { air }))}
                    onInstruments={() => setDraft(without(asked(draft, {}), 'air'))}
                  />
                ),
              },
              {
                value: 'kept',
                label: 'Templates',
                content: <Templates setting={setting} shelf={shelf} routine={routine} onTake={change} />,
              },
              {
                value: 'along',
                label: 'Take along',
                content: <TakeAlong setting={setting} routine={routine} onTake={change} />,
              },
            ]}
            foot={
              <>
                <TakeToChair client={client} plan={plan} onTaken={() => setDraft(undefined)} />
                <Button disabled={draft.past.length === 0} onClick={() => setDraft(undone(draft, routine))}>
                  Undo
                </Button>
                <Button
                  disabled={(draft.future ?? []).length === 0}
                  onClick={() => setDraft(redone(draft, routine))}
                >
                  Redo
                </Button>
                {draft.routine !== undefined && (
                  <Button className="max-sm:hidden" onClick={() => setDraft(picked(draft, draft.pick))}>
                    As suggested
                  </Button>
                )}
              </>
            }
          />
          <div className="flex min-h-0 flex-col justify-between overflow-y-auto">
            <Expected outcome={below.judgement.outcome} />
            <Keeping routine={below.routine} onChange={onChange} />
          </div>
        </div>
      </div>
      <PrintedCard client={client} routine={open.judged} judgement={judgement} beginsAt={draft.beginsAt} />
    </>
  )

  function inHand() {
    if (other !== undefined)
      return (
        <Beside
          name={other.name}
          compared={beside}
          onTake={() => change(other.routine)}
          onLeave={() => setOther(undefined)}
        />
      )
    if (trial !== undefined)
      return (
        <Halves
          routine={routine}
          index={trial.index}
          inner={trial.inner}
          shelf={shelf}
          onTake={change}
          onLeave={() => setTrial(undefined)}
        />
      )
    if (selected === undefined || step === undefined) return null
    return (
      <StepPanel
        setting={setting}
        routine={routine}
        index={selected}
        step={step}
        judgement={judgement}
        why={open.why}
        shelf={shelf}
        onChange={change}
        onSelect={select}
        onPreview={lay}
        onHalves={(index, inner) => setTrial({ index, inner })}
      />
    )
  }
}
