import { PHOTO_VIEW } from '../../api/words'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { SeenByBoth, Witness } from '../../api/types'
import { Failure, Waiting } from '../../ui/Notice'
import { photoPath } from './photoPath'
import { WitnessOverTime } from './WitnessOverTime'
import { witnessQuery } from './witnessQuery'
import { figure, signed } from '../../ui/figure'

type BesideEyeProps = {
  /** Whose; absent for the whole salon. */
  client?: number
  /** Opens a wash here; absent where its log is another page. */
  onOpen?: (washDay: number) => void
}

/** Pictures as a second witness: what they say beside the eye over the year, how well the two agree, where they part. */
export function BesideEye({ client, onOpen }: BesideEyeProps) {
  const { data, error } = useQuery(witnessQuery(client))
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Asking the pictures" />
  if (data.seen.length + data.unread + data.unfit === 0) return null
  return (
    <section aria-label="Picture beside eye" className="border-line grid gap-2 border-t px-4 py-3">
      <h3 className="label">Picture beside eye</h3>
      <p>{data.report.words}</p>
      <Rest witness={data} />
      {data.report.scores.map((one) => (
        <div key={one.score} className="grid items-center gap-x-3 sm:grid-cols-[6.5rem_minmax(0,1fr)_15rem]">
          <span className="label">{one.score}</span>
          <WitnessOverTime seen={data.seen} score={one.score} />
          <span className="figures">{said(one)}</span>
        </div>
      ))}
      {data.seen.length > 0 && (
        <p className="text-muted text-sm">
          ● the eye · ◇ the picture, with what it allows in four cases of five. Neither is the truth.
        </p>
      )}
      <Parted witness={data} onOpen={onOpen} />
    </section>
  )
}

/** What is still to be measured, and what cannot be. */
function Rest({ witness: { unread, unfit } }: { witness: Witness }) {
  const parts = [
    ...(unread > 0 ? [`${unread} still to be measured…`] : []),
    ...(unfit > 0 ? [`${unfit} not fit to be measured`] : []),
  ]
  if (parts.length === 0) return null
  return (
    <p role="status" className="text-muted">
      {parts.join(' · ')}
    </p>
  )
}

/** The pictures to look at again, each once, the furthest apart first. */
function Parted({ witness, onOpen }: { witness: Witness; onOpen: BesideEyeProps['onOpen'] | undefined }) {
  const keys = [...new Set(witness.report.scores.flatMap((one) => one.parted))]
  const again = keys.flatMap((key) => witness.seen.filter((one) => one.key === key)).slice(0, MOST)
  if (again.length === 0) return null
  return (
    <>
      <h4 className="label">Look again: here the two part</h4>
      <ul className="flex flex-wrap gap-2">
        {again.map((one) => (
          <li key={one.key} className="border-ink w-28 border">
            <Link
              to={`/clients/${one.clientId}/log?day=${one.washDay}`}
              className="block"
              onClick={(event) => {
                if (onOpen === undefined) return
                event.preventDefault()
                onOpen(one.washDay)
                window.scrollTo({ top: 0 })
              }}
            >
              <img
                src={`${photoPath(one.key)}?small=true`}
                alt=""
                className="bg-shallow h-24 w-full object-cover"
              />
              <span className="figures block px-1 text-sm">
                {dateOf(one)}, {PHOTO_VIEW[one.view]}
                {one.scores.filter(parts(witness, one.key)).map((s) => (
                  <span key={s.score} className="block">
                    {s.score}: eye {figure(s.eye)}, picture {figure(s.picture)}
                  </span>
                ))}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}

/** As many as lie side by side on a wide screen. */
const MOST = 8

type Score = SeenByBoth['scores'][number]

/** Whether a score is one on which this picture parts from the eye. */
function parts(witness: Witness, key: string): (one: Score) => boolean {
  return ({ score }) => witness.report.scores.some((s) => s.score === score && s.parted.includes(key))
}

function dateOf(one: SeenByBoth): string {
  return new Date(one.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })
}

function said(one: Witness['report']['scores'][number]): string {
  const bias =
    one.low === undefined || one.high === undefined
      ? `picture ${signed(one.bias)}`
      : `picture ${signed(one.bias)} (${signed(one.low)} to ${signed(one.high)})`
  const within =
    one.correlationLow === undefined || one.correlationHigh === undefined
      ? ''
      : ` (${ratio(one.correlationLow)} to ${ratio(one.correlationHigh)})`
  const together = one.correlation === undefined ? '' : `, correlation ${ratio(one.correlation)}${within}`
  return `${bias}${together}, ${one.pictures === 1 ? '1 picture' : `${one.pictures} pictures`}`
}

/** "0.62", "−0.11". */
function ratio(value: number): string {
  return `${value < 0 ? '−' : ''}${figure(Math.abs(value), 2)}`
}
