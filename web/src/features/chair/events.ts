import type { ChairEvent, Fault } from '../../api/types'
import { isObject } from '../../ui/useStored'

export type Happening = Omit<ChairEvent, 'id' | 'at' | 'seq' | 'device'>

/** This page, as long as it is open: its count is the order of what it makes, whatever the clock says. */
const DEVICE = newId()

/** What this device knows of a run: all events, and which of them the server has not confirmed. */
export type KeptRun = { events: ChairEvent[]; unsent: string[] }

export const NOTHING_KEPT: KeptRun = { events: [], unsent: [] }

export function isKeptRun(value: unknown): value is KeptRun {
  return isObject(value) && Array.isArray(value['events']) && Array.isArray(value['unsent'])
}

/** With one more event of this device's own, to be sent. */
export function happened(kept: KeptRun, what: Happening, now: Date): KeptRun {
  const event: ChairEvent = {
    id: newId(),
    at: now.toISOString(),
    seq: 1 + Math.max(-1, ...kept.events.map((known) => known.seq ?? -1)),
    device: DEVICE,
    ...what,
  }
  return { events: [...kept.events, event], unsent: [...kept.unsent, event.id] }
}

/** With what the server knows, from whatever device. */
export function merged(kept: KeptRun, known: readonly ChairEvent[]): KeptRun {
  const ids = new Set(known.map((event) => event.id))
  const own = kept.events.filter((event) => !ids.has(event.id))
  return { events: [...known, ...own], unsent: kept.unsent.filter((id) => !ids.has(id)) }
}

/** As {@link merged}, with all the server has: what it once confirmed and has no longer is to be sent again. */
export function confirmed(kept: KeptRun, all: readonly ChairEvent[]): KeptRun {
  const { events } = merged(kept, all)
  const ids = new Set(all.map((event) => event.id))
  return { events, unsent: events.filter((event) => !ids.has(event.id)).map((event) => event.id) }
}

/** Without those the server found at fault, by their places among the unsent. */
export function without(kept: KeptRun, faults: readonly Fault[]): KeptRun {
  const sent = kept.events.filter((event) => kept.unsent.includes(event.id))
  const wrong = new Set(
    faults.flatMap(({ pointer }) => sent[Number(/^\/events\/(\d+)/.exec(pointer)?.[1] ?? NaN)]?.id ?? []),
  )
  return {
    events: kept.events.filter((event) => !wrong.has(event.id)),
    unsent: kept.unsent.filter((id) => !wrong.has(id)),
  }
}

function newId(): string {
  return crypto.randomUUID()
}
