import type { BuildTold, Scores, Suggestion } from '../../api/types'
import { minutesText, SCORE_LABEL } from '../../api/words'
import { TideChart } from '../../chart/TideChart'
import { Button } from '../../ui/Button'
import { ShareScale } from './ShareScale'
import { figure } from '../../ui/figure'

type ReachedProps = { told: BuildTold; onAgain: () => void; onNext: () => void }

/** How far a build gets, what each decision costs, and both on the water. */
export function Reached({ told, onAgain, onNext }: ReachedProps) {
  const { yours, ours } = told
  return (
    <div>
      <div className="grid gap-3 px-4 py-3 lg:grid-cols-[1fr_1.2fr] lg:gap-x-8">
        <section aria-label="How far it gets" role="status" className="grid content-start gap-2">
          <p className="text-lg font-semibold">{told.words}</p>
          <ShareScale share={told.share} />
          <Both yours={yours} ours={ours} />
        </section>
        <Partings told={told} />
      </div>
      <figure className="border-ink border-t">
        <figcaption className="label px-4 pt-2">The plan on the water; yours drawn thin over it</figcaption>
        <TideChart
          tide={ours.tide}
          routine={ours.routine}
          amounts={ours.amounts}
          findings={[]}
          actual={yours.tide}
          height={230}
        />
      </figure>
      <p className="flex flex-wrap gap-2 px-4 py-3">
        <Button main onClick={onNext}>
          The next head
        </Button>
        <Button onClick={onAgain}>Decide it otherwise</Button>
      </p>
    </div>
  )
}

/** Where the two part, the dearest decision first. */
function Partings({ told: { choices, yours } }: { told: BuildTold }) {
  const warned = yours.findings.filter((finding) => finding.severity !== 'NOTE')
  return (
    <section aria-label="What each decision costs" className="grid content-start gap-2">
      <h2 className="label">What each decision costs, by itself</h2>
      {choices.length === 0 && <p>You decide what the plan does.</p>}
      <ul>
        {choices.map((choice) => (
          <li
            key={choice.what}
            className="border-line grid grid-cols-[5.5rem_1fr_3.5rem] gap-x-3 border-t border-dotted py-1.5"
          >
            <span className="label">{choice.what}</span>
            <span>
              {choice.yours} → <strong>{choice.ours}</strong>
              <span className="text-muted block text-[0.95rem]">{choice.because}</span>
            </span>
            <span className="figures text-right text-lg">{points(choice.costs)}</span>
          </li>
        ))}
      </ul>
      {warned.map((finding, i) => (
        <p key={i} className="border-caution border-l-4 pl-2">
          {finding.message}
        </p>
      ))}
    </section>
  )
}

const SHOWN = [
  'definition',
  'frizz',
  'volume',
  'softness',
  'days',
] as const satisfies readonly (keyof Scores)[]

/** The scores side by side. */
function Both({ yours, ours }: { yours: Suggestion; ours: Suggestion }) {
  const rows = SHOWN.map((score) => ({
    what: SCORE_LABEL[score],
    yours: figure(yours.outcome.overall[score]),
    ours: figure(ours.outcome.overall[score]),
  }))
  return (
    <table className="figures w-full max-w-md">
      <thead>
        <tr className="label text-right">
          <td />
          <th scope="col">Yours</th>
          <th scope="col">The plan</th>
        </tr>
      </thead>
      <tbody>
        {[
          ...rows,
          { what: 'Minutes', yours: minutesText(yours.minutes), ours: minutesText(ours.minutes) },
        ].map((row) => (
          <tr key={row.what} className="border-line border-t border-dotted text-right">
            <th scope="row" className="text-left font-normal">
              {row.what}
            </th>
            <td>{row.yours}</td>
            <td>{row.ours}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function points(costs: number): string {
  return costs > 0 ? `−${costs}` : costs < 0 ? `+${-costs}` : '0'
}
