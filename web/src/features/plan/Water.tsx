import { Suspense, useDeferredValue, useEffect, useState } from 'react'
import type { Client } from '../../api/types'
import { TideChart } from '../../chart/TideChart'
import { Zoomed } from '../../chart/Zoomed'
import { useSame } from '../../ui/useSame'
import { eventOf } from './eventOf'
import { Expected } from './Expected'
import { inHand } from './InHand'
import { InOrder } from './InOrder'
import { Keeping } from './Keeping'
import { Later, loadLater } from './later'
import { Middle } from './Middle'
import { asked, begun, picked } from './planHistory'
import { movedStep } from './planState'
import { Rivals } from './Rivals'
import { useAtTheWater, type AtTheWater } from './useAtTheWater'
import type { Open, Plan } from './usePlan'
import { WaterFoot } from './WaterFoot'
import { useWaterTabs } from './waterTabs'

type WaterProps = { client: Client; plan: Plan; open: Open }

/** The tide and what stands under it: the steps, what is said or in hand, the result. */
export function Water({ client, plan, open }: WaterProps) {
  const { draft, setDraft } = plan
  const water = useAtTheWater(plan, open.routine)
  const { selected, other, trial, unlay, lay, close } = water
  const shown = useShown(selected, open)
  // A tap on the goal redraws the water first, and what stands under it right after; what hands change is one with its list.
  const later = useDeferredValue(open)
  const below = draft.routine === undefined ? later : open
  useEffect(loadLater, [])
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
            unlay()
            setDraft(picked(draft, i, selected))
          }}
          onLay={lay}
          onBegin={(at) => setDraft(begun(draft, at, selected))}
          onLimits={(limits) => setDraft(asked(draft, { limits }, selected))}
        />
        <Tide client={client} plan={plan} open={open} water={water} shown={shown} />
        <Under client={client} plan={plan} open={open} below={below} water={water} shown={shown} />
      </div>
      <Suspense fallback={null}>
        <Later.PrintedCard
          client={client}
          routine={open.judged}
          judgement={open.judgement}
          beginsAt={draft.beginsAt}
        />
      </Suspense>
    </>
  )
}

/** The line is seen to be touched first; its panel and its place on the water follow, as long as the routine is the same. */
function useShown(selected: number | undefined, { routine }: Open): number | undefined {
  const lastSelected = useDeferredValue(selected)
  const lastRoutine = useDeferredValue(routine)
  return lastRoutine === routine ? lastSelected : selected
}

type PartProps = WaterProps & {
  water: AtTheWater
  /** The step whose panel is open, from 0. */
  shown: number | undefined
}

function Tide({ client, plan, open, water, shown }: PartProps) {
  const { draft } = plan
  const { selected, select, setSelected, change } = water
  const onWater = useSame((index: number) => select(index === selected ? undefined : index))
  const onMoved = useSame((from: number, to: number) => {
    change(movedStep(open.routine, from, to))
    setSelected(to)
  })
  return (
    <Zoomed>
      <TideChart
        tide={open.judgement.tide}
        routine={open.judged}
        amounts={open.judgement.amounts}
        findings={open.judgement.findings}
        selected={shown}
        onSelect={onWater}
        actual={water.beside?.other.tide}
        beginsAt={draft.beginsAt}
        onMove={onMoved}
        dryBy={draft.limits.mustBeDryBy}
        event={eventOf(client, draft.beginsAt)}
        height={264}
      />
    </Zoomed>
  )
}

/** @param below what the steps and the result are drawn of; follows what is open within a moment */
function Under({ client, plan, open, below, water, shown }: PartProps & { below: Open }) {
  const [tab, setTab] = useState('water')
  const { selected, other, trial } = water
  const onSelect = useSame(water.select)
  const onChange = useSame(water.change)
  const onByTheBook = useSame((byTheBook: boolean) =>
    plan.setDraft(asked(plan.draft, { byTheBook }, selected)),
  )
  const tabs = useWaterTabs(client, plan, open, below, water)
  return (
    <div className="grid lg:h-[max(19rem,calc(100vh-30.9rem))] lg:grid-cols-[1fr_1.12fr_21rem]">
      <InOrder
        name={plan.draft.routine === undefined ? undefined : open.name}
        routine={below.routine}
        judgement={below.judgement}
        selected={selected}
        onSelect={onSelect}
        onChange={onChange}
      />
      <Middle
        tab={tab}
        onTab={setTab}
        inHand={inHand(water, plan, open, shown)}
        about={other?.name ?? (trial?.index ?? shown)?.toString()}
        tabs={tabs}
        foot={<WaterFoot client={client} plan={plan} water={water} />}
      />
      <div className="flex min-h-0 flex-col justify-between overflow-y-auto">
        <Expected
          outcome={below.judgement.outcome}
          byTheBook={plan.learned === undefined ? undefined : plan.draft.byTheBook === true}
          onByTheBook={onByTheBook}
        />
        <Keeping routine={below.routine} onChange={onChange} />
      </div>
    </div>
  )
}
