import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import { refreshQuery } from '../../api/diaryQueries'
import { airQuery } from '../../api/queries'
import type { MorningRefresh as Morning, Zone } from '../../api/types'
import { minutesText, stepLine } from '../../api/words'
import { Island } from '../../chart/Island'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Stepper } from '../../ui/Stepper'
import { useClient } from '../clients/ClientFrame'
import { USUAL_GOAL } from '../plan/planHistory'
import { figure } from '../../ui/figure'

type MorningRefreshProps = { wearDay: number; washDay: number | undefined }

const [LEAST, MOST, STEP] = [5, 60, 5]

/** Where it frizzes this morning, a tap each; the small refresh that answers it, or the word that a wash is due. */
export function MorningRefresh({ wearDay, washDay }: MorningRefreshProps) {
  const client = useClient()
  const [zones, setZones] = useState<readonly Zone[]>([])
  const [minutes, setMinutes] = useState(30)
  const { data, error } = useQuery(refreshQuery(client.id, zones, minutes))
  const toggle = (zone: Zone) =>
    setZones((now) => (now.includes(zone) ? now.filter((other) => other !== zone) : [...now, zone]))
  const brings = (zone: Zone) => (zones.includes(zone) ? 'frizz' : undefined)
  return (
    <section aria-label="This morning" className="min-w-0 px-4 py-2.5 max-lg:border-line max-lg:border-t">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h2 className="label">This morning, day {Math.max(2, wearDay)}</h2>
        <span className="ml-auto flex items-center gap-2">
          <span className="label">Minutes</span>
          <Stepper
            label="Fewer minutes"
            text="−"
            onClick={() => setMinutes((now) => Math.max(LEAST, now - STEP))}
          />
          <b className="figures min-w-7 text-center font-semibold">{minutes}</b>
          <Stepper
            label="More minutes"
            text="+"
            onClick={() => setMinutes((now) => Math.min(MOST, now + STEP))}
          />
        </span>
      </div>
      <div className="grid gap-x-4 gap-y-2 pt-1 sm:grid-cols-[11rem_1fr]">
        <div>
          <p className="label pb-1">Tap where it frizzes</p>
          <Island title="" value={brings} lit={new Set(zones)} onSelect={toggle} />
        </div>
        <div className="grid content-start gap-1.5">
          {error !== null && <Failure error={error} />}
          {data !== undefined && <Asked morning={data} washDay={washDay} day={Math.max(2, wearDay)} />}
        </div>
      </div>
    </section>
  )
}

type AskedProps = { morning: Morning; washDay: number | undefined; day: number }

function Asked({ morning, washDay, day }: AskedProps) {
  if (morning.washDue)
    return (
      <>
        <p className="text-lg leading-tight font-semibold">A wash is due.</p>
        {morning.why.map(({ text }) => (
          <p key={text}>{text}</p>
        ))}
        <Link to="../plan" className="bg-ink text-paper justify-self-start px-5 py-2.5 font-semibold">
          Plan the wash
        </Link>
      </>
    )
  const { routine, now, brings, amounts = [], minutes = 0, findings = [] } = morning
  if (routine === undefined || now === undefined || brings === undefined) return null
  return (
    <>
      <ol className="text-[0.98rem]">
        {routine.steps.map((step, i) => {
          const amount = amounts.find((one) => one.step === i)
          return (
            <li key={i} className="flex gap-x-2">
              <span className="figures text-muted w-4">{i + 1}</span>
              <span className="flex-1">{stepLine(step)}</span>
              {amount !== undefined && <b className="figures font-semibold">{amount.dose}</b>}
            </li>
          )
        })}
      </ol>
      <p className="figures">
        {minutesText(minutes)} · definition {figure(now.definition)} → <b>{figure(brings.definition)}</b> ·
        frizz {figure(now.frizz)} → <b>{figure(brings.frizz)}</b>
      </p>
      <details>
        <summary className="min-h-[24px] underline">Why</summary>
        {morning.why.map(({ text }) => (
          <p key={text} className="text-muted text-[0.95rem]">
            {text}
          </p>
        ))}
      </details>
      {findings
        .filter(({ severity }) => severity !== 'NOTE')
        .map((finding) => (
          <p key={finding.rule + finding.message} className="text-caution font-medium">
            ⚑ {finding.message}
          </p>
        ))}
      <ToTheChair routine={routine} refreshed={morning.refreshed ?? []} day={day} washDay={washDay} />
    </>
  )
}

type ToTheChairProps = {
  routine: NonNullable<Morning['routine']>
  refreshed: NonNullable<Morning['refreshed']>
  day: number
  washDay: number | undefined
}

/** It runs at the chair like any routine; how the day looks is logged with the wash it belongs to. */
function ToTheChair({ routine, refreshed, day, washDay }: ToTheChairProps) {
  const client = useClient()
  const air = useQuery(airQuery).data
  const queries = useQueryClient()
  const go = useNavigate()
  const take = useMutation({
    mutationFn: async () => {
      if (client.hair === undefined || air === undefined)
        throw new Error('The air is not known yet: a moment.')
      return answered(
        api.POST('/api/clients/{id}/wash-days', {
          params: { path: { id: client.id } },
          body: {
            name: `Refresh, day ${day}`,
            hair: client.hair,
            goal: client.goal ?? USUAL_GOAL,
            air: { temperatureC: air.temperatureC, relativeHumidity: air.relativeHumidity },
            routine,
          },
        }),
      )
    },
    onSuccess: async (taken) => {
      // The day is said with the wash it belongs to: what was done to it stands there already.
      if (washDay !== undefined)
        localStorage.setItem(`following:${washDay}`, JSON.stringify({ day, refreshed }))
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      await go(`../chair?day=${taken.id}`)
    },
  })
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button main className="min-h-11 px-5" disabled={take.isPending} onClick={() => take.mutate()}>
        Take it to the chair
      </Button>
      {washDay !== undefined && (
        <Link to={`../log?day=${washDay}`} className="underline">
          Say how day {day} looks
        </Link>
      )}
      {take.error !== null && <Failure error={take.error} />}
    </div>
  )
}
