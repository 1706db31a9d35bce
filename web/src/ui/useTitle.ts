import { useEffect } from 'react'

/** What the window is called: the place, then whose it is. */
export function useTitle(...parts: readonly (string | undefined)[]) {
  const title = [...parts.filter((part) => part !== undefined), 'Even Tide'].join(' · ')
  useEffect(() => {
    document.title = title
  }, [title])
}
