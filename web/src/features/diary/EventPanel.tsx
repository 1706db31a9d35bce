import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { saveClient } from '../../api/saveClient'
import type { DiaryNow, EventPlan } from '../../api/types'
import { without } from '../../api/without'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'
import { useClient } from '../clients/ClientFrame'
import { clock, daysBetween, shortDay } from './dayWords'
import { figure } from '../../ui/figure'

/** What the hair is to look best for, counted back from its hour. */
export function EventPanel({ diary }: { diary: DiaryNow }) {
  const client = useClient()
  const [isOpen, setOpen] = useState(false)
  const at = client.intake?.eventAt
  const isAhead = at !== undefined && at.slice(0, 10) >= diary.today
  return (
    <section aria-label="Event" className="grid gap-1.5 px-4 py-2.5">
      <h2 className="label">
        {isAhead ? `Towards ${client.intake?.event ?? 'the event'}` : 'An event to be ready for'}
      </h2>
      {isAhead && !isOpen && (
        <p className="figures text-[1.05rem]">
          {shortDay(at)}, {clock(at)} · in {daysBetween(diary.today, at)} days
        </p>
      )}
      {isAhead && !isOpen && diary.plan.event !== undefined && <Ways plan={diary.plan.event} />}
      {diary.plan.conflicts.map((conflict) => (
        <div key={conflict.message} className="border-caution border-l-4 pl-3">
          <p className="text-caution font-semibold">{conflict.message}</p>
          <p>{conflict.doNext}</p>
        </div>
      ))}
      {isOpen || !isAhead ? (
        <EventForm onKept={() => setOpen(false)} />
      ) : (
        <Button className="justify-self-start" onClick={() => setOpen(true)}>
          Another hour, or none
        </Button>
      )}
    </section>
  )
}

/** The wash it is met with, and the other ways with what each would lose. */
function Ways({ plan }: { plan: EventPlan }) {
  return (
    <>
      <p>
        Wash{' '}
        <b className="font-semibold">
          {shortDay(plan.washAt)}, {clock(plan.washAt)}
        </b>
        , worn on day {plan.wearDay}; {plan.minutes} min, {plan.slackMinutes} more kept for drying.{' '}
        <span className="text-muted">{plan.because}</span>
      </p>
      <table className="figures w-full text-[0.95rem]">
        <caption className="sr-only">Ways to do it, with the scores expected at that hour</caption>
        <thead>
          <tr className="text-muted text-left">
            <th className="py-0.5 pr-2 font-medium">Worn</th>
            <th className="pr-2 font-medium">Wash</th>
            <th className="pr-2 text-right font-medium">Def.</th>
            <th className="pr-2 text-right font-medium">Frizz</th>
            <th className="pr-2 text-right font-medium">Vol.</th>
            <th className="font-medium">Against the first</th>
          </tr>
        </thead>
        <tbody>
          {plan.ways.map((way) => (
            <tr key={way.wearDay} className="border-line border-t border-dotted">
              <th scope="row" className="py-0.5 pr-2 text-left font-semibold whitespace-nowrap">
                day {way.wearDay}
              </th>
              <td className="pr-2 whitespace-nowrap">
                {shortDay(way.washAt)} {clock(way.washAt)}
              </td>
              <td className="pr-2 text-right">{figure(way.definition)}</td>
              <td className="pr-2 text-right">{figure(way.frizz)}</td>
              <td className="pr-2 text-right">{figure(way.volume)}</td>
              <td>{way.lost ?? ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}

function EventForm({ onKept }: { onKept: () => void }) {
  const client = useClient()
  const queries = useQueryClient()
  const [name, setName] = useState(client.intake?.event ?? '')
  const [at, setAt] = useState(client.intake?.eventAt?.slice(0, 16) ?? '')
  const save = useMutation({
    mutationFn: (event: { event?: string; eventAt?: string }) =>
      saveClient(client, {
        intake: { ...without(without(client.intake ?? {}, 'event'), 'eventAt'), ...event },
      }),
    onSuccess: async (saved) => {
      queries.setQueryData(['client', client.id], saved)
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'diary'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      onKept()
    },
  })
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-2 [&>*]:min-w-0">
        <TextField label="What for" value={name} onChange={setName} />
        <TextField label="Day and hour" type="datetime-local" value={at} onChange={setAt} />
      </div>
      {save.error !== null && <Failure error={save.error} />}
      <p className="flex flex-wrap gap-2">
        <Button
          main
          className="min-h-11"
          disabled={at === '' || save.isPending}
          onClick={() =>
            save.mutate({
              eventAt: at.length === 16 ? `${at}:00` : at,
              ...(name.trim() === '' ? {} : { event: name.trim() }),
            })
          }
        >
          Plan it back from there
        </Button>
        {client.intake?.eventAt !== undefined && (
          <Button disabled={save.isPending} onClick={() => save.mutate({})}>
            No event
          </Button>
        )}
      </p>
    </>
  )
}
