import { useEffect, useRef, useState, type ReactNode } from 'react'
import { Sheet } from './Sheet'

type FoldedRowProps<T> = {
  /** What the row holds, as its name and as the title of the sheet with all of it. */
  label: string
  items: readonly T[]
  keyOf: (item: T) => string | number
  /** Narrowest one of them may become, in px. */
  least: number
  className: string
  children: (item: T) => ReactNode
}

/** Room for the button that says how many more there are, in px. */
const MORE = 64
const GAP = 8

/** As many side by side as there is room for, the first of them first; the rest folded behind a count that opens all. */
export function FoldedRow<T>({ label, items, keyOf, least, className, children }: FoldedRowProps<T>) {
  const row = useRef<HTMLUListElement>(null)
  const [width, setWidth] = useState(0)
  const [isOpen, setOpen] = useState(false)
  useEffect(() => {
    const list = row.current
    if (list === null) return
    const seen = new ResizeObserver(() => setWidth(list.clientWidth - paddingOf(list)))
    seen.observe(list)
    return () => seen.disconnect()
  }, [])
  const fit = (room: number) => Math.max(1, Math.floor((room + GAP) / (least + GAP)))
  const shown = items.length <= fit(width) ? items.length : fit(width - MORE - GAP)
  const more = items.length - shown
  return (
    <>
      <ul
        ref={row}
        aria-label={label}
        className={`grid gap-2 ${className}`}
        style={{
          gridTemplateColumns: `repeat(${shown}, minmax(0, ${least * 2}px))${more > 0 ? ` ${MORE}px` : ''}`,
        }}
      >
        {items.slice(0, shown).map((item) => (
          <li key={keyOf(item)} className="grid min-w-0">
            {children(item)}
          </li>
        ))}
        {more > 0 && (
          <li className="grid">
            <button
              type="button"
              aria-label={`${more} more: ${label.toLowerCase()}`}
              onClick={() => setOpen(true)}
              className="border-ink figures min-h-11 border text-lg hover:bg-shallow"
            >
              +{more}
            </button>
          </li>
        )}
      </ul>
      {isOpen && (
        <Sheet title={label} onClose={() => setOpen(false)}>
          <ul className="grid gap-2 sm:grid-cols-2">
            {items.map((item) => (
              <li key={keyOf(item)} className="grid">
                {children(item)}
              </li>
            ))}
          </ul>
        </Sheet>
      )}
    </>
  )
}

function paddingOf(list: HTMLElement): number {
  const { paddingLeft, paddingRight } = getComputedStyle(list)
  return parseFloat(paddingLeft) + parseFloat(paddingRight)
}
