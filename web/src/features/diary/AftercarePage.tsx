import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { diaryQuery } from '../../api/diaryQueries'
import type { DiaryNow } from '../../api/types'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { CalendarPanel } from './CalendarPanel'
import { Due } from './Due'
import { EventPanel } from './EventPanel'
import { MorningRefresh } from './MorningRefresh'
import { TakeHomeSheet } from './TakeHomeSheet'
import { Visits } from './Visits'
import { WearDays } from './WearDays'

/** How the last wash is kept, what this morning asks, what is due when, and what it all leads up to. */
export function AftercarePage() {
  const client = useClient()
  const { data, error } = useQuery({ ...diaryQuery(client.id), enabled: client.hair !== undefined })
  if (client.hair === undefined)
    return (
      <Empty title="The hair has not been read yet">
        <p>What is due on a head goes by its hair: read it first.</p>
        <Link to="../consult" className="underline">
          Go to the consult
        </Link>
      </Empty>
    )
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the diary" />
  return <Diary diary={data} />
}

function Diary({ diary }: { diary: DiaryNow }) {
  return (
    <>
      <div className="sheet print:hidden">
        {diary.aftercare === undefined ? (
          <div className="border-ink border-b p-4">
            <Empty title="Nothing is worn yet">
              <p>After the first wash its days stand here: nights, mornings, and when it is washed again.</p>
              <Link to="../plan" className="underline">
                Plan the first wash
              </Link>
            </Empty>
          </div>
        ) : (
          <div className="lg:divide-ink border-ink grid border-b lg:grid-cols-[1.55fr_1fr] lg:divide-x">
            <WearDays care={diary.aftercare} today={diary.today} wearDay={diary.wearDay} />
            <MorningRefresh wearDay={diary.wearDay ?? 1} washDay={diary.washDay} />
          </div>
        )}
        <div className="lg:divide-ink grid lg:grid-cols-[1.55fr_1fr] lg:divide-x">
          <Due diary={diary} />
          <div className="divide-line divide-y max-lg:border-t">
            <EventPanel diary={diary} />
            <Visits diary={diary} />
            <CalendarPanel />
          </div>
        </div>
      </div>
      {diary.aftercare !== undefined && <TakeHomeSheet />}
    </>
  )
}
