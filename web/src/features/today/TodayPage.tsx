import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { deskQuery } from '../../api/diaryQueries'
import { keepHeads } from '../../api/offline'
import { outdoorsQuery, todayQuery } from '../../api/queries'
import type { Desk, Today } from '../../api/types'
import { Failure, Waiting } from '../../ui/Notice'
import { useTitle } from '../../ui/useTitle'
import { longDay } from '../diary/dayWords'
import { Comes } from './Comes'
import { DayStrip } from './DayStrip'
import { EmptySalon } from './EmptySalon'
import { Heads } from './Heads'
import { SalonHours } from './SalonHours'
import { Towards } from './Towards'
import { Waits } from './Waits'
import { figure } from '../../ui/figure'

/** The desk in the morning: who comes, what waits, what is late, what lies ahead. */
export function TodayPage() {
  const { data, error } = useQuery(todayQuery)
  const { data: desk, isPending: isDeskToCome } = useQuery(deskQuery)
  useTitle('Today')
  useEffect(() => void keepHeads(data?.clients ?? []), [data])
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the day" />
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 py-3">
        <h1 className="text-2xl font-semibold">
          <span className="sr-only">Today, </span>
          {desk === undefined ? 'Today' : longDay(desk.today)}
        </h1>
        <TheAir air={data.air} />
        <Link to="/new" className="border-ink ml-auto border px-4 py-1.5 font-semibold hover:bg-shallow">
          New client
        </Link>
      </div>
      {data.clients.length === 0 ? (
        <EmptySalon />
      ) : (
        <>
          {isDeskToCome && <Waiting what="Reading what waits" />}
          {desk !== undefined && <TheDesk desk={desk} heads={data.clients} />}
          <SalonHours />
          <Heads heads={data.clients} />
        </>
      )}
    </>
  )
}

/** Here, and where the hair will be worn. */
function TheAir({ air }: { air: Today['air'] }) {
  const out = useQuery(outdoorsQuery).data
  return (
    <p className="text-muted">
      <span className="figures text-ink">{figure(air.dewPointC, 0)}°</span> dew point here, {air.words}
      {out !== undefined && (
        <>
          ; outside <span className="figures text-ink">{figure(out.dewPointC, 0)}°</span>, {out.words} (
          {out.from})
        </>
      )}
    </p>
  )
}

function TheDesk({ desk, heads }: { desk: Desk; heads: Today['clients'] }) {
  const of = (...topics: Desk['lines'][number]['topic'][]) =>
    desk.lines.filter(({ topic }) => topics.includes(topic))
  const now = new Date()
  return (
    <div className="sheet">
      <DayStrip visits={of('VISIT')} now={now.getHours() * 60 + now.getMinutes()} />
      <div className="lg:divide-ink grid lg:grid-cols-[2fr_1fr] lg:divide-x">
        <Comes visits={of('VISIT')} heads={heads} />
        <div className="divide-line divide-y max-lg:border-t">
          <Waits title="Now at the chair" none="Nobody." lines={of('CHAIR')} />
          <Waits title="Ten seconds each" none="Every day worn was looked at." lines={of('SCORE')} />
        </div>
      </div>
      <div className="border-ink lg:divide-ink grid border-t lg:grid-cols-[2fr_1fr] lg:divide-x">
        <div className="divide-line divide-y">
          {desk.events.map((event) => (
            <Towards key={`${event.name}/${event.at}`} event={event} today={desk.today} />
          ))}
          <Waits title="Events" none="Nothing lies ahead that anybody told of." lines={of('EVENT')} />
        </div>
        <div className="max-lg:border-line max-lg:border-t">
          <Waits
            title="Late, and running out"
            none="Nothing is late; every bottle lasts the week."
            lines={of('OVERDUE', 'BOTTLE')}
          />
        </div>
      </div>
    </div>
  )
}
