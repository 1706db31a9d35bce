import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answered, api } from '../../api/client'
import type { Run, WashDay } from '../../api/types'
import { useStored } from '../../ui/useStored'
import { isRun, recordOf } from './run'

const RETRY_MS = 4_000

/** The chair's record, kept on this device at once and sent whole until the server has it. */
export function useRun(day: WashDay) {
  const [stored, setStored] = useStored(`run:${day.id}`, isRun)
  const run = recordOf(day, stored)
  const [delivered, setDelivered] = useState(stored === undefined)
  const latest = useRef(stored)
  const queries = useQueryClient()
  useEffect(() => {
    latest.current = stored
    if (stored === undefined) return
    let timer: ReturnType<typeof setTimeout> | undefined
    let isCurrent = true
    const send = async () => {
      try {
        const saved = await answered(
          api.PUT('/api/wash-days/{id}/run', { params: { path: { id: day.id } }, body: stored }),
        )
        if (!isCurrent) return
        setDelivered(true)
        queries.setQueryData(['wash-day', day.id], saved)
        await queries.invalidateQueries({ queryKey: ['wash-day', day.id, 'tide'] })
        if (stored.finished === true) {
          await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
          await queries.invalidateQueries({ queryKey: ['today'] })
        }
      } catch {
        if (!isCurrent) return
        setDelivered(false)
        timer = setTimeout(() => void send(), RETRY_MS)
      }
    }
    void send()
    return () => {
      isCurrent = false
      clearTimeout(timer)
    }
  }, [stored, day.id, day.clientId, queries])
  return { run, setRun: (next: Run) => setStored(next), delivered }
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
