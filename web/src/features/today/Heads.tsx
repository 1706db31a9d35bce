import { Link } from 'react-router'
import type { Today } from '../../api/types'
import { hairLine } from '../../api/words'

/** Everybody the salon knows, with the next thing to do for each. */
export function Heads({ heads }: { heads: Today['clients'] }) {
  return (
    <section aria-label="All heads">
      <h2 className="label pt-5 pb-1.5">All heads</h2>
      <ul className="sheet">
        {heads.map((line) => (
          <ClientLine key={line.id} line={line} />
        ))}
      </ul>
    </section>
  )
}

type Line = Today['clients'][number]

function ClientLine({ line }: { line: Line }) {
  const next = nextStep(line)
  return (
    <li className="border-line grid items-center gap-x-6 gap-y-1 border-b px-4 py-3 last:border-b-0 sm:grid-cols-[1fr_9rem] lg:grid-cols-[15rem_1fr_12rem_9rem]">
      <Link
        to={`/clients/${line.id}/${line.hair === undefined ? 'consult' : 'plan'}`}
        className="text-lg font-semibold hover:underline"
      >
        {line.name}
      </Link>
      <span className="figures text-muted">
        {line.hair === undefined ? 'not read yet' : `${hairLine(line.hair)} · ${line.hairGrams ?? 0} g`}
      </span>
      <span className="figures">{lastWash(line)}</span>
      <Link
        to={`/clients/${line.id}/${next.to}`}
        className="border-ink border px-3 py-1.5 text-center font-semibold hover:bg-shallow sm:max-lg:col-start-2 sm:max-lg:row-span-3 sm:max-lg:row-start-1"
      >
        {next.label}
        <span className="sr-only"> {line.name}</span>
      </Link>
    </li>
  )
}

function lastWash(line: Line): string {
  if (line.daysSinceWash === undefined) return 'no wash yet'
  const days =
    line.daysSinceWash === 0
      ? 'today'
      : line.daysSinceWash === 1
        ? 'yesterday'
        : `${line.daysSinceWash} days ago`
  return `washed ${days} · ${line.washDays} in the log`
}

function nextStep(line: Line): { to: string; label: string } {
  if (line.hair === undefined) return { to: 'consult', label: 'Consult' }
  if (line.openWashDay !== undefined) return { to: 'chair', label: 'At the chair' }
  if (line.toLog !== undefined) return { to: 'log', label: 'Log it' }
  return { to: 'plan', label: 'Plan' }
}
