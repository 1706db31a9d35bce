import { useQuery } from '@tanstack/react-query'
import { memo, useDeferredValue, useMemo, useState } from 'react'
import { Link } from 'react-router'
import { washDaysQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { aCount, useAddressed } from '../../ui/useAddressed'
import { useSame } from '../../ui/useSame'
import { useRoving } from '../../ui/useRoving'
import { useClient } from '../clients/ClientFrame'
import { Beside } from './Beside'
import { BesideEye } from './BesideEye'
import { apart, dateOf, headlineOf } from './dayWords'
import { HistoryPicture } from './HistoryPicture'
import { OneDay } from './OneDay'
import { Removed } from './Removed'

/** A client's washes: as a list, as one picture over time, one by one, and two side by side. */
export function LogPage() {
  const client = useClient()
  const { data, error } = useQuery(washDaysQuery(client.id))
  const [chosen, setChosen] = useAddressed('day', aCount)
  const [other, setOther] = useAddressed('beside', aCount)
  const [again, setAgain] = useState<number | undefined>(undefined)
  const [gone, setGone] = useState<WashDay | undefined>(undefined)
  const done = useMemo(
    () => (data ?? []).filter((day) => day.finishedAt !== undefined && !day.refresh),
    [data],
  )
  const rove = useRoving(done.length, undefined)
  const day = done.find((d) => d.id === chosen) ?? done.find((d) => d.rating === undefined) ?? done[0]
  // Which day was touched is seen first; all there is to see of it follows.
  const shownId = useDeferredValue(day?.id)
  const besideId = useDeferredValue(other)
  const onChoose = useSame((id: number) => {
    setChosen(id)
    setOther(undefined)
  })
  const onScoring = useSame((id: number, on: boolean) => setAgain(on ? id : undefined))
  const onLeave = useSame(() => setOther(undefined))
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the log" />
  const removed = gone !== undefined && <Removed day={gone} onBack={() => setGone(undefined)} />
  if (day === undefined) {
    return (
      <>
        {removed}
        <Empty title="Nothing in the log yet">
          <p>A wash day is logged once it has been run at the chair.</p>
          <Link to="../plan" className="underline">
            Go to the plan
          </Link>
        </Empty>
      </>
    )
  }
  // No earlier score stands beside one that is being given.
  const isScoring = day.rating === undefined || again === day.id
  return (
    <>
      {removed}
      <div aria-busy={shownId !== day.id} className="sheet grid lg:grid-cols-[17rem_1fr]">
        <nav aria-label="Wash days" className="border-line border-b p-3 lg:border-r lg:border-b-0">
          <h2 className="label pb-1">Wash days</h2>
          <ul {...rove.list} className="max-h-48 overflow-y-auto lg:max-h-[calc(100vh-12rem)]">
            {done.map((d, i) => (
              <DayLine
                key={d.id}
                day={d}
                apart={apart(d, done)}
                tabIndex={rove.tabIndex(i)}
                isOpen={d.id === day.id}
                isBeside={d.id === other}
                isBare={isScoring}
                onOpen={() => onChoose(d.id)}
                onBeside={() => setOther(d.id === other ? undefined : d.id)}
              />
            ))}
          </ul>
        </nav>
        <Side
          done={done}
          day={done.find((d) => d.id === shownId) ?? day}
          beside={done.find((d) => d.id === besideId)}
          again={again}
          onChoose={onChoose}
          onScoring={onScoring}
          onLeave={onLeave}
          onRemoved={setGone}
        />
      </div>
    </>
  )
}

type SideProps = {
  done: readonly WashDay[]
  day: WashDay
  beside: WashDay | undefined
  /** The day that is scored once more. */
  again: number | undefined
  onChoose: (id: number) => void
  onScoring: (id: number, on: boolean) => void
  onLeave: () => void
  onRemoved: (day: WashDay) => void
}

/** All there is to see of one wash day, or of two. */
const Side = memo(function Side(props: SideProps) {
  const { done, day, beside, again, onChoose, onScoring, onLeave, onRemoved } = props
  const client = useClient()
  // No earlier score stands beside one that is being given.
  const isScoring = day.rating === undefined || again === day.id
  return (
    <div className="min-w-0">
      {done.length > 1 && !isScoring && (
        <HistoryPicture client={client} days={done} selected={day.id} onSelect={onChoose} />
      )}
      {beside === undefined ? (
        <OneDay
          key={day.id}
          day={day}
          days={done}
          isScoring={isScoring}
          onScoring={(on) => onScoring(day.id, on)}
          before={done[done.indexOf(day) + 1]}
          onRemoved={() => onRemoved(day)}
        />
      ) : (
        <Beside one={beside} other={day} onLeave={onLeave} />
      )}
      {!isScoring && <BesideEye client={client.id} onOpen={onChoose} />}
    </div>
  )
})

type DayLineProps = {
  day: WashDay
  /** What tells it from another of its name. */
  apart: string
  tabIndex: 0 | -1
  isOpen: boolean
  isBeside: boolean
  /** Without its scores. */
  isBare: boolean
  onOpen: () => void
  onBeside: () => void
}

function DayLine({ day, apart, tabIndex, isOpen, isBeside, isBare, onOpen, onBeside }: DayLineProps) {
  return (
    <li className="border-line flex items-stretch border-b">
      <button
        type="button"
        data-rove
        tabIndex={tabIndex}
        aria-current={isOpen}
        onClick={onOpen}
        className="aria-[current=true]:bg-ink aria-[current=true]:text-paper min-w-0 flex-1 px-2 py-1.5 text-left hover:bg-shallow aria-[current=true]:hover:bg-ink"
      >
        <span className="figures">{dateOf(day)}</span> {day.name}
        {apart !== '' && <span className="block text-sm leading-tight">{apart}</span>}
        {!isBare && <span className="figures block text-sm">{headlineOf(day)}</span>}
      </button>
      {!isOpen && (
        <button
          type="button"
          tabIndex={tabIndex}
          aria-pressed={isBeside}
          aria-label={`Lay ${dateOf(day)} beside the open one`}
          title="Lay it beside the open one"
          onClick={onBeside}
          className="border-line aria-pressed:bg-ink aria-pressed:text-paper border-l border-dotted px-2 hover:bg-shallow"
        >
          <svg viewBox="0 0 22 14" className="h-3.5 w-5.5" aria-hidden fill="none" stroke="currentColor">
            <path d="M1 3C7 3 9 11 21 11" strokeWidth="1.6" />
            <path d="M1 5C9 5 12 8 21 8" strokeWidth="1.4" strokeDasharray="1.5 2.5" strokeLinecap="round" />
          </svg>
        </button>
      )}
    </li>
  )
}
