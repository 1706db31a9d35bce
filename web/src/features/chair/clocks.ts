import type { ChairEvent, ChairRecord } from '../../api/types'

type Mended = ChairRecord['mended'][number]

/**
 * The events of a run in the order they were made, each once, as core has them: of one device in the order it counts in.
 * Where its clock was set back meanwhile, its later times are moved on by as much.
 */
export function inOrder(arrived: readonly ChairEvent[]): { events: ChairEvent[]; mended: Mended[] } {
  const once = new Map<string, ChairEvent>()
  for (const event of [...arrived].sort(inTime)) if (!once.has(event.id)) once.set(event.id, event)
  const all = [...once.values()]
  const nameless = all.filter((event) => event.device === undefined).map((event) => event.seq)
  const isOne = nameless.every((seq) => seq !== undefined) && new Set(nameless).size === nameless.length
  const byDevice = new Map<string, ChairEvent[]>()
  for (const event of all) {
    const device = event.device ?? (isOne ? '' : `?${event.id}`)
    byDevice.set(device, [...(byDevice.get(device) ?? []), event])
  }
  const taken = [...byDevice.values()].flatMap(mend).sort((a, b) => inTime(a.event, b.event))
  return {
    events: taken.map(({ event }) => event),
    mended: taken.flatMap(({ event, said }) =>
      said === event.at ? [] : [{ event: event.id, said, taken: event.at }],
    ),
  }
}

/** A moment by this device's clock, as the run counts it. */
export function moment(record: ChairRecord, now: Date): Date {
  const last = record.mended.at(-1)
  return last === undefined ? now : new Date(now.getTime() + Date.parse(last.taken) - Date.parse(last.said))
}

function mend(own: readonly ChairEvent[]): { event: ChairEvent; said: string }[] {
  if (own.some((event) => event.seq === undefined)) return own.map((event) => ({ event, said: event.at }))
  let behind = 0
  let before = -Infinity
  return [...own]
    .sort((a, b) => (a.seq ?? 0) - (b.seq ?? 0) || inTime(a, b))
    .map((event) => {
      const said = Date.parse(event.at)
      behind = Math.max(behind, before - said)
      before = said + behind
      return {
        event: behind === 0 ? event : { ...event, at: new Date(before).toISOString() },
        said: event.at,
      }
    })
}

function inTime(a: ChairEvent, b: ChairEvent): number {
  return (
    Date.parse(a.at) - Date.parse(b.at) ||
    (a.seq ?? 0) - (b.seq ?? 0) ||
    (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)
  )
}
