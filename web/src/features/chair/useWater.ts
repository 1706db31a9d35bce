import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { liveQuery } from '../../api/queries'
import type { Chair, Live } from '../../api/types'
import { waterAt } from '../../chart/tideGeometry'
import type { ChairRun } from './useChair'

/** How often the water is asked for while nothing happens, in seconds. */
const ASK_SECONDS = 15

/** The water as it runs: the server's while it answers, else read off the last tide or the plan's. */
export function useWater(chair: Chair, { record, count, delivered }: ChairRun, now: Date, index: number) {
  const live = useQuery({
    ...liveQuery(chair.day.id, count, Math.floor(now.getTime() / (ASK_SECONDS * 1000))),
    enabled: record.startedAt !== undefined && delivered,
    placeholderData: keepPreviousData,
  }).data
  const since = minutesSince(record.startedAt, now)
  return {
    live,
    since,
    level: levelNow(live, chair.planned.tide, since),
    band: live?.band?.step === index ? live.band : plannedBand(chair, index),
  }
}

function minutesSince(start: string | undefined, now: Date): number {
  return start === undefined ? 0 : Math.max(0, (now.getTime() - Date.parse(start)) / 60_000)
}

/** What the bottle says, until the server has said what holds here. */
function plannedBand({ planned }: Chair, index: number) {
  const worn = planned.amounts.filter((a) => a.step === index).at(-1)?.product
  if (worn === undefined || (worn.windowLow <= 0 && worn.windowHigh >= 100)) return undefined
  return { low: worn.windowLow, high: worn.windowHigh }
}

/** Between two answers of the server the water is read off the last tide; without any, off the plan's. */
function levelNow(live: Live | undefined, planned: Live['tide'], minute: number) {
  if (live === undefined)
    return { lengths: waterAt(planned, 'lengths', minute), roots: waterAt(planned, 'roots', minute) }
  const fallen = (water: 'lengths' | 'roots') =>
    waterAt(live.tide, water, minute) - waterAt(live.tide, water, live.minute)
  return {
    lengths: Math.max(0, Math.min(100, live.lengths + fallen('lengths'))),
    roots: Math.max(0, Math.min(100, live.roots + fallen('roots'))),
  }
}
