import { useQuery } from '@tanstack/react-query'
import { Suspense } from 'react'
import { Link, NavLink, Outlet, useLocation, useOutletContext, useParams } from 'react-router'
import { clientQuery } from '../../api/queries'
import type { Client } from '../../api/types'
import { Cautions } from './Cautions'
import { hairLine } from '../../api/words'
import { Failure, Waiting } from '../../ui/Notice'
import { useTitle } from '../../ui/useTitle'

const COURSE = [
  ['consult', 'Consult'],
  ['plan', 'Plan'],
  ['chair', 'Chair'],
  ['log', 'Log'],
  ['aftercare', 'Aftercare'],
  ['learn', 'Learn'],
] as const

/** One client's places, in the order of the work. */
export function ClientFrame() {
  const id = Number(useParams()['clientId'])
  const { pathname } = useLocation()
  const { data, error } = useQuery(clientQuery(id))
  const place = COURSE.find(([to]) => pathname.endsWith(`/${to}`))?.[1]
  useTitle(place, data?.name)
  if (error !== null && data === undefined)
    return (
      <div className="grid justify-items-start gap-3 py-6">
        <h1 className="text-2xl font-semibold">This client cannot be opened</h1>
        <Failure error={error} />
        <Link to="/clients" className="underline">
          All clients
        </Link>
      </div>
    )
  if (data === undefined) return <Waiting what="Opening the client" />
  return (
    <>
      <div data-frame className="flex flex-wrap items-baseline gap-x-6 gap-y-1 py-3 print:hidden">
        <h1 className="text-[1.7rem] leading-tight font-semibold">
          {data.name}
          <span className="sr-only">, {place?.toLowerCase()}</span>
        </h1>
        <p className="figures text-muted text-[1.02rem]">
          {data.hair === undefined ? 'not read yet' : hairLine(data.hair)}
        </p>
        <nav aria-label="Course" className="ml-auto flex items-center">
          {COURSE.map(([to, label], i) => (
            <span key={to} className="flex items-center">
              {i > 0 && <span aria-hidden className="bg-line mx-1 h-px w-1.5 sm:mx-3 sm:w-7" />}
              <NavLink
                to={to}
                className="text-muted aria-[current=page]:text-ink aria-[current=page]:border-ink border-b-2 border-transparent py-1 font-medium aria-[current=page]:font-semibold hover:border-line"
              >
                {label}
              </NavLink>
            </span>
          ))}
        </nav>
      </div>
      <div data-frame className="print:hidden">
        <Cautions client={data} />
      </div>
      <Suspense fallback={<Waiting what="Opening" />}>
        <Outlet context={data} />
      </Suspense>
    </>
  )
}

/** The client whose place is open. */
export function useClient(): Client {
  return useOutletContext<Client>()
}
