import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { hairTodayQuery } from '../../api/hairToday'
import { nextTrialsQuery, trialsQuery } from '../../api/learningQueries'
import { airQuery, productsQuery, type Setting } from '../../api/queries'
import type { HeadLearned, NextTrial, Product } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { beginTrial } from './beginTrial'
import { putOnPlan, USUAL_GOAL, USUAL_LIMITS } from '../plan/planHistory'
import { trialName } from './learnWords'
import { signed } from '../../ui/figure'

/** The trial with the most to gain, and the two behind it; one tap plans it as halves. */
export function WorthTrying({ learned }: { learned: HeadLearned }) {
  const client = useClient()
  const air = useQuery(airQuery).data
  const shelf = useQuery(productsQuery(client.id)).data
  const hair = useQuery(hairTodayQuery(client)).data
  if (hair === undefined || air === undefined || shelf === undefined) return null
  const setting: Setting = {
    hair,
    goal: client.goal ?? USUAL_GOAL,
    air: { temperatureC: air.temperatureC, relativeHumidity: air.relativeHumidity },
    schools: client.schools ?? {},
    limits: client.limits ?? USUAL_LIMITS,
    learned: learned.correction,
  }
  return <Weighed setting={setting} shelf={shelf} />
}

function Weighed({ setting, shelf }: { setting: Setting; shelf: Product[] }) {
  const client = useClient()
  const { data, error } = useQuery(nextTrialsQuery(client.id, setting, shelf))
  const plan = usePlanned(setting)
  const [first, ...others] = data ?? []
  return (
    <section aria-label="Worth trying next" className="grid content-start gap-1.5 px-4 py-2.5">
      <h2 className="label">Worth trying next</h2>
      {error !== null && <Failure error={error} />}
      {data === undefined && error === null && <p className="text-muted">Weighing what the shelf allows…</p>}
      {data !== undefined && first === undefined && (
        <p className="text-muted">Nothing on the shelf stands against what is planned.</p>
      )}
      {first !== undefined && (
        <>
          {!first.worthwhile && (
            <p>
              Keep what is planned: nothing on the shelf promises a gain anybody would see. The nearest to
              one:
            </p>
          )}
          <h3 className="text-[1.08rem] leading-tight font-semibold">{trialName(first)}</h3>
          <p className="figures">{first.words}</p>
          {plan.error !== null && <Failure error={plan.error} />}
          <Button
            main={first.worthwhile}
            className="min-h-11 justify-self-start"
            disabled={plan.isPending}
            onClick={() => plan.mutate(first)}
          >
            {first.way === 'HALVES' ? 'Plan it as halves' : 'Plan it for a whole head'}
          </Button>
        </>
      )}
      <ul>
        {others.map((other) => (
          <li key={`${other.tried}/${other.used}`} className="border-line border-t border-dotted py-1">
            <b className="font-semibold">{trialName(other)}</b>{' '}
            <span className="figures text-muted">
              {signed(other.gainPoints)}, {inTen(other.chancePercent)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function inTen(percent: number): string {
  return `${Math.round(percent / 10)} in 10`
}

/** Agrees the trial and puts its first wash on the plan: what is tried on the right, or on the whole head. */
function usePlanned(setting: Setting) {
  const client = useClient()
  const queries = useQueryClient()
  const go = useNavigate()
  return useMutation({
    mutationFn: async ({ used, tried, way, routine }: NextTrial) => {
      await beginTrial(client.id, used, tried, way)
      putOnPlan(client.id, { ...setting, routine })
      void queries.invalidateQueries(trialsQuery(client.id))
    },
    onSuccess: () => void go('../plan'),
  })
}
