import { useCallback, useState } from 'react'

/**
 * State that survives a reload, kept in the browser under a key. What was stored is only taken where `isValid` knows it.
 * Setting `undefined` forgets it.
 *
 * @param less a shorter form of a value that the browser has no room for; undefined where there is none
 */
export function useStored<T>(
  key: string,
  isValid: (value: unknown) => value is T,
  less: (value: T) => T | undefined = nothingLess,
) {
  const [held, setHeld] = useState(() => ({ key, value: load(key, isValid) }))
  const value = held.key === key ? held.value : load(key, isValid)
  const store = useCallback(
    (next: T | undefined) => {
      if (next === undefined) localStorage.removeItem(key)
      else write(key, next, less)
      setHeld({ key, value: next })
    },
    [key, less],
  )
  return [value, store] as const
}

const nothingLess = () => undefined

function write<T>(key: string, value: T, less: (value: T) => T | undefined) {
  let shorter: T | undefined = value
  while (shorter !== undefined) {
    try {
      localStorage.setItem(key, JSON.stringify(shorter))
      return
    } catch {
      shorter = less(shorter) // no room: what can be spared goes first
    }
  }
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
