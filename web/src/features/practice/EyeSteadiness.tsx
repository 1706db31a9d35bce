import type { EyeReport } from '../../api/types'
import { figure, signed } from '../../ui/figure'

const SPAN = 3

/** A score's bias on a line: the band that holds it, and where the truth lies. */
export function EyeSteadiness({ eye }: { eye: EyeReport }) {
  return (
    <section aria-label="How steady" className="grid gap-2">
      <h2 className="label">How steady</h2>
      <p>{eye.words}</p>
      {eye.scores.map((one) => (
        <div key={one.score} className="grid grid-cols-[6.5rem_1fr_auto] items-center gap-x-3">
          <span className="label">{one.score}</span>
          <svg viewBox="0 0 200 18" className="w-full" role="img" aria-label={spoken(one)}>
            <line x1="0" x2="200" y1="9" y2="9" className="stroke-line" />
            <line x1="100" x2="100" y1="2" y2="16" className="stroke-ink" strokeWidth="1.5" />
            {one.low !== undefined && one.high !== undefined && (
              <rect
                x={across(one.low)}
                width={Math.max(2, across(one.high) - across(one.low))}
                y="6"
                height="6"
                className="fill-lengths"
              />
            )}
            <circle cx={across(one.bias)} cy="9" r="4" className="fill-paper stroke-ink" strokeWidth="1.5" />
          </svg>
          <span className="figures text-right">{said(one)}</span>
        </div>
      ))}
      <p className="text-muted text-sm">
        The stroke is the truth; left of it reads low, right of it high, to three points. The band holds in
        four cases of five. Learn takes it along wherever this name scored a wash.
      </p>
    </section>
  )
}

type OfScore = EyeReport['scores'][number]

function across(points: number): number {
  return 100 + (Math.max(-SPAN, Math.min(SPAN, points)) / SPAN) * 98
}

function said(one: OfScore): string {
  const off = `${signed(one.bias)}, off ${figure(one.error)}`
  const itself = one.againstItself === undefined ? '' : `, itself ±${figure(one.againstItself)}`
  const drift = one.drift === undefined ? '' : `, drift ${signed(one.drift)}`
  return `${off}${itself}${drift}`
}

function spoken(one: OfScore): string {
  return `${one.score}: ${said(one)}`
}
