import { useState } from 'react'
import type { DiaryNow } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'
import { clock, shortDay } from './dayWords'
import { useKept } from './useKept'

/** The hours this client comes. */
export function Visits({ diary }: { diary: DiaryNow }) {
  const [at, setAt] = useState('')
  const kept = useKept(diary)
  const visits = diary.kept.visits ?? []
  const ahead = visits.filter((visit) => visit.at.slice(0, 10) >= diary.today)
  return (
    <section aria-label="Hours at the chair" className="grid gap-1.5 px-4 py-2.5">
      <h2 className="label">Hours at the chair</h2>
      <ul>
        {ahead.map((visit) => (
          <li key={visit.at} className="flex items-baseline gap-x-3">
            <span className="figures flex-1 font-semibold">
              {shortDay(visit.at)}, {clock(visit.at)}
              {visit.note !== undefined && <span className="text-muted font-normal"> {visit.note}</span>}
            </span>
            <button
              type="button"
              className="min-h-[24px] underline"
              onClick={() => kept.mutate({ visits: visits.filter((other) => other !== visit) })}
            >
              take out<span className="sr-only"> {shortDay(visit.at)}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <TextField label="Another hour" type="datetime-local" value={at} onChange={setAt} />
        <Button
          disabled={at === '' || kept.isPending}
          onClick={() =>
            kept.mutate(
              { visits: [...visits, { at: at.length === 16 ? `${at}:00` : at }] },
              { onSuccess: () => setAt('') },
            )
          }
        >
          Make it
        </Button>
      </div>
      {kept.error !== null && <Failure error={kept.error} />}
    </section>
  )
}
