import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { washDaysQuery } from '../../api/queries'
import type { LearnedThing, ScoreLearned } from '../../api/types'
import { signed } from '../../ui/figure'
import { useClient } from '../clients/ClientFrame'
import { shortDate } from './learnWords'

/** As many as are taken in at a look; the rest behind a tap. */
const SHOWN = 6

/** What moves a score of this head, each with its interval and the washes it rests on. */
export function WhatMoves({ own }: { own: ScoreLearned }) {
  const [all, setAll] = useState(false)
  const here = own.found.filter((thing) => thing.here || thing.bottle === undefined)
  const things = all ? here : here.slice(0, SHOWN)
  const reach = Math.max(0.5, ...things.flatMap(({ estimate }) => [-estimate.low, estimate.high]))
  return (
    <section aria-label="What does what on this head" className="px-4 py-2.5">
      <div className="flex items-baseline justify-between">
        <h2 className="label">What does what on this head</h2>
        <span className="text-muted text-[0.92rem]">points of {own.score}</span>
      </div>
      <ul>
        {things.map((thing) => (
          <Thing key={thing.what} thing={thing} reach={reach} />
        ))}
      </ul>
      <p className="text-muted flex flex-wrap gap-x-4 pt-1 text-[0.92rem]">
        <span>Bars hold four in five.</span>
        <span>
          <Stipple /> moves together with it, never tried by itself
        </span>
      </p>
      {here.length > SHOWN && (
        <button type="button" className="min-h-[24px] underline" onClick={() => setAll(!all)}>
          {all ? 'The clearest only' : `All ${here.length}`}
        </button>
      )}
    </section>
  )
}

function Stipple() {
  return (
    <svg width="20" height="11" aria-hidden className="inline">
      <rect width="20" height="11" fill="var(--sand)" />
      {[3, 8, 13, 17].map((cx, i) => (
        <circle key={cx} cx={cx} cy={i % 2 === 0 ? 4 : 8} r="1" fill="var(--stipple)" />
      ))}
    </svg>
  )
}

function Thing({ thing, reach }: { thing: LearnedThing; reach: number }) {
  const [open, setOpen] = useState(false)
  const { estimate } = thing
  return (
    <li className="border-line border-b border-dotted">
      <button
        type="button"
        aria-expanded={open}
        title={thing.because}
        onClick={() => setOpen(!open)}
        className="grid w-full grid-cols-[minmax(7.5rem,1fr)_minmax(7rem,1.15fr)_2.8rem] items-center gap-2 py-0.5 text-left hover:bg-shallow"
      >
        <span className="leading-tight">
          {thing.what}
          <span className="figures text-muted block text-[0.82rem]">
            {estimate.washes} {estimate.washes === 1 ? 'wash' : 'washes'}
            {thing.association ? ', association' : thing.tried ? ', half against half' : ''}
          </span>
        </span>
        <Bar thing={thing} reach={reach} />
        <span className="figures text-right text-[1.02rem] font-semibold">{signed(estimate.points)}</span>
      </button>
      {open && (
        <p className="figures pb-1.5 text-[0.95rem]">
          {signed(estimate.low)} to {signed(estimate.high)}. It rests on <RestsOn estimate={estimate} />
        </p>
      )}
    </li>
  )
}

/** More dates than these nobody reads. */
const DATES = 12

/** The washes of this head by their dates, and how many there are besides. */
function RestsOn({ estimate }: { estimate: LearnedThing['estimate'] }) {
  const days = useQuery(washDaysQuery(useClient().id)).data
  if (days === undefined) return null
  const own = days.filter((day) => estimate.ids.includes(String(day.id)))
  const here = own.slice(0, DATES)
  const more = own.length - here.length
  const elsewhere = estimate.washes - own.length
  return (
    <>
      {here.map((day, i) => (
        <span key={day.id}>
          {i > 0 && ', '}
          <Link to={`../log?day=${day.id}`} className="whitespace-nowrap underline">
            {shortDate(day.startedAt ?? day.plannedAt)}
          </Link>
        </span>
      ))}
      {more > 0 && ` and ${more} more`}
      {elsewhere > 0 && `${own.length > 0 ? ' and ' : ''}${elsewhere} on other heads`}.
    </>
  )
}

/** From low to high, with a post where it is likeliest; sand where it is association. */
function Bar({ thing, reach }: { thing: LearnedThing; reach: number }) {
  const { low, high, points } = thing.estimate
  const at = (value: number) => `${50 + (48 * value) / reach}%`
  return (
    <span aria-hidden className="relative block h-[22px]">
      <span className="bg-muted absolute inset-y-0 w-px" style={{ left: at(0) }} />
      <span
        className={`absolute inset-y-[5px] ${thing.association ? 'bg-sand sand-grain' : 'bg-water'}`}
        style={{ left: at(low), width: `${Math.max(0.5, (48 * (high - low)) / reach)}%` }}
      />
      <span className="bg-ink absolute inset-y-[2px] -ml-px w-[3px]" style={{ left: at(points) }} />
    </span>
  )
}
