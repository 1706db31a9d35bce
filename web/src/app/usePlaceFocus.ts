import { useEffect, useRef } from 'react'
import { useLocation } from 'react-router'

/** After the place has changed focus goes to its heading, once that is there; unless the place puts it elsewhere itself. */
export function usePlaceFocus() {
  const { pathname } = useLocation()
  const before = useRef(pathname)
  useEffect(() => {
    if (before.current === pathname) return
    before.current = pathname
    if (focused()) return
    const seen = new MutationObserver(() => {
      if (focused()) seen.disconnect()
    })
    seen.observe(document.body, { childList: true, subtree: true })
    return () => seen.disconnect()
  }, [pathname])
}

/** True where there is a heading to go to, or somebody has gone elsewhere meanwhile. */
function focused(): boolean {
  const inMain = document.querySelector('main')?.contains(document.activeElement) === true
  const isOverlaid = document.querySelector('[role="dialog"]') !== null
  if (isOverlaid || (inMain && document.activeElement?.tagName !== 'H1')) return true
  const heading = [...document.querySelectorAll<HTMLElement>('main h1')].find((h) => h.checkVisibility())
  if (heading === undefined) return false
  heading.tabIndex = -1
  heading.focus()
  return true
}
