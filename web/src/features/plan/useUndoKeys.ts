import { useEffect } from 'react'
import { useSame } from '../../ui/useSame'

/** Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y); in a field they are the field's own. */
export function useUndoKeys(undo: () => void, redo: () => void) {
  const act = useSame((event: KeyboardEvent) => {
    const key = event.key.toLowerCase()
    if (!(event.ctrlKey || event.metaKey) || event.altKey || (key !== 'z' && key !== 'y')) return
    if (event.target instanceof HTMLElement && event.target.closest('input, textarea') !== null) return
    event.preventDefault()
    if (key === 'y' || event.shiftKey) redo()
    else undo()
  })
  useEffect(() => {
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  }, [act])
}
