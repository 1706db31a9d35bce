import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { hairTodayQuery } from '../../api/hairToday'
import type { Client, Hair } from '../../api/types'
import { Caution, Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { GoalBar } from './GoalBar'
import { asked } from './planHistory'
import { usePlan } from './usePlan'

import { Water } from './Water'

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
  return <PlanToday client={client} />
}

/** What the plan is of is the head as it is today: what was done since it was read counts. */
function PlanToday({ client }: { client: Client }) {
  const { data: hair, error } = useQuery(hairTodayQuery(client))
  if (hair === undefined)
    return error === null ? <Waiting what="Working out the tide" /> : <Failure error={error} />
  return <PlanOf client={client} hair={hair} />
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
