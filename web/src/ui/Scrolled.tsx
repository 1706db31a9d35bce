import { useEffect, useRef, useState, type ReactNode } from 'react'

type ScrolledProps = { label: string; className: string; children: ReactNode }

/** What may be longer than its place: a mark says that there is more, and a tap on it goes there. */
export function Scrolled({ label, className, children }: ScrolledProps) {
  const box = useRef<HTMLElement>(null)
  const inner = useRef<HTMLDivElement>(null)
  const [hasMore, setMore] = useState(false)
  useEffect(() => {
    const [outer, content] = [box.current, inner.current]
    if (outer === null || content === null) return
    const look = () => setMore(outer.scrollHeight - outer.clientHeight - outer.scrollTop > 6)
    const seen = new ResizeObserver(look)
    seen.observe(outer)
    seen.observe(content)
    outer.addEventListener('scroll', look, { passive: true })
    return () => {
      seen.disconnect()
      outer.removeEventListener('scroll', look)
    }
  }, [])
  return (
    <div className="relative grid min-h-0 min-w-0">
      <section
        ref={box}
        aria-live="polite"
        aria-label={label}
        tabIndex={0}
        className={`min-h-0 overflow-y-auto ${className}`}
      >
        <div
          ref={inner}
          className={`grid grid-cols-[minmax(0,1fr)] content-start gap-1.5 ${hasMore ? 'pb-11' : ''}`}
        >
          {children}
        </div>
      </section>
      {hasMore && (
        <button
          type="button"
          onClick={() => box.current?.scrollBy({ top: box.current.clientHeight * 0.7 })}
          className="bg-paper border-ink absolute right-2 bottom-0 min-h-11 border px-3 font-semibold hover:bg-shallow"
        >
          more <span aria-hidden>↓</span>
        </button>
      )}
    </div>
  )
}
