import { Link } from 'react-router'
import type { DeskLine } from '../../api/types'
import said from '../../api/words.json'
import { pathOf } from './pathOf'

type WaitsProps = { title: string; none: string; lines: readonly DeskLine[] }

/** Lines that wait, each with one tap that does it. */
export function Waits({ title, none, lines }: WaitsProps) {
  return (
    <section aria-label={title} className="px-4 py-2.5">
      <h2 className="label pb-1">{title}</h2>
      {lines.length === 0 && <p className="text-muted">{none}</p>}
      <ul>
        {lines.map((line) => (
          <li
            key={`${line.topic}/${line.clientId ?? line.who}/${line.what}`}
            className="border-line flex items-baseline gap-x-4 border-b border-dotted py-1.5 last:border-b-0"
          >
            <span className="flex-1">
              <b className="font-semibold">{line.who}</b> <span className="text-muted">{line.what}</span>
            </span>
            <Link to={pathOf(line)} className="min-h-[24px] whitespace-nowrap underline">
              {said.deskTaps[line.tap].toLowerCase()}
              <span className="sr-only"> {line.who}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
