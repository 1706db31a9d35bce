import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { besideQuery } from '../../api/queries'
import type { WashDay, Zone } from '../../api/types'
import { Island } from '../../chart/Island'
import { TideChart } from '../../chart/TideChart'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { dateOf, SCORES, type ScoreKey } from './dayWords'
import { figure, signed } from '../../ui/figure'

type BesideProps = { one: WashDay; other: WashDay; onLeave: () => void }

/** Two washes side by side: what was otherwise, what came of it, and what may be said. */
export function Beside({ one, other, onLeave }: BesideProps) {
  const [first, second] =
    Date.parse(one.plannedAt) <= Date.parse(other.plannedAt) ? [one, other] : [other, one]
  const { data, error } = useQuery(besideQuery(first.id, second.id))
  if (data === undefined)
    return error === null ? <Waiting what="Laying them side by side" /> : <Failure error={error} />
  const { comparison } = data
  const counted = comparison.differences.filter(({ follows }) => !follows)
  const follow = comparison.differences.filter(({ follows }) => follows)
  return (
    <section aria-label="Side by side" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-4 pt-3">
        <h2 className="text-lg font-semibold">
          {dateOf(first)} and {dateOf(second)}
        </h2>
        <Button className="ml-auto" onClick={onLeave}>
          Back to one
        </Button>
      </div>
      <p className="border-ink mx-4 border-l-4 pl-3 text-lg leading-snug">{comparison.verdict}</p>
      {comparison.notes.map((note) => (
        <p key={note} className="text-caution mx-4 font-medium">
          <span aria-hidden>⚑ </span>
          {note}
        </p>
      ))}
      <div className="grid gap-4 px-4 md:grid-cols-[1fr_1.4fr]">
        <div>
          <h3 className="label pb-1">Otherwise on {dateOf(second)}</h3>
          <ol className="list-decimal pl-5">
            {counted.map((difference) => (
              <li key={difference.text}>{difference.text}</li>
            ))}
            {counted.length === 0 && <li className="list-none">Nothing that hands did.</li>}
          </ol>
          {follow.length > 0 && (
            <p className="text-muted pt-2">And what follows: {follow.map(({ text }) => text).join(' · ')}</p>
          )}
          {comparison.shrinkage !== undefined && (
            <p className="pt-2">
              Shrinkage {figure(comparison.shrinkage.one.percent, 0)} % →{' '}
              {figure(comparison.shrinkage.other.percent, 0)} %
              {comparison.shrinkage.clear ? '.' : ': no more than the ruler leaves open.'}
            </p>
          )}
        </div>
        <Moved scores={comparison.scores} />
      </div>
      <div className="border-ink border-t">
        <TideChart
          tide={data.one}
          actual={data.other}
          routine={first.routine}
          amounts={[]}
          findings={[]}
          height={230}
        />
        <p className="text-muted px-4 pb-2 text-sm">
          In colour {dateOf(first)}, the thin lines {dateOf(second)}; both as they were done.
        </p>
      </div>
    </section>
  )
}

type Scores = readonly {
  zone?: Zone
  score: string
  one: number
  other: number
  by: number
  clear: boolean
}[]

/** Score by score and zone by zone; what is within an eye's own error is said so. */
function Moved({ scores }: { scores: Scores }) {
  const [shown, setShown] = useState<ScoreKey>('definition')
  const of = (zone: Zone) => scores.find((s) => s.zone === zone && s.score === shown)
  if (scores.length === 0) return <p className="text-muted">Score both, and what moved stands here.</p>
  return (
    <div className="grid items-start gap-4 sm:grid-cols-[1fr_12rem]">
      <table className="w-full text-left">
        <caption className="label pb-1 text-left">What moved</caption>
        <tbody>
          {SCORES.map((score) => {
            const moved = scores.find((s) => s.zone === undefined && s.score === score)
            if (moved === undefined) return null
            return (
              <tr key={score} className="border-line border-b border-dotted">
                <th scope="row" className="py-1 font-normal">
                  <button
                    type="button"
                    aria-pressed={shown === score}
                    className="aria-pressed:font-semibold aria-pressed:underline"
                    onClick={() => setShown(score)}
                  >
                    {score}
                  </button>
                </th>
                <td className="figures">
                  {figure(moved.one)} → {figure(moved.other)}
                </td>
                <td className="figures">{signed(moved.by)}</td>
                <td className="text-muted text-sm">{moved.clear ? 'clear' : 'within the eye’s error'}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <Island
        title={shown}
        value={(zone) => {
          const moved = of(zone)
          return moved === undefined ? undefined : signed(moved.by)
        }}
        marked={
          new Set(
            scores.flatMap((s) => (s.zone !== undefined && s.score === shown && s.clear ? [s.zone] : [])),
          )
        }
      />
    </div>
  )
}
