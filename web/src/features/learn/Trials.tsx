import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { trialsQuery } from '../../api/learningQueries'
import type { WashDay } from '../../api/types'
import { Failure } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { OneTrial } from './OneTrial'
import { shortDate, trialName } from './learnWords'

/** Half against half, or turn about: the trials of this head, the running one first. */
export function Trials({ days }: { days: readonly WashDay[] }) {
  const client = useClient()
  const { data, error } = useQuery(trialsQuery(client.id))
  const [chosen, setChosen] = useState<number | undefined>(undefined)
  if (error !== null && data === undefined) return <Failure error={error} />
  const trials = data ?? []
  const open =
    trials.find((trial) => trial.id === chosen) ??
    trials.find((trial) => trial.plan.stoppedAt === undefined) ??
    trials[0]
  return (
    <section aria-label="Trials" className="border-line px-4 py-2.5 max-lg:border-y">
      <h2 className="label">
        {open === undefined
          ? 'Trials'
          : `${open.plan.way === 'HALVES' ? 'Half against half' : 'Turn about'}, since ${shortDate(open.plan.startedAt)}`}
      </h2>
      {open === undefined ? (
        <p className="text-muted">
          None yet. One thing otherwise, on one half of the head, the sides swapped each time: about six
          washes tell.
        </p>
      ) : (
        <OneTrial key={open.id} trial={open} days={days} />
      )}
      {trials.length > 1 && (
        <p className="flex flex-wrap gap-x-4 pt-1">
          {trials
            .filter((trial) => trial !== open)
            .map((trial) => (
              <button
                key={trial.id}
                type="button"
                className="min-h-[24px] underline"
                onClick={() => setChosen(trial.id)}
              >
                {trialName(trial.plan)}
              </button>
            ))}
        </p>
      )}
    </section>
  )
}
