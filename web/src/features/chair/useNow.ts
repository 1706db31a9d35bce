import { useEffect, useState } from 'react'

/** The present moment, renewed every half second while mounted. */
export function useNow(): Date {
  const [now, setNow] = useState(() => new Date())
  useEffect(() => {
    const timer = setInterval(() => setNow(new Date()), 500)
    return () => clearInterval(timer)
  }, [])
  return now
}

/** Asks the device to keep its screen on, again each time the page comes back; where it cannot, nothing happens. */
export function useWakeLock() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined
    let isOver = false
    if (!('wakeLock' in navigator)) return
    const ask = () => {
      if (document.visibilityState !== 'visible') return
      navigator.wakeLock.request('screen').then(
        (held) => {
          if (isOver) void held.release()
          else lock = held
        },
        () => undefined,
      )
    }
    ask()
    document.addEventListener('visibilitychange', ask)
    return () => {
      isOver = true
      document.removeEventListener('visibilitychange', ask)
      void lock?.release()
    }
  }, [])
}
