import { useState, type FocusEvent, type KeyboardEvent } from 'react'

type Roving = {
  /** For what holds the list: its parts carry `data-rove`. */
  onKeyDown: (event: KeyboardEvent<HTMLElement>) => void
  onFocus: (event: FocusEvent<HTMLElement>) => void
}

/** One stop for the tab key in a list, arrows within it. */
export function useRoving(count: number, chosen: number | undefined) {
  const [at, setAt] = useState(0)
  const stop = Math.min(chosen ?? at, Math.max(0, count - 1))
  const list: Roving = {
    onKeyDown: (event) => {
      if (event.altKey || event.ctrlKey || event.metaKey || event.defaultPrevented) return
      const parts = partsOf(event.currentTarget)
      const from = parts.findIndex((part) => part.contains(document.activeElement))
      const to = target(event.key, from, parts.length)
      if (from < 0 || to === undefined) return
      event.preventDefault()
      parts[to]?.focus()
    },
    onFocus: (event) => {
      const to = partsOf(event.currentTarget).findIndex((part) => part.contains(event.target))
      if (to >= 0) setAt(to)
    },
  }
  return { list, tabIndex: (index: number) => (index === stop ? 0 : -1) }
}

function partsOf(list: HTMLElement): HTMLElement[] {
  return [...list.querySelectorAll<HTMLElement>('[data-rove]')]
}

function target(key: string, from: number, count: number): number | undefined {
  switch (key) {
    case 'ArrowDown':
      return Math.min(count - 1, from + 1)
    case 'ArrowUp':
      return Math.max(0, from - 1)
    case 'Home':
      return 0
    case 'End':
      return count - 1
    default:
      return undefined
  }
}
