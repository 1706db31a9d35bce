import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answered, api } from '../../api/client'
import type { Run, WashDay } from '../../api/types'
import { useStored } from '../../ui/useStored'
import { isRun, recordOf } from './run'

const RETRY_MS = 2_000
const LATE_MS = 1_500

/** The chair's record, kept on this device at once and sent whole, one delivery at a time, until the server has it. */
export function useRun(day: WashDay) {
  const [stored, setStored] = useStored(`run:${day.id}`, isRun)
  const run = recordOf(day, stored)
  const [deliveredRevision, setDelivered] = useState(stored === undefined ? day.runRevision : -1)
  const latest = useRef(run)
  const sending = useRef(false)
  const queries = useQueryClient()
  const revision = run.revision ?? 0
  useEffect(() => {
    latest.current = run
  })
  useEffect(() => {
    if (deliveredRevision >= revision) return
    let isMounted = true
    const deliver = async () => {
      if (sending.current || !isMounted) return
      sending.current = true
      const body = latest.current
      try {
        const saved = await answered(
          api.PUT('/api/wash-days/{id}/run', { params: { path: { id: day.id } }, body }),
        )
        setDelivered(saved.runRevision)
        await queries.invalidateQueries({ queryKey: ['wash-day', day.id, 'tide'] })
        if (body.finished === true) {
          await queries.invalidateQueries({
            queryKey: ['client', day.clientId, 'wash-days'],
            refetchType: 'none',
          })
          await queries.invalidateQueries({ queryKey: ['today'] })
        }
      } catch {
        // Kept here; the timer below tries again.
      } finally {
        sending.current = false
      }
    }
    void deliver()
    const timer = setInterval(() => void deliver(), RETRY_MS)
    return () => {
      isMounted = false
      clearInterval(timer)
    }
  }, [revision, deliveredRevision, day.id, day.clientId, queries])
  const setRun = (next: Run) => setStored({ ...next, revision: revision + 1 })
  return {
    run,
    setRun,
    delivered: deliveredRevision >= revision,
    isLate: useIsLate(deliveredRevision >= revision),
  }
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

/** The present moment, renewed every second while mounted. */
export function useNow(): Date {
  const [now, setNow] = useState(() => new Date())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 1_000)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** Asks the device to keep its screen on; where it cannot, nothing happens. */
export function useWakeLock() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    let isOver = false
    if (!('wakeLock' in navigator)) return
    navigator.wakeLock.request('screen').then(
      (held) => {
        if (isOver) void held.release()
        else lock = held
      },
      () => undefined,
    )
    return () => {
      isOver = true
      void lock?.release()
    }
  }, [])
}
