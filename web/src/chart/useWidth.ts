import { useLayoutEffect, useRef, useState } from 'react'

/** Narrower than this nothing is drawn, px. */
const LEAST = 280

/**
 * The width of an element in pixels, kept up to date. The element needs `[contain:inline-size]`: what is drawn into it at one
 * width must not keep it from becoming narrower.
 */
export function useWidth(initial: number) {
  const ref = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(initial)
  // Before anything is painted, so that nothing is ever seen at a width that is not the element's own.
  useLayoutEffect(() => {
    const element = ref.current
    if (element === null) return
    setWidth(Math.max(LEAST, element.clientWidth))
    const observer = new ResizeObserver(([entry]) => {
      if (entry !== undefined) setWidth(Math.max(LEAST, entry.contentRect.width))
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [ref, width] as const
}
