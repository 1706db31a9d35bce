import { Tabs } from 'radix-ui'
import { Suspense, useEffect, useRef, type ReactNode } from 'react'
import { Waiting } from '../../ui/Notice'

type MiddleProps = {
  /** What is in hand takes the place of the tabs: a step, another routine laid over, a trial. */
  inHand: ReactNode
  /** What that is about, undefined for nothing: another is brought into sight where all stands in one column. */
  about: string | undefined
  tab: string
  onTab: (tab: string) => void
  tabs: readonly { value: string; label: string; content: ReactNode }[]
  foot: ReactNode
}

/** Between the steps and the result: what is said, or what is in hand. */
export function Middle({ inHand, about, tab, onTab, tabs, foot }: MiddleProps) {
  const held = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (about === undefined || !matchMedia('(max-width: 1023px)').matches) return
    const still = matchMedia('(prefers-reduced-motion: reduce)').matches
    held.current?.scrollIntoView({ behavior: still ? 'auto' : 'smooth', block: 'start' })
  }, [about])
  return (
    <section
      aria-label="At the water"
      className="border-line flex min-h-0 flex-col border-b lg:border-r lg:border-b-0"
    >
      {inHand === null ? (
        <Tabs.Root value={tab} onValueChange={onTab} className="flex min-h-0 flex-1 flex-col">
          <Tabs.List aria-label="At the water" className="flex flex-wrap gap-x-4 px-4 pt-2.5">
            {tabs.map(({ value, label }) => (
              <Tabs.Trigger
                key={value}
                value={value}
                className="label data-[state=active]:border-ink data-[state=active]:text-ink border-b-2 border-transparent pb-0.5 hover:border-line"
              >
                {label}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          {tabs.map(({ value, content }) => (
            <Tabs.Content key={value} value={value} className="min-h-0 flex-1 overflow-y-auto px-4 py-2">
              <Suspense fallback={<Waiting what="Opening" />}>{content}</Suspense>
            </Tabs.Content>
          ))}
        </Tabs.Root>
      ) : (
        <div
          ref={held}
          className="min-h-0 flex-1 scroll-mt-2 overflow-y-auto px-4 py-3"
          tabIndex={0}
          role="group"
          aria-label="In hand"
        >
          <Suspense fallback={<Waiting what="Opening" />}>{inHand}</Suspense>
        </div>
      )}
      {/* Where all stands in one column it stays in reach of a thumb. */}
      <div className="border-line bg-paper max-lg:border-ink flex flex-wrap items-center gap-2 border-t px-4 py-2 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-10">
        {foot}
      </div>
    </section>
  )
}
