import { useEffect } from 'react'

type Keys = { done: () => void; back: () => void; isOn: boolean }

const DONE = [' ', 'Enter', 'PageDown', 'ArrowRight', 'MediaTrackNext']
const BACK = ['PageUp', 'ArrowLeft', 'MediaTrackPrevious']

/** Space, enter, page down and right for done; page up and left for back: a presenter's remote works too. */
export function useKeys({ done, back, isOn }: Keys) {
  useEffect(() => {
    if (!isOn) return
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined
      if (event.repeat || target?.closest('[role=dialog]')) return
      const onControl = target?.closest('button, a, summary, input') ?? undefined
      if (onControl !== undefined && (event.key === ' ' || event.key === 'Enter')) return
      if (DONE.includes(event.key)) {
        event.preventDefault()
        done()
      } else if (BACK.includes(event.key)) {
        event.preventDefault()
        back()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
}
