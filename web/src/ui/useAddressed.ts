import { useCallback, useState } from 'react'

/**
 * State that stands in the address, so that Back and a reload bring it back; `undefined` is not written. The router is not
 * asked: nothing but what uses it is drawn anew.
 *
 * @param read what a text in the address means; undefined where it means nothing
 */
export function useAddressed<T extends string | number>(name: string, read: (text: string) => T | undefined) {
  const [value, setValue] = useState(() => {
    const text = new URLSearchParams(location.search).get(name)
    return text === null ? undefined : read(text)
  })
  const set = useCallback(
    (next: T | undefined) => {
      const url = new URL(location.href)
      if (next === undefined) url.searchParams.delete(name)
      else url.searchParams.set(name, String(next))
      history.replaceState(history.state, '', url)
      setValue(next)
    },
    [name],
  )
  return [value, set] as const
}

/** A whole number from 0. */
export function aCount(text: string): number | undefined {
  return /^\d{1,9}$/.test(text) ? Number(text) : undefined
}

export function aText(text: string): string | undefined {
  return text === '' ? undefined : text
}
