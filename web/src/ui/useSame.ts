import { useCallback, useInsertionEffect, useRef } from 'react'

/** One function for as long as the component lives, that does what the latest one would: what hangs on it is not drawn anew. */
export function useSame<Given extends unknown[], Result>(latest: (...given: Given) => Result) {
  const held = useRef(latest)
  useInsertionEffect(() => {
    held.current = latest
  })
  return useCallback((...given: Given) => held.current(...given), [])
}
