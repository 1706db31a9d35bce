import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import { washDaysQuery } from '../../api/queries'
import type { Client, WashDay } from '../../api/types'
import { without } from '../../api/without'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import { takeFromChair } from '../chair/putBack'
import { rememberGoal } from './keep'
import type { Plan } from './usePlan'

type TakeToChairProps = { client: Client; plan: Plan; onTaken: () => void }

/** The plan becomes a wash day; nothing that must stop goes to the chair, and what waits there is asked about first. */
export function TakeToChair({ client, plan, onTaken }: TakeToChairProps) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [isAsking, setAsking] = useState(false)
  const { open, setting } = plan
  const waiting = useQuery(washDaysQuery(client.id)).data?.find((day) => day.finishedAt === undefined)
  const take = useMutation({
    mutationFn: async (instead: WashDay | undefined) => {
      if (open === undefined) throw new Error('There is no plan to take yet')
      if (instead !== undefined) await takeFromChair(instead, queries)
      return answered(
        api.POST('/api/clients/{id}/wash-days', {
          params: { path: { id: client.id } },
          body: { name: open.name, ...without(setting, 'learned'), routine: open.routine },
        }),
      )
    },
    onSuccess: async (day) => {
      await rememberGoal(client, plan)
      await queries.invalidateQueries({ queryKey: ['client', client.id] })
      onTaken()
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      await navigate(`../chair?day=${day.id}`)
    },
  })
  const stopped =
    open === undefined ||
    open.routine.steps.length === 0 ||
    open.judgement.findings.some((f) => f.severity === 'STOP')
  return (
    <>
      <Button
        main
        className="min-h-11 px-6"
        disabled={stopped || take.isPending}
        onClick={() => (waiting === undefined ? take.mutate(undefined) : setAsking(true))}
      >
        Take it to the chair
      </Button>
      {take.error !== null && !isAsking && <Failure error={take.error} />}
      {isAsking && waiting !== undefined && (
        <Sheet title={`“${waiting.name}” is at the chair`} onClose={() => setAsking(false)}>
          <Asked day={waiting} busy={take.isPending} onTake={(instead) => take.mutate(instead)} />
          {take.error !== null && <Failure error={take.error} />}
        </Sheet>
      )}
    </>
  )
}

type AskedProps = { day: WashDay; busy: boolean; onTake: (instead: WashDay | undefined) => void }

/** What becomes of the one that stands at the chair. */
function Asked({ day, busy, onTake }: AskedProps) {
  const hasBegun = day.startedAt !== undefined
  return (
    <div className="grid max-w-2xl gap-3">
      <p>
        {hasBegun
          ? 'It has begun and is not over. One head is in one chair: this plan can wait there, and begin once that one has ended.'
          : 'It was taken there and never begun.'}
      </p>
      <div className="flex flex-wrap gap-2">
        {hasBegun ? (
          <Link to={`../chair?day=${day.id}`} className="bg-ink text-paper px-4 py-2 font-semibold">
            Go on with it
          </Link>
        ) : (
          <Button main disabled={busy} onClick={() => onTake(day)}>
            Take this one instead
          </Button>
        )}
        <Button disabled={busy} onClick={() => onTake(undefined)}>
          {hasBegun ? 'Let this one wait there' : 'Keep both at the chair'}
        </Button>
      </div>
    </div>
  )
}
