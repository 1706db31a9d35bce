import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { todayQuery } from '../../api/queries'
import type { Today } from '../../api/types'
import { hairLine } from '../../api/words'
import { Failure, Waiting } from '../../ui/Notice'
import { keepHeads } from '../../api/offline'
import { useTitle } from '../../ui/useTitle'
import { EmptySalon } from './EmptySalon'

export function TodayPage() {
  const { data, error } = useQuery(todayQuery)
  useTitle('Today')
  useEffect(() => void keepHeads(data?.clients ?? []), [data])
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the day" />
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 py-4">
        <h1 className="text-2xl font-semibold">Today</h1>
        <p className="text-muted">
          <span className="figures text-ink">{data.air.dewPointC.toFixed(1)}° dew point</span>,{' '}
          {data.air.words} · {data.air.from} hygrometer
        </p>
        <Link to="/new" className="bg-ink text-paper ml-auto px-4 py-2 font-semibold">
          New client
        </Link>
      </div>
      {data.clients.length === 0 ? (
        <EmptySalon />
      ) : (
        <ul className="sheet">
          {data.clients.map((line) => (
            <ClientLine key={line.id} line={line} />
          ))}
        </ul>
      )}
    </>
  )
}

type Line = Today['clients'][number]

function ClientLine({ line }: { line: Line }) {
  const next = nextStep(line)
  return (
    <li className="border-line grid items-center gap-x-6 gap-y-1 border-b px-4 py-3 last:border-b-0 sm:grid-cols-[1fr_9rem] lg:grid-cols-[15rem_1fr_12rem_9rem]">
      <Link
        to={`/clients/${line.id}/${line.hair === undefined ? 'consult' : 'plan'}`}
        className="text-lg font-semibold hover:underline"
      >
        {line.name}
      </Link>
      <span className="figures text-muted">
        {line.hair === undefined ? 'not read yet' : `${hairLine(line.hair)} · ${line.hairGrams ?? 0} g`}
      </span>
      <span className="figures">{lastWash(line)}</span>
      <Link
        to={`/clients/${line.id}/${next.to}`}
        className="border-ink border px-3 py-1.5 text-center font-semibold hover:bg-shallow sm:max-lg:col-start-2 sm:max-lg:row-span-3 sm:max-lg:row-start-1"
      >
        {next.label}
        <span className="sr-only"> {line.name}</span>
      </Link>
    </li>
  )
}

function lastWash(line: Line): string {
  if (line.daysSinceWash === undefined) return 'no wash yet'
  const days =
    line.daysSinceWash === 0
      ? 'today'
      : line.daysSinceWash === 1
        ? 'yesterday'
        : `${line.daysSinceWash} days ago`
  return `washed ${days} · ${line.washDays} in the log`
}

function nextStep(line: Line): { to: string; label: string } {
  if (line.hair === undefined) return { to: 'consult', label: 'Consult' }
  if (line.openWashDay !== undefined) return { to: 'chair', label: 'At the chair' }
  if (line.toLog !== undefined) return { to: 'log', label: 'Log it' }
  return { to: 'plan', label: 'Plan' }
}
