import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { clientsQuery, runningQuery } from '../../api/queries'
import type { RunningHead as Head } from '../../api/types'
import { toldApart } from '../../api/words'
import { FoldedRow } from '../../ui/FoldedRow'
import { countdown } from './timers'

/** The other heads in work, along the edge: whose timer is next. */
export function Heads({ own, now }: { own: number; now: Date }) {
  const others = (useQuery(runningQuery).data ?? []).filter((head) => head.washDayId !== own)
  const clients = useQuery(clientsQuery).data ?? []
  if (others.length === 0) return null
  const nameOf = (head: Head) => {
    const client = clients.find(({ id }) => id === head.clientId)
    return client === undefined ? head.client : toldApart(client, clients)
  }
  const at = (head: Head) => (head.next === undefined ? Infinity : Date.parse(head.next.at))
  return (
    <nav aria-label="Other heads">
      <FoldedRow
        label="Other heads"
        items={[...others].sort((a, b) => at(a) - at(b))}
        keyOf={(head) => head.washDayId}
        least={190}
        className="border-line border-b px-3 py-1 sm:px-6"
      >
        {(head) => {
          const left = at(head) - now.getTime()
          return (
            <Link
              to={`/clients/${head.clientId}/chair?day=${head.washDayId}`}
              className={`border-ink flex min-h-11 flex-wrap content-center items-baseline gap-x-2 border px-2.5 leading-tight hover:bg-shallow ${left <= 0 ? 'rings' : ''}`}
            >
              <span className="font-semibold">{nameOf(head)}</span>
              <span className="figures">
                {head.next === undefined
                  ? `step ${(head.step ?? 0) + 1} of ${head.steps}`
                  : `${head.next.name} ${countdown(left)}`}
              </span>
            </Link>
          )
        }}
      </FoldedRow>
    </nav>
  )
}
