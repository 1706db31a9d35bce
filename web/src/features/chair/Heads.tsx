import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { runningQuery } from '../../api/queries'
import { countdown } from './timers'

/** The other heads in work, along the edge: whose timer is next. */
export function Heads({ own, now }: { own: number; now: Date }) {
  const others = (useQuery(runningQuery).data ?? []).filter((head) => head.washDayId !== own)
  if (others.length === 0) return null
  const at = (head: (typeof others)[number]) =>
    head.next === undefined ? Infinity : Date.parse(head.next.at)
  return (
    <nav
      aria-label="Other heads"
      className="border-line flex gap-2 overflow-x-auto border-b px-3 py-1 sm:px-6"
    >
      {[...others]
        .sort((a, b) => at(a) - at(b))
        .map((head) => {
          const left = at(head) - now.getTime()
          const isDue = left <= 0
          return (
            <Link
              key={head.washDayId}
              to={`/clients/${head.clientId}/chair?day=${head.washDayId}`}
              className={`border-ink flex min-h-11 shrink-0 items-center gap-2 border px-3 hover:bg-shallow ${isDue ? 'rings' : ''}`}
            >
              <span className="font-semibold">{head.client}</span>
              <span className="figures">
                {head.next === undefined
                  ? `step ${(head.step ?? 0) + 1} of ${head.steps}`
                  : `${head.next.name} ${countdown(left)}`}
              </span>
            </Link>
          )
        })}
    </nav>
  )
}
