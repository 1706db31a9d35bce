import type { Compared } from '../../api/types'
import { capital, SCORE_LABEL, ZONE_LABEL } from '../../api/words'
import { ZONES } from '../../api/types'
import { Button } from '../../ui/Button'
import { Waiting } from '../../ui/Notice'
import { signed } from '../../ui/figure'

type BesideProps = {
  name: string
  compared: Compared | undefined
  onTake: () => void
  onLeave: () => void
}

/** Another routine laid over this one: what it does otherwise and what that would change. */
export function Beside({ name, compared, onTake, onLeave }: BesideProps) {
  return (
    <section aria-label={`Beside: ${name}`} className="grid content-start gap-2">
      <p className="flex items-center gap-2">
        <svg viewBox="0 0 40 8" className="h-2 w-10" aria-hidden>
          <path
            d="M0 4H40"
            stroke="var(--ink)"
            strokeWidth="2"
            strokeDasharray="1.5 3"
            strokeLinecap="round"
          />
        </svg>
        <span>
          Laid over it: <b className="font-semibold">{name}</b>
        </span>
      </p>
      <div className="flex gap-2">
        <Button main onClick={onTake}>
          Take it
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
      {compared === undefined ? (
        <Waiting what="Running both" />
      ) : (
        <>
          {compared.otherwise.length > 0 && <p>{capital(compared.otherwise.join('; '))}.</p>}
          {compared.otherwise.length === 0 && compared.steps.length === 0 && (
            <p>The same products, hands and drying.</p>
          )}
          <p className="figures">
            {longer(compared.minutes, 'min')} · hands on {longer(compared.chairMinutes, 'min')}
            {compared.costCents !== 0 && ` · cost ${signed(compared.costCents / 100, 2)}`} · findings{' '}
            {said(compared.one.findings)} → {said(compared.other.findings)}
          </p>
          {compared.moved.length > 0 && (
            <table className="figures w-full text-[0.95rem]">
              <caption className="sr-only">What it moves, overall and by zone</caption>
              <thead>
                <tr className="text-muted text-left">
                  <th className="font-semibold">overall</th>
                  <th />
                  {ZONES.map((zone) => (
                    <th key={zone} className="text-right font-semibold">
                      {ZONE_LABEL[zone]}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {compared.moved.map(({ score, by }) => (
                  <tr key={score} className="border-line border-t border-dotted">
                    <td>{SCORE_LABEL[score]}</td>
                    <td className="pr-2 text-right">{signed(by)}</td>
                    {ZONES.map((zone) => (
                      <td key={zone} className="text-muted text-right">
                        {zoneMove(compared, zone, score)}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          )}
          {compared.moved.length === 0 && <p>Nothing in the result moves by a tenth.</p>}
          <Rewritten steps={compared.steps} />
        </>
      )}
    </section>
  )
}

/** The steps that stand otherwise, as they are and as they would be. */
function Rewritten({ steps }: { steps: Compared['steps'] }) {
  if (steps.length === 0) return null
  return (
    <>
      <h3 className="label">Step by step</h3>
      <ul aria-label="Step by step" className="grid gap-1">
        {steps.map(({ was, now }, i) => (
          <li key={i} className="border-line border-t border-dotted pt-1">
            {was.map((line) => (
              <p key={line} className="text-muted">
                <span className="figures mr-1.5">−</span>
                <s className="decoration-1">{line}</s>
              </p>
            ))}
            {now.map((line) => (
              <p key={line}>
                <span className="figures mr-1.5">+</span>
                {line}
              </p>
            ))}
          </li>
        ))}
      </ul>
    </>
  )
}

function zoneMove(compared: Compared, zone: keyof Compared['movedByZone'], score: string): string {
  const own = compared.movedByZone[zone]?.find((moved) => moved.score === score)
  return own === undefined ? '·' : signed(own.by)
}

function longer(minutes: number, unit: string): string {
  return Math.abs(minutes) < 0.5 ? `same ${unit}` : `${signed(minutes, 0)} ${unit}`
}

/** One cause is one finding, whatever is folded under it. */
function said(findings: readonly { under?: number }[]): number {
  return findings.filter((one) => one.under === undefined).length
}
