import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import type { Client, Hair } from '../../api/types'
import { TideChart } from '../../chart/TideChart'
import { Button } from '../../ui/Button'
import { Caution, Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { AtTheWater } from './AtTheWater'
import { Expected } from './Expected'
import { GoalBar } from './GoalBar'
import { InOrder } from './InOrder'
import { Resting } from './Resting'
import { asked, changed, picked, undone } from './planState'
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
  const [selected, setSelected] = useState<number | undefined>(undefined)
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
        <div className="sheet" aria-busy={plan.busy}>
          <Rivals plan={plan} onPick={(i) => setDraft(picked(draft, i))} />
          <div className="border-ink border-b">
            <TideChart
              tide={open.judgement.tide}
              routine={open.routine}
              amounts={open.judgement.amounts}
              findings={open.judgement.findings}
              selected={selected}
              onSelect={(index) => setSelected(index === selected ? undefined : index)}
              height={290}
            />
          </div>
          <div className="grid lg:h-[max(19rem,calc(100vh-33rem))] lg:grid-cols-[1.1fr_1.15fr_18rem]">
            <InOrder
              routine={open.routine}
              judgement={open.judgement}
              selected={selected}
              onSelect={setSelected}
              onChange={(to) => setDraft(changed(draft, open.routine, to))}
            />
            <AtTheWater
              judgement={open.judgement}
              why={open.why}
              selected={selected}
              onMend={(to) => setDraft(changed(draft, open.routine, to))}
              onSelect={setSelected}
              resting={<Resting client={client} setting={plan.setting} />}
              undo={draft.past.length === 0 ? undefined : () => setDraft(undone(draft))}
            >
              <TakeToChair client={client} plan={plan} onTaken={() => setDraft(undefined)} />
            </AtTheWater>
            <Expected outcome={open.judgement.outcome} />
          </div>
        </div>
      )}
    </>
  )
}

/** The answer and its rivals, one tap away. */
function Rivals({ plan, onPick }: { plan: Plan; onPick: (index: number) => void }) {
  const rivals = plan.suggestions?.suggestions ?? []
  const { open, draft } = plan
  return (
    <div className="border-ink flex flex-wrap items-stretch border-b">
      {rivals.map((rival, i) => (
        <button
          key={rival.name}
          type="button"
          aria-pressed={draft.pick === i && draft.routine === undefined}
          onClick={() => onPick(i)}
          className="border-line aria-pressed:bg-ink aria-pressed:text-paper border-r px-4 py-1.5 text-left font-semibold hover:bg-shallow"
        >
          {rival.name}
        </button>
      ))}
      {open !== undefined && (
        <p className="figures ml-auto flex items-center px-4 py-1 text-[0.98rem]">
          {draft.routine !== undefined && <span className="text-muted mr-3">{open.name}</span>}
          {Math.round(open.judgement.minutes)} min · {Math.round(open.judgement.chairMinutes)} hands on
          {open.judgement.costCents > 0 && ` · cost ${(open.judgement.costCents / 100).toFixed(2)}`} · lasts
          about {Math.round(open.judgement.outcome.overall.days)} days
        </p>
      )}
    </div>
  )
}

/** The goal of this time is where the next begins. Somebody else's newer version of the client is left alone. */
async function rememberGoal(client: Client, { draft }: Plan) {
  const { name, hair, schools, notes, intake } = client
  await answered(
    api.PUT('/api/clients/{id}', {
      params: { path: { id: client.id }, header: { 'If-Match': `"${client.version}"` } },
      body: {
        name,
        goal: draft.goal,
        limits: draft.limits,
        ...(hair === undefined ? {} : { hair }),
        ...(schools === undefined ? {} : { schools }),
        ...(notes === undefined ? {} : { notes }),
        ...(intake === undefined ? {} : { intake }),
      },
    }),
  ).catch(() => undefined)
}

function TakeToChair({ client, plan, onTaken }: { client: Client; plan: Plan; onTaken: () => void }) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const { open, setting } = plan
  const take = useMutation({
    mutationFn: () => {
      if (open === undefined) throw new Error('There is no plan to take yet')
      return answered(
        api.POST('/api/clients/{id}/wash-days', {
          params: { path: { id: client.id } },
          body: { name: open.name, ...setting, routine: open.routine },
        }),
      )
    },
    onSuccess: async () => {
      await rememberGoal(client, plan)
      await queries.invalidateQueries({ queryKey: ['client', client.id] })
      onTaken()
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      await navigate('../chair')
    },
  })
  const stopped = open?.judgement.findings.some((f) => f.severity === 'STOP') ?? true
  return (
    <>
      <Button
        main
        className="min-h-11 px-6"
        disabled={stopped || take.isPending}
        onClick={() => take.mutate()}
      >
        Take it to the chair
      </Button>
      {take.error !== null && <Failure error={take.error} />}
    </>
  )
}
