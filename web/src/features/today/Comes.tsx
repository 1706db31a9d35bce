import { Link } from 'react-router'
import type { DeskLine, Today } from '../../api/types'
import { hairLine } from '../../api/words'
import said from '../../api/words.json'
import { clock } from '../diary/dayWords'
import { pathOf } from './pathOf'

type ComesProps = { visits: readonly DeskLine[]; heads: Today['clients'] }

/** Who comes at what hour, and what each needs ready. */
export function Comes({ visits, heads }: ComesProps) {
  return (
    <section aria-label="Who comes, and what they need ready">
      <h2 className="label border-line border-b px-4 py-2.5">Who comes, and what they need ready</h2>
      {visits.length === 0 ? (
        <p className="text-muted px-4 py-3">
          Nobody has an hour today. Hours are made on a client’s Aftercare.
        </p>
      ) : (
        <ul>
          {visits.map((line) => (
            <Visit
              key={`${line.clientId}/${line.at}`}
              line={line}
              head={heads.find(({ id }) => id === line.clientId)}
            />
          ))}
        </ul>
      )}
    </section>
  )
}

function Visit({ line, head }: { line: DeskLine; head: Today['clients'][number] | undefined }) {
  return (
    <li className="border-line grid grid-cols-[3.6rem_1fr] items-center gap-x-4 gap-y-1.5 border-b px-4 py-3 sm:grid-cols-[3.6rem_13rem_1fr_9rem]">
      <span className="figures text-[1.35rem] font-semibold">{clock(line.at ?? '')}</span>
      <span className="grid">
        <Link
          to={`/clients/${line.clientId}/aftercare`}
          className="text-[1.12rem] font-semibold hover:underline"
        >
          {line.who}
        </Link>
        <span className="figures text-muted text-[0.9rem]">
          {head?.hair === undefined
            ? 'not read yet'
            : hairLine(head.hair).split(' · ').slice(0, 3).join(' · ')}
        </span>
      </span>
      <span className="max-sm:col-start-2">
        {line.what}
        {line.air !== undefined && <span className="text-muted block text-[0.92rem]">{line.air}</span>}
      </span>
      <Link
        to={pathOf(line)}
        className="bg-ink text-paper px-4 py-2.5 text-center font-semibold max-sm:col-span-2"
      >
        {said.deskTaps[line.tap]}
        <span className="sr-only"> {line.who}</span>
      </Link>
    </li>
  )
}
