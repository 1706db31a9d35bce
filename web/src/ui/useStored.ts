import { useCallback, useState } from 'react'

/**
 * State that survives a reload, kept in the browser under a key. What was stored is only taken where `isValid` knows it.
 * Setting `undefined` forgets it.
 */
export function useStored<T>(key: string, isValid: (value: unknown) => value is T) {
  const [held, setHeld] = useState(() => ({ key, value: load(key, isValid) }))
  const value = held.key === key ? held.value : load(key, isValid)
  const store = useCallback(
    (next: T | undefined) => {
      if (next === undefined) localStorage.removeItem(key)
      else localStorage.setItem(key, JSON.stringify(next))
      setHeld({ key, value: next })
    },
    [key],
  )
  return [value, store] as const
}

function load<T>(key: string, isValid: (value: unknown) => value is T): T | undefined {
  try {
    const parsed: unknown = JSON.parse(localStorage.getItem(key) ?? 'null')
    return isValid(parsed) ? parsed : undefined
  } catch {
    return undefined
  }
}

export function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}
