import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useDeferredValue, useEffect, useState } from 'react'
import { compareQuery } from '../../api/queries'
import type { Client, Routine } from '../../api/types'
import { TideChart } from '../../chart/TideChart'
import { Zoomed } from '../../chart/Zoomed'
import { Button } from '../../ui/Button'
import { AtTheWater } from './AtTheWater'
import { Expected } from './Expected'
import { InOrder } from './InOrder'
import { keepSchool } from './keep'
import { Keeping } from './Keeping'
import { Middle } from './Middle'
import { EventAhead } from './EventAhead'
import { eventOf } from './eventOf'
import {
  asInstrumentsSay,
  asked,
  begun,
  changed,
  picked,
  redone,
  undone,
  type PlanDraft,
} from './planHistory'
import { movedStep, withoutStep } from './planState'
import { PrintedCard } from './PrintedCard'
import { Resting } from './Resting'
import { Rivals } from './Rivals'
import { Later, loadLater } from './later'
import { TakeToChair } from './TakeToChair'
import { focusSoon } from '../../ui/focusSoon'
import { useSame } from '../../ui/useSame'
import { useOpenStep } from './useOpenStep'
import { useUndoKeys } from './useUndoKeys'
import { type Plan } from './usePlan'

function lineOf(index: number): string {
  return `ol[aria-label="Steps in order"] > li:nth-child(${index + 1}) [data-line]`
}

/** Another routine laid over the one on the water. */
type Other = { name: string; routine: Routine }

