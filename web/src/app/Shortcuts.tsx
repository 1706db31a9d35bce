import { useEffect, useState } from 'react'
import { Sheet } from '../ui/Sheet'

const KEYS: readonly { where: string; keys: readonly (readonly [string, string])[] }[] = [
  {
    where: 'On the water',
    keys: [
      ['← →', 'from step to step, read out'],
      ['Alt ← →', 'take the step along the water'],
    ],
  },
  {
    where: 'In the list of steps',
    keys: [['Alt ↑ ↓', 'earlier, later']],
  },
  {
    where: 'At the chair',
    keys: [
      ['Space · Enter · Page down · →', 'done'],
      ['Page up · ←', 'back'],
      ['Esc', 'close what lies over it'],
    ],
  },
  {
    where: 'On the plan',
    keys: [
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z · Ctrl Y', 'do it again'],
    ],
  },
  { where: 'Everywhere', keys: [['?', 'this list']] },
]

/** What the keyboard does, asked for with a question mark. */
export function Shortcuts() {
  const [isOpen, setOpen] = useState(false)
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined
      if (event.key !== '?' || target?.closest('input, textarea, select') != null) return
      setOpen(true)
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [])
  if (!isOpen) return null
  return (
    <Sheet title="Keys" onClose={() => setOpen(false)}>
      <div className="grid gap-x-10 gap-y-4 sm:grid-cols-2">
        {KEYS.map(({ where, keys }) => (
          <section key={where}>
            <h2 className="label pb-1">{where}</h2>
            <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
              {keys.map(([key, does]) => (
                <div key={key} className="contents">
                  <dt className="figures">{key}</dt>
                  <dd className="m-0">{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Sheet>
  )
}
