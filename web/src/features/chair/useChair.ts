import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { answered, api, ApiError } from '../../api/client'
import type { Chair, ChairRecord } from '../../api/types'
import { useStored } from '../../ui/useStored'
import { confirmed, happened, isKeptRun, merged, NOTHING_KEPT, type Happening, without } from './events'
import { recordOf } from './fold'

const RETRY_MS = 2_000
const LATE_MS = 1_500
/** How often another device's doings are asked for. */
const LISTEN_MS = 5_000

export type ChairRun = {
  record: ChairRecord
  /** How many events there are: it grows with everything that happens. */
  count: number
  take: (...what: Happening[]) => void
  delivered: boolean
  isLate: boolean
  /** Why the server takes what happened not, or not yet. */
  refused: string | undefined
}

/**
 * A run at the chair: every event is kept on this device at once and sent in order, again and again until the server has
 * it. What other devices did comes back with each answer.
 */
export function useChair({ day, events: known }: Chair): ChairRun {
  const [stored, setStored] = useStored(`chair:${day.id}`, isKeptRun)
  const kept = useMemo(() => merged(stored ?? NOTHING_KEPT, known), [stored, known])
  const latest = useRef(kept)
  const sending = useRef(false)
  const [refused, setRefused] = useState<string | undefined>(undefined)
  const queries = useQueryClient()
  const keep = useCallback(
    (next: typeof kept) => {
      latest.current = next
      setStored(next)
    },
    [setStored],
  )
  useEffect(() => {
    latest.current = kept
  }, [kept])
  const steps = day.routine.steps
  const record = useMemo(() => recordOf(steps, kept.events), [steps, kept])
  const isOver = record.finishedAt !== undefined
  const sync = useCallback(async () => {
    if (sending.current) return
    sending.current = true
    try {
      const { events, unsent } = latest.current
      const path = { params: { path: { id: day.id } } }
      const all =
        unsent.length === 0
          ? await answered(api.GET('/api/wash-days/{id}/events', path))
          : await answered(
              api.POST('/api/wash-days/{id}/events', {
                ...path,
                body: { events: events.filter((event) => unsent.includes(event.id)) },
              }),
            )
      const now = confirmed(latest.current, all)
      if (
        now.events.length !== latest.current.events.length ||
        now.unsent.length !== latest.current.unsent.length
      )
        keep(now)
      setRefused(undefined)
    } catch (problem) {
      // Kept here; the timer below tries again. What can never be taken is said and let go of.
      if (problem instanceof ApiError && (problem.status === 409 || problem.status === 422)) {
        setRefused(problem.faults[0]?.message ?? problem.message)
        keep(without(latest.current, problem.faults))
      }
    } finally {
      sending.current = false
    }
  }, [day.id, keep])
  const delivered = kept.unsent.length === 0
  useEffect(() => {
    const soon = delivered ? undefined : setTimeout(() => void sync())
    const timer = setInterval(() => void sync(), delivered ? LISTEN_MS : RETRY_MS)
    return () => {
      clearTimeout(soon)
      clearInterval(timer)
    }
  }, [delivered, kept.unsent.length, sync])
  useEffect(() => {
    if (!isOver || !delivered) return
    // The list of wash days is the log's; here the chair keeps showing how the run ended.
    void queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'], refetchType: 'none' })
    void queries.invalidateQueries({ queryKey: ['today'] })
    void queries.invalidateQueries({ queryKey: ['wash-day', day.id, 'tide'] })
  }, [isOver, delivered, day.id, day.clientId, queries])
  useForgetting(isOver && delivered, () => setStored(undefined))
  const take = useCallback(
    (...what: Happening[]) => keep(what.reduce((run, one) => happened(run, one, new Date()), latest.current)),
    [keep],
  )
  return { record, count: kept.events.length, take, delivered, isLate: useIsLate(delivered), refused }
}

/** True once something has stood undelivered long enough to be worth saying. */
function useIsLate(isDelivered: boolean): boolean {
  const [isLate, setLate] = useState(false)
  useEffect(() => {
    if (isDelivered) return
    const timer = setTimeout(() => setLate(true), LATE_MS)
    return () => {
      clearTimeout(timer)
      setLate(false)
    }
  }, [isDelivered])
  return isLate
}

/** Once the chair is left, what the server has need not be kept here. */
function useForgetting(mayForget: boolean, forget: () => void) {
  const latest = useRef({ mayForget, forget })
  useEffect(() => {
    latest.current = { mayForget, forget }
  })
  useEffect(
    () => () => {
      if (latest.current.mayForget) latest.current.forget()
    },
    [],
  )
}