/** The tide and what stands under it: the steps, what is said or in hand, the result. */
export function Water({
  client,
  plan,
  open,
}: {
  client: Client
  plan: Plan
  open: NonNullable<Plan['open']>
}) {
  const { draft, setDraft, setting, shelf } = plan
  const { routine, judgement } = open
  const queries = useQueryClient()
  const { selected, select: setSelected, byHand, orOn } = useOpenStep(routine)
  const [other, setOther] = useState<Other | undefined>(undefined)
  const [trial, setTrial] = useState<{ index: number; inner: number | undefined } | undefined>(undefined)
  const [tab, setTab] = useState('water')
  const compared = useQuery(compareQuery(setting, routine, other?.routine)).data
  const beside = other === undefined ? undefined : compared
  /** Another routine altogether, or one with something mended: the panel goes where its step went. */
  const take = (to: Routine) => {
    setOther(undefined)
    setTrial(undefined)
    orOn(selected)
    setDraft(changed(draft, to, selected))
  }
  const change = (to: Routine) => {
    byHand()
    take(to)
  }
  const lay = (name: string, laid: Routine) => setOther({ name, routine: laid })
  const select = (index: number | undefined) => {
    setOther(undefined)
    setTrial(undefined)
    setSelected(index)
  }
  const stand = (to: PlanDraft) => {
    setOther(undefined)
    setTrial(undefined)
    orOn(to.selected)
    setDraft(to)
  }
  const undo = () => stand(undone(draft, selected))
  const redo = () => stand(redone(draft, selected))
  useUndoKeys(undo, redo)
  /** The panel closes, and focus goes to its line. */
  const close = (index: number | undefined) => {
    select(undefined)
    if (index !== undefined) focusSoon(lineOf(index))
  }
  const leaveOut = (index: number) => {
    change(withoutStep(routine, index))
    close(Math.max(0, Math.min(index, routine.steps.length - 2)))
  }
  // The line is seen to be touched first; its panel and its place on the water follow, as long as the routine is the same.
  const lastSelected = useDeferredValue(selected)
  const lastRoutine = useDeferredValue(routine)
  const shown = lastRoutine === routine ? lastSelected : selected
  const step = shown === undefined ? undefined : routine.steps[shown]
  // A tap on the goal redraws the water first, and what stands under it right after; what hands change is one with its list.
  const later = useDeferredValue(open)
  const below = draft.routine === undefined ? later : open
  const event = eventOf(client, draft.beginsAt)
  useEffect(loadLater, [])
  const onSelect = useSame(select)
  const onChange = useSame(change)
  const onMoved = useSame((from: number, to: number) => {
    change(movedStep(routine, from, to))
    setSelected(to)
  })
  const onWater = useSame((index: number) => select(index === selected ? undefined : index))
  const onTake = useSame(take)
  const onLay = useSame(lay)
  return (
    <>
      <div
        className="sheet max-lg:mb-20 print:hidden"
        aria-busy={plan.busy || below !== open}
        onKeyDown={(event) => {
          if (event.key !== 'Escape' || event.defaultPrevented) return
          if (other === undefined && trial === undefined && selected === undefined) return
          event.preventDefault()
          close(selected)
        }}
      >
        <Rivals
          plan={plan}
          onPick={(i) => {
            setOther(undefined)
            setDraft(picked(draft, i, selected))
          }}
          onLay={lay}
          onBegin={(at) => setDraft(begun(draft, at, selected))}
          onLimits={(limits) => setDraft(asked(draft, { limits }, selected))}
        />
        <Zoomed>
          <TideChart
            tide={judgement.tide}
            routine={open.judged}
            amounts={judgement.amounts}
            findings={judgement.findings}
            selected={shown}
            onSelect={onWater}
            actual={beside?.other.tide}
            beginsAt={draft.beginsAt}
            onMove={onMoved}
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
            about={other?.name ?? (trial?.index ?? shown)?.toString()}
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
                      onLimits={(limits) => setDraft(asked(draft, { limits }, selected))}
                    />
                    <Resting client={client} setting={setting} />
                    <AtTheWater
                      judgement={below.judgement}
                      why={below.why}
                      onMend={onTake}
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
                  <Later.Schools
                    setting={setting}
                    shelf={shelf}
                    onPreview={lay}
                    onToday={(key, side) =>
                      setDraft(asked(draft, { schools: { ...setting.schools, [key]: side } }, selected))
                    }
                    onClient={(key, side) => void keepSchool(client, key, side, queries)}
                  />
                ),
              },
              {
                value: 'air',
                label: 'Air',
                content: (
                  <Later.Air
                    air={setting.air}
                    typed={draft.air !== undefined}
                    setting={setting}
                    shelf={shelf}
                    onTyped={(air) => setDraft(asked(draft, { air }, selected))}
                    onInstruments={() => setDraft(asInstrumentsSay(draft, selected))}
                  />
                ),
              },
              {
                value: 'kept',
                label: 'Templates',
                content: <Later.Templates setting={setting} shelf={shelf} routine={routine} onTake={take} />,
              },
              {
                value: 'along',
                label: 'Take along',
                content: <Later.TakeAlong setting={setting} routine={routine} onTake={take} />,
              },
            ]}
            foot={
              <>
                <TakeToChair client={client} plan={plan} onTaken={() => setDraft(undefined)} />
                <Button disabled={draft.past.length === 0} onClick={undo}>
                  Undo
                </Button>
                <Button disabled={(draft.future ?? []).length === 0} onClick={redo}>
                  Redo
                </Button>
                {draft.routine !== undefined && (
                  <Button
                    className="max-sm:hidden"
                    onClick={() => setDraft(picked(draft, draft.pick, selected))}
                  >
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
        <Later.Beside
          name={other.name}
          compared={beside}
          onTake={() => take(other.routine)}
          onLeave={() => setOther(undefined)}
        />
      )
    if (trial !== undefined)
      return (
        <Later.Halves
          routine={routine}
          index={trial.index}
          inner={trial.inner}
          shelf={shelf}
          onTake={change}
          onLeave={() => setTrial(undefined)}
        />
      )
    if (shown === undefined || step === undefined) return null
    return (
      <Later.StepPanel
        setting={setting}
        routine={routine}
        index={shown}
        step={step}
        judgement={judgement}
        why={open.why}
        shelf={shelf}
        onChange={change}
        onMend={take}
        onSelect={select}
        onClose={() => close(shown)}
        onLeaveOut={() => leaveOut(shown)}
        onPreview={lay}
        onHalves={(index, inner) => setTrial({ index, inner })}
      />
    )
  }
}
