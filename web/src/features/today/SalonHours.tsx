import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { hoursQuery, salonAddressQuery } from '../../api/diaryQueries'
import type { SalonHours as Hours } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { CalendarAddress } from '../diary/CalendarAddress'
import { clock, shortDay } from '../diary/dayWords'

const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
type Day = (typeof DAYS)[number]
type Open = NonNullable<Hours['diary']['hours']>

/** Of a salon that said nothing. */
const USUAL: Open = { from: '09:00', to: '19:00' }

/** When heads are done, what is taken of those hours, and all heads' days in one calendar. */
export function SalonHours() {
  const { data } = useQuery(hoursQuery)
  if (data === undefined) return null
  return (
    <details className="sheet mt-4 px-4 py-2.5">
      <summary className="label min-h-[24px] cursor-pointer">
        The salon’s hours, busy times, one calendar for all
      </summary>
      <Kept key={data.version} kept={data} />
    </details>
  )
}

function Kept({ kept }: { kept: Hours }) {
  const queries = useQueryClient()
  const save = useMutation({
    mutationFn: (diary: Hours['diary']) =>
      answered(
        api.PUT('/api/diary/hours', {
          params: { header: { 'If-Match': `"${kept.version}"` } },
          body: diary,
        }),
      ),
    onSuccess: async (saved) => {
      queries.setQueryData(hoursQuery.queryKey, saved)
      await queries.invalidateQueries({ queryKey: ['today', 'desk'] })
      await queries.invalidateQueries({ queryKey: ['client'] })
    },
  })
  const busy = kept.diary.busy ?? []
  return (
    <div className="grid gap-x-8 gap-y-3 pt-2 lg:grid-cols-3">
      <OpenHours
        open={kept.diary.hours ?? USUAL}
        zone={kept.zone}
        busy={save.isPending}
        onSave={(hours) => save.mutate({ ...kept.diary, hours })}
      />
      <div className="grid content-start gap-1.5">
        <h3 className="label">Taken</h3>
        {busy.length === 0 && <p className="text-muted">Nothing is taken.</p>}
        <ul className="max-h-40 overflow-y-auto">
          {busy.map((one) => (
            <li key={`${one.from}/${one.to}`} className="figures flex gap-3">
              <span className="flex-1">
                {shortDay(one.from)}, {clock(one.from)}–{clock(one.to)}
              </span>
              <button
                type="button"
                className="min-h-[24px] underline"
                onClick={() => save.mutate({ ...kept.diary, busy: busy.filter((other) => other !== one) })}
              >
                free it
              </button>
            </li>
          ))}
        </ul>
        <BusyFile onRead={(more) => save.mutate({ ...kept.diary, busy: [...busy, ...more] })} />
        {save.error !== null && <Failure error={save.error} />}
      </div>
      <SalonCalendar />
    </div>
  )
}

type OpenHoursProps = { open: Open; zone: string; busy: boolean; onSave: (hours: Open) => void }

function OpenHours({ open, zone, busy, onSave }: OpenHoursProps) {
  const [from, setFrom] = useState(open.from.slice(0, 5))
  const [to, setTo] = useState(open.to.slice(0, 5))
  const [days, setDays] = useState<readonly Day[]>(open.days ?? DAYS)
  return (
    <div className="grid content-start justify-items-start gap-1.5">
      <h3 className="label">Heads are done</h3>
      <p className="flex items-center gap-2">
        <input
          type="time"
          aria-label="From"
          value={from}
          onChange={(event) => setFrom(event.target.value)}
          className="border-ink bg-paper min-h-9 border px-2"
        />
        to
        <input
          type="time"
          aria-label="To"
          value={to}
          onChange={(event) => setTo(event.target.value)}
          className="border-ink bg-paper min-h-9 border px-2"
        />
      </p>
      <p className="flex flex-wrap gap-1">
        {DAYS.map((day) => (
          <button
            key={day}
            type="button"
            aria-pressed={days.includes(day)}
            onClick={() =>
              setDays((now) => (now.includes(day) ? now.filter((one) => one !== day) : [...now, day]))
            }
            className="border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-9 border px-2 text-[0.95rem]"
          >
            {day.charAt(0) + day.slice(1, 3).toLowerCase()}
          </button>
        ))}
      </p>
      <p className="text-muted text-[0.9rem]">By the clock of {zone}.</p>
      <Button
        disabled={busy || from === '' || to === ''}
        onClick={() => onSave({ from, to, ...(days.length === DAYS.length ? {} : { days: [...days] }) })}
      >
        Keep these hours
      </Button>
    </div>
  )
}

/** Another program's calendar file: its hours are taken, nothing else of it is read. */
function BusyFile({ onRead }: { onRead: (more: { from: string; to: string }[]) => void }) {
  const read = useMutation({
    mutationFn: async (file: File) =>
      answered(api.POST('/api/diary/busy', { body: { text: await file.text() } })),
    onSuccess: onRead,
  })
  return (
    <>
      <label className="border-ink inline-grid min-h-9 cursor-pointer place-content-center justify-self-start border px-3.5 font-semibold focus-within:outline-2 hover:bg-shallow">
        Read busy times from a calendar file
        <input
          type="file"
          accept=".ics,text/calendar"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file !== undefined) read.mutate(file)
            event.target.value = ''
          }}
        />
      </label>
      {read.error !== null && <Failure error={read.error} />}
    </>
  )
}

function SalonCalendar() {
  const { data } = useQuery(salonAddressQuery)
  return (
    <div className="grid content-start gap-1.5">
      <h3 className="label">All heads in one calendar</h3>
      <CalendarAddress
        file="/api/diary.ics"
        path={data?.path}
        make={() => answered(api.POST('/api/diary/address'))}
        revoke={() => answered(api.DELETE('/api/diary/address'))}
        queryKey={salonAddressQuery.queryKey}
      />
    </div>
  )
}
