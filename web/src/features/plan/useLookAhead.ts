import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { keyOf } from '../../api/keyOf'
import { settingKey, suggestQuery, type Setting } from '../../api/queries'
import type { Product } from '../../api/types'
import { nearby, turnedBetween } from './nearby'

/** Long enough that a hand still tapping is not overtaken, milliseconds. */
const QUIET_MS = 1200

/** How often to look whether what a hand did ask has been answered, milliseconds. */
const BUSY_MS = 100

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms))

/**
 * While the hand rests, asks what the likeliest taps would answer, one question after the other and only
 * while nothing else waits for an answer, so that the tap redraws the water at once. Stops as soon as anything else is asked.
 *
 * @param ready whether what is asked now has been answered
 */
export function useLookAhead(setting: Setting, shelf: Product[], ready: boolean) {
  const queries = useQueryClient()
  const asked = JSON.stringify([settingKey(setting), keyOf(shelf)])
  const answered = useRef(setting)
  useEffect(() => {
    if (!ready) return
    const last = turnedBetween(answered.current, setting)
    answered.current = setting
    let current: Setting | undefined
    let over = false
    const look = async () => {
      for (const next of nearby(setting, last)) {
        while (!over && queries.isFetching() > 0) await pause(BUSY_MS)
        if (over) return
        current = next
        await queries.prefetchQuery(suggestQuery(next, shelf))
      }
    }
    const timer = setTimeout(() => void look(), QUIET_MS)
    return () => {
      over = true
      clearTimeout(timer)
      if (current === undefined) return
      const { queryKey } = suggestQuery(current, shelf)
      // Once the screen has turned to its new question: the one under way may be just that, and is then waited for.
      setTimeout(() => void queries.cancelQueries({ queryKey, exact: true, type: 'inactive' }))
    }
    // what is asked, by value: it is made anew at every drawing
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, ready, queries])
}
