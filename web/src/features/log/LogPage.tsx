import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { washDaysQuery, washTideQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import { TideChart } from '../../chart/TideChart'
import { Island } from '../../chart/Island'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { Drawn } from './Drawn'
import { RatingForm } from './RatingForm'

export function LogPage() {
  const client = useClient()
  const { data, error } = useQuery(washDaysQuery(client.id))
  const [chosen, setChosen] = useState<number | undefined>(undefined)
  if (error !== null) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the log" />
  const done = data.filter((day) => day.finishedAt !== undefined)
  const day = done.find((d) => d.id === chosen) ?? done.find((d) => d.rating === undefined) ?? done[0]
  if (day === undefined) {
    return (
      <Empty title="Nothing in the log yet">
        <p>A wash day is logged once it has been run at the chair.</p>
        <Link to="../plan" className="underline">
          Go to the plan
        </Link>
      </Empty>
    )
  }
  return (
    <div className="sheet grid lg:grid-cols-[17rem_1fr]">
      <nav aria-label="Wash days" className="border-line border-b p-3 lg:border-r lg:border-b-0">
        <h2 className="label pb-1">Wash days</h2>
        <ul className="max-h-48 overflow-y-auto lg:max-h-none">
          {done.map((d) => (
            <li key={d.id}>
              <button
                type="button"
                aria-current={d.id === day.id}
                onClick={() => setChosen(d.id)}
                className="aria-[current=true]:bg-ink aria-[current=true]:text-paper border-line w-full border-b px-2 py-1.5 text-left hover:bg-shallow aria-[current=true]:hover:bg-ink"
              >
                <span className="figures">{dateOf(d)}</span> {d.name}
                <span className="figures block text-sm">{headlineOf(d)}</span>
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <OneDay key={day.id} day={day} />
    </div>
  )
}

function dateOf(day: WashDay): string {
  return new Date(day.startedAt ?? day.plannedAt).toLocaleDateString(undefined, {
    day: 'numeric',
    month: 'short',
  })
}

function headlineOf(day: WashDay): string {
  const s = day.summary
  if (s === undefined) return 'to be scored'
  return `definition ${s.overall.definition.toFixed(1)} · frizz ${s.overall.frizz.toFixed(1)} · volume ${s.overall.volume.toFixed(1)}`
}

function OneDay({ day }: { day: WashDay }) {
  const tide = useQuery(washTideQuery(day.id)).data
  const [again, setAgain] = useState(false)
  return (
    <div className="min-w-0">
      <div className="border-ink border-b">
        {tide === undefined ? (
          <Waiting what="Drawing the tide" />
        ) : (
          <>
            <TideChart
              tide={tide.planned.tide}
              actual={tide.actual}
              routine={day.routine}
              amounts={tide.planned.amounts}
              findings={[]}
              height={230}
            />
            <p className="text-muted px-4 pb-1 text-sm">
              In colour as planned; the thin lines as it was done.
            </p>
          </>
        )}
      </div>
      <Drawn day={day.id} />
      {day.rating === undefined || again ? (
        <RatingForm day={day} onSaved={() => setAgain(false)} />
      ) : (
        <Scored day={day} onAgain={() => setAgain(true)} />
      )}
    </div>
  )
}

const SCORES = ['definition', 'clumping', 'frizz', 'volume'] as const

function Scored({ day, onAgain }: { day: WashDay; onAgain: () => void }) {
  const { rating, summary } = day
  if (rating === undefined || summary === undefined) return null
  const early = !(rating.castBroken && rating.rootsDry)
  return (
    <section aria-label="How it came out" className="p-4">
      <div className="grid gap-4 sm:grid-cols-2 xl:grid-cols-4">
        {SCORES.map((score) => (
          <figure key={score} className="m-0">
            <figcaption className="flex items-baseline justify-between">
              <span className="label">{score}</span>
              <span className="figures text-lg">{summary.overall[score].toFixed(1)}</span>
            </figcaption>
            <Island title="" value={(zone) => rating.byZone[zone]?.[score]} />
          </figure>
        ))}
      </div>
      <p className="pt-3">
        {rating.measured !== undefined && summary.shrinkagePercent !== undefined && (
          <>
            Shrinkage by the ruler{' '}
            <strong className="figures">{summary.shrinkagePercent.toFixed(0)} %</strong>: hangs{' '}
            {rating.measured.naturalCm} cm, pulls to {rating.measured.stretchedCm} cm.{' '}
          </>
        )}
        {rating.daysLasted !== undefined && <>Lasted {rating.daysLasted} days. </>}
        {early && <strong>Scored before the cast was broken and the roots were dry: judge it again.</strong>}
      </p>
      {rating.notes !== undefined && rating.notes !== '' && <p>{rating.notes}</p>}
      <button type="button" onClick={onAgain} className="mt-2 underline">
        Score it again
      </button>
    </section>
  )
}
