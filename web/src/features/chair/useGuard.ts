import { useCallback, useEffect, useRef, useState } from 'react'

/** Two touches nearer than this are one: wet fingers bounce, and nobody has read the new step yet, in ms [OURS]. */
const BLINK_MS = 350
/** How long a tap may be taken back beside the target, in ms [OURS]. */
const REGRET_MS = 6_000

type Guard = {
  /** The next tap counts. */
  isOpen: boolean
  /** A tap was made a moment ago. */
  mayRegret: boolean
  /** Does it, unless a tap was done in the same blink. */
  pass: (act: () => void) => void
  /** Nothing is to be taken back any more. */
  forget: () => void
}

/** One press, one step. */
export function useGuard(): Guard {
  const [tapped, setTapped] = useState<number | undefined>(undefined)
  const [isOpen, setOpen] = useState(true)
  const last = useRef(-Infinity)
  const pass = useCallback((act: () => void) => {
    const now = performance.now()
    if (now - last.current < BLINK_MS) return
    last.current = now
    setOpen(false)
    setTapped(now)
    act()
  }, [])
  useEffect(() => {
    if (isOpen) return
    const timer = setTimeout(() => setOpen(true), BLINK_MS)
    return () => clearTimeout(timer)
  }, [isOpen])
  useEffect(() => {
    if (tapped === undefined) return
    const timer = setTimeout(() => setTapped(undefined), REGRET_MS)
    return () => clearTimeout(timer)
  }, [tapped])
  return { isOpen, mayRegret: tapped !== undefined, pass, forget: () => setTapped(undefined) }
}
