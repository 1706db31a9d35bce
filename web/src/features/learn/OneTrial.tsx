import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import { trialsQuery } from '../../api/learningQueries'
import type { TrialNow, TrialPlan, WashDay } from '../../api/types'
import { without } from '../../api/without'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'
import { useClient } from '../clients/ClientFrame'
import { putOnPlan } from '../plan/planHistory'
import { shortDate, trialName } from './learnWords'
import { TrialPicture } from './TrialPicture'

type OneTrialProps = { trial: TrialNow; days: readonly WashDay[] }

/** A trial: its pairs, what may be said of it now, and what can be done next. */
export function OneTrial({ trial, days }: OneTrialProps) {
  const { plan, reading } = trial
  return (
    <div className="grid gap-1.5">
      <h3 className="text-[1.08rem] leading-tight font-semibold">{trialName(plan)}</h3>
      {reading.pairs.length > 0 && <TrialPicture trial={trial} days={days} />}
      <p className="border-ink border-l-4 pl-3">{reading.words}</p>
      <NextStep trial={trial} days={days} />
    </div>
  )
}

/** The next wash with its sides swapped, an end to it, a wash left out. */
function NextStep({ trial, days }: OneTrialProps) {
  const { plan, reading } = trial
  const client = useClient()
  const queries = useQueryClient()
  const go = useNavigate()
  const [spoilt, setSpoilt] = useState<string | undefined>(undefined)
  const last = days.find((day) => day.id === reading.pairs.at(-1)?.washes.at(-1))
  const like = days.find((day) => day.id === reading.nextLike)
  const save = useMutation({
    mutationFn: (changed: TrialPlan) =>
      answered(
        api.PUT('/api/trials/{id}', {
          params: { path: { id: trial.id }, header: { 'If-Match': `"${trial.version}"` } },
          body: changed,
        }),
      ),
    onSuccess: () => {
      setSpoilt(undefined)
      void queries.invalidateQueries(trialsQuery(client.id))
    },
  })
  const next = useMutation({
    mutationFn: async (day: WashDay) => {
      const swap = reading.pairs.at(-1)?.triedOn !== reading.nextTriedOn
      const routine = swap
        ? await answered(api.POST('/api/routines/halves/swap', { body: { routine: day.routine } }))
        : day.routine
      putOnPlan(client.id, { ...day, routine })
    },
    onSuccess: () => void go('../plan'),
  })
  const isRunning = plan.stoppedAt === undefined
  const error = save.error ?? next.error
  return (
    <>
      {error !== null && <Failure error={error} />}
      <div className="flex flex-wrap gap-2">
        {isRunning && like !== undefined && (
          <Button main className="min-h-11" onClick={() => next.mutate(like)}>
            Plan the next, {nextWords(trial)}
          </Button>
        )}
        <Button
          onClick={() =>
            save.mutate(
              isRunning ? { ...plan, stoppedAt: new Date().toISOString() } : without(plan, 'stoppedAt'),
            )
          }
        >
          {isRunning ? 'Stop it' : 'Take it up again'}
        </Button>
        {last !== undefined && spoilt === undefined && (
          <Button onClick={() => setSpoilt('')}>Leave the last wash out</Button>
        )}
      </div>
      {last !== undefined && spoilt !== undefined && (
        <Spoilt
          day={last}
          because={spoilt}
          onBecause={setSpoilt}
          onLeaveOut={(out) => save.mutate({ ...plan, leftOut: [...(plan.leftOut ?? []), out] })}
        />
      )}
      <LeftOut
        spoilt={reading.spoilt}
        onBack={(one) => save.mutate({ ...plan, leftOut: reading.spoilt.filter((other) => other !== one) })}
      />
    </>
  )
}

function nextWords({ plan, reading }: TrialNow): string {
  return reading.nextTriedOn === undefined
    ? `${reading.nextIsTried === true ? plan.tried : plan.used} on the whole head`
    : `${plan.tried} on the ${reading.nextTriedOn.toLowerCase()}`
}

type Out = TrialNow['reading']['spoilt'][number]

type SpoiltProps = {
  day: WashDay
  because: string
  onBecause: (because: string) => void
  onLeaveOut: (out: Out) => void
}

/** No wash is left out without a reason. */
function Spoilt({ day, because, onBecause, onLeaveOut }: SpoiltProps) {
  return (
    <div className="grid justify-items-start gap-2">
      <TextField
        label={`Why the wash of ${shortDate(day.plannedAt)} does not count`}
        value={because}
        onChange={onBecause}
      />
      <Button
        disabled={because.trim() === ''}
        onClick={() => onLeaveOut({ washDay: day.id, because: because.trim() })}
      >
        Leave it out
      </Button>
    </div>
  )
}

function LeftOut({ spoilt, onBack }: { spoilt: readonly Out[]; onBack: (one: Out) => void }) {
  return spoilt.map((one) => (
    <p key={one.washDay} className="text-muted flex flex-wrap gap-x-2 text-[0.95rem]">
      Left out: wash {one.washDay}, {one.because}
      <button type="button" className="min-h-[24px] underline" onClick={() => onBack(one)}>
        Count it again
      </button>
    </p>
  ))
}
