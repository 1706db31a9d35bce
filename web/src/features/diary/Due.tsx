import { useState } from 'react'
import type { DiaryEntry, DiaryNow, KeptDiary } from '../../api/types'
import said from '../../api/words.json'
import { capital } from '../../api/words'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { clock, daysAfter, daysBetween, shortDay } from './dayWords'
import { useKept } from './useKept'

/** Of the days themselves these are said with the days. */
const SAID_ELSEWHERE: readonly DiaryEntry['kind'][] = ['REFRESH', 'SCORE_DAY']
/** Days that are shown at first. */
const SHOWN_DAYS = 21

/** What is due when, and why; each can be put on another day or let go, and stays there. */
export function Due({ diary }: { diary: DiaryNow }) {
  const [isAll, setAll] = useState(false)
  const kept = useKept(diary)
  const entries = diary.plan.entries.filter(({ kind }) => !SAID_ELSEWHERE.includes(kind))
  const near = entries.filter(({ date }) => isAll || daysBetween(diary.today, date) <= SHOWN_DAYS)
  const days = [...new Set(near.map(({ date }) => date))]
  const put = (entry: DiaryEntry, to: string | undefined) =>
    kept.mutate({ moved: moved(diary.kept.moved ?? [], entry, to) })
  return (
    <section aria-label="What is due" className="min-w-0 px-4 py-2.5">
      <h2 className="label">What is due, and why</h2>
      {kept.error !== null && <Failure error={kept.error} />}
      <ol>
        {days.map((date) => (
          <li key={date} className="border-line grid gap-x-4 border-b py-2 sm:grid-cols-[7rem_1fr]">
            <h3 className="figures text-[1.08rem] font-semibold">{shortDay(date)}</h3>
            <ul className="grid gap-1">
              {near
                .filter((entry) => entry.date === date)
                .map((entry) => (
                  <Entry
                    key={entry.kind}
                    entry={entry}
                    busy={kept.isPending}
                    onPut={(to) => put(entry, to)}
                  />
                ))}
            </ul>
          </li>
        ))}
      </ol>
      {near.length < entries.length && (
        <Button className="mt-2" onClick={() => setAll(true)}>
          The weeks after, too
        </Button>
      )}
      {(diary.kept.moved?.length ?? 0) > 0 && (
        <p className="text-muted pt-2 text-[0.95rem]">
          {diary.kept.moved?.length} put elsewhere by hand.{' '}
          <button
            type="button"
            className="text-ink min-h-[24px] underline"
            onClick={() => kept.mutate({ moved: [] })}
          >
            Put all back
          </button>
        </p>
      )}
    </section>
  )
}

type EntryProps = { entry: DiaryEntry; busy: boolean; onPut: (to: string | undefined) => void }

function Entry({ entry, busy, onPut }: EntryProps) {
  const [isOpen, setOpen] = useState(false)
  const isFixed = entry.kind === 'EVENT'
  return (
    <li>
      <p className="grid grid-cols-[auto_auto_1fr_auto] items-baseline gap-x-2.5">
        <b className="font-semibold">{capital(said.diary[entry.kind])}</b>
        <span className="figures">{entry.at === undefined ? '' : clock(entry.at)}</span>
        <span className="text-muted max-sm:col-span-full max-sm:row-start-2">
          {entry.overdueDays !== undefined && (
            <b className="text-caution font-semibold">
              ⚑ {entry.overdueDays} {entry.overdueDays === 1 ? 'day' : 'days'} late.{' '}
            </b>
          )}
          {entry.why}
        </span>
        {!isFixed && (
          <button
            type="button"
            className="col-start-4 row-start-1 min-h-[24px] underline"
            aria-expanded={isOpen}
            onClick={() => setOpen((now) => !now)}
          >
            move
            <span className="sr-only">
              {' '}
              {said.diary[entry.kind]} of {shortDay(entry.date)}
            </span>
          </button>
        )}
      </p>
      {isOpen && (
        <p className="flex flex-wrap items-center gap-2 py-1">
          <Button disabled={busy} onClick={() => onPut(daysAfter(entry.date, -1))}>
            A day sooner
          </Button>
          <Button disabled={busy} onClick={() => onPut(daysAfter(entry.date, 1))}>
            A day later
          </Button>
          <Button disabled={busy} onClick={() => onPut(undefined)}>
            Let it go
          </Button>
        </p>
      )}
    </li>
  )
}

type Put = NonNullable<KeptDiary['moved']>[number]

/** What was put elsewhere before goes on from where it was due. */
function moved(before: readonly Put[], entry: DiaryEntry, to: string | undefined): Put[] {
  const same = (one: Put) => one.kind === entry.kind && one.to === entry.date
  const from = before.find(same)?.from ?? entry.date
  const others = before.filter((one) => !(one.kind === entry.kind && one.from === from))
  return [...others, { kind: entry.kind, from, ...(to === undefined ? {} : { to }) }]
}
