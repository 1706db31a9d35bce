import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { followingQuery } from '../../api/queries'
import { REFRESHES } from '../../api/words'
import type { Following, FollowingDay } from '../../api/types'
import { Button } from '../../ui/Button'
import { Checks } from '../../ui/Checks'
import { Failure } from '../../ui/Notice'
import { isObject, useStored } from '../../ui/useStored'
import { ScoreSlider } from './ScoreSlider'
import { WearCurve } from './WearCurve'

type Refresh = NonNullable<FollowingDay['refreshed']>[number]

type DaysAfterProps = { day: number }

/** Day 2, day 3, …: ten seconds each, and the curve they make. */
export function DaysAfter({ day }: DaysAfterProps) {
  const following = useQuery(followingQuery(day)).data
  const [isOpen, setOpen] = useState(() => localStorage.getItem(`following:${day}`) !== null)
  if (following === undefined) return null
  const { days } = following
  const next = following.nextDay
  const isOver = days.at(-1)?.over === true
  return (
    <section aria-label="The days after" className="border-line grid gap-2 border-t px-4 py-3">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h3 className="label">The days after</h3>
        <span>{wornWords(following)}</span>
        {following.wear.secondDay !== undefined && (
          <span className="text-muted">{following.wear.secondDay}</span>
        )}
        {!isOver && !isOpen && (
          <Button className="ml-auto" onClick={() => setOpen(true)}>
            Day {next}
          </Button>
        )}
      </div>
      {following.wear.points.length > 1 && <WearCurve points={following.wear.points} />}
      {isOpen && <DayForm wash={day} day={next} onKept={() => setOpen(false)} />}
    </section>
  )
}

type Draft = { day: number; definition?: number; frizz?: number; volume?: number; refreshed: Refresh[] }

function DayForm({ wash, day, onKept }: { wash: number; day: number; onKept: () => void }) {
  // Half filled in it is kept on this device.
  const [stored, setDraft] = useStored(`following:${wash}`, isDraft)
  const draft = stored?.day === day ? stored : { day, refreshed: [] }
  const queries = useQueryClient()
  const keep = useMutation({
    mutationFn: (body: FollowingDay) =>
      answered(api.PUT('/api/wash-days/{id}/following/{day}', { params: { path: { id: wash, day } }, body })),
    onSuccess: (kept: Following) => {
      setDraft(undefined)
      queries.setQueryData(followingQuery(wash).queryKey, kept)
      onKept()
    },
  })
  const { definition, frizz, volume, refreshed } = draft
  const isWhole = definition !== undefined && frizz !== undefined && volume !== undefined
  const send = (over: boolean) => {
    if (isWhole)
      keep.mutate({
        day,
        definition,
        frizz,
        volume,
        ...(refreshed.length === 0 ? {} : { refreshed }),
        ...(over ? { over } : {}),
      })
  }
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {(['definition', 'frizz', 'volume'] as const).map((score) => (
        <ScoreSlider
          key={score}
          name={`${score}, day ${day}`}
          rubric={undefined}
          value={draft[score]}
          onChange={(points) => setDraft({ ...draft, [score]: points })}
        />
      ))}
      <div className="flex flex-wrap items-end gap-3 sm:col-span-3">
        <Checks
          label="Refreshed"
          options={REFRESHES}
          value={refreshed}
          onChange={(to) => setDraft({ ...draft, refreshed: to })}
        />
        <Button main disabled={!isWhole || keep.isPending} onClick={() => send(false)}>
          Keep day {day}
        </Button>
        <Button disabled={!isWhole || keep.isPending} onClick={() => send(true)}>
          It is over: wash next
        </Button>
        {!isWhole && <span className="text-muted text-sm">Three touches are enough.</span>}
        {keep.error !== null && <Failure error={keep.error} />}
      </div>
    </div>
  )
}

function isDraft(value: unknown): value is Draft {
  return isObject(value) && typeof value['day'] === 'number' && Array.isArray(value['refreshed'])
}

/** How long it was worn, when it was best, when the next wash was due and came. */
function wornWords({ wear, dueOnDay, cameOnDay }: Following): string {
  const days = wear.daysLasted === undefined ? undefined : Math.round(wear.daysLasted)
  const parts = [
    days === undefined ? undefined : `lasted ${days} ${days === 1 ? 'day' : 'days'}`,
    wear.best === undefined ? undefined : `best on day ${wear.best}`,
    dueOnDay === undefined ? undefined : `due on day ${dueOnDay}`,
    cameOnDay === undefined ? undefined : `washed again on day ${cameOnDay}`,
  ]
  const words = parts.filter((part) => part !== undefined).join(', ')
  return words.charAt(0).toUpperCase() + words.slice(1)
}
