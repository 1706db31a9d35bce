import { memo, useState } from 'react'
import type { Outcome, Scores, Zone } from '../../api/types'
import { SCORE_LABEL, ZONE_LABEL } from '../../api/words'
import { Island } from '../../chart/Island'
import { Swatch } from '../../chart/Swatch'
import { figure, signed } from '../../ui/figure'

const SHOWN = [
  'definition',
  'clumping',
  'frizz',
  'volume',
  'softness',
  'shrinkagePercent',
] as const satisfies readonly (keyof Scores)[]

type ExpectedProps = {
  outcome: Outcome
  /** Whether it is said without what the log has taught; undefined where that is nothing. */
  byTheBook: boolean | undefined
  onByTheBook: (on: boolean) => void
}

/** What the routine is expected to come to, zone by zone; a zone opens its reasons. */
export const Expected = memo(function Expected({ outcome, byTheBook, onByTheBook }: ExpectedProps) {
  const [score, setScore] = useState<keyof Scores>('definition')
  const [zone, setZone] = useState<Zone | undefined>(undefined)
  return (
    <section aria-labelledby="expected" className="flex flex-col px-3 pt-3">
      <div className="flex items-baseline justify-between gap-2 pb-1">
        <h2 id="expected" className="label">
          Expected, zone by zone
        </h2>
        {byTheBook !== undefined && (
          <button
            type="button"
            role="switch"
            aria-checked={!byTheBook}
            aria-label="With what the log has taught"
            onClick={() => onByTheBook(!byTheBook)}
            className="min-h-[24px] text-[0.92rem] underline decoration-dotted underline-offset-2 hover:decoration-solid"
          >
            {byTheBook ? 'by the book' : 'as learned'}
          </button>
        )}
      </div>
      <div className="figures grid grid-cols-3 gap-x-2 pb-1.5 text-[0.92rem]">
        {SHOWN.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={score === name}
            onClick={() => setScore(name)}
            className="aria-pressed:border-ink flex min-h-[24px] items-end justify-between border-b-2 border-transparent text-left hover:border-line"
          >
            <span>{SCORE_LABEL[name]}</span>
            <span>{figure(outcome.overall[name], name === 'shrinkagePercent' ? 0 : 1)}</span>
          </button>
        ))}
      </div>
      <Later outcome={outcome} score={score} />
      {zone === undefined ? (
        <div className="grid w-full items-stretch gap-2 pb-2 min-[380px]:grid-cols-2">
          <div className="mx-auto w-full">
            <Island
              title=""
              value={(z) => shownValue(score, outcome.byZone[z]?.[score])}
              onSelect={setZone}
            />
          </div>
          <div className="bg-paper border-line border">
            <Swatch scores={outcome.overall} title="Hair drawn from these scores" />
          </div>
        </div>
      ) : (
        <Because outcome={outcome} zone={zone} score={score} onClose={() => setZone(undefined)} />
      )}
    </section>
  )
})

/** Days on which it is told again. */
const TOLD: readonly number[] = [2, 4, 6]

/**
 * Between what four in five scores to come will lie, for a prediction is never said without it; and the score on later days, where it
 * is one that wear changes.
 */
function Later({ outcome, score }: { outcome: Outcome; score: keyof Scores }) {
  const own = outcome.likely.find((likely) => likely.score === score)
  const digits = score === 'shrinkagePercent' ? 0 : 1
  const wears = score === 'definition' || score === 'frizz' || score === 'volume' || score === 'softness'
  const told = [
    ...(own === undefined ? [] : [`8 in 10: ${figure(own.low, digits)}–${figure(own.high, digits)}`]),
    ...(wears
      ? outcome.byDay
          .filter((worn) => TOLD.includes(worn.day))
          .map((worn) => `day ${worn.day} ${figure(worn[score])}`)
      : []),
  ]
  return <p className="figures text-muted pb-1 text-[0.92rem]">{told.join(' · ')}</p>
}

function shownValue(score: keyof Scores, value: number | undefined): number | string | undefined {
  return score === 'shrinkagePercent' && value !== undefined ? `${Math.round(value)}` : value
}

type BecauseProps = { outcome: Outcome; zone: Zone; score: keyof Scores; onClose: () => void }

function Because({ outcome, zone, score, onClose }: BecauseProps) {
  const own = outcome.contributions.filter((c) => c.zone === zone && c.score === score)
  const reached = outcome.byZone[zone]
  return (
    <div className="text-[0.92rem]" role="region" aria-label={`Why, ${ZONE_LABEL[zone]}`}>
      <button type="button" onClick={onClose} className="underline">
        Back to the head
      </button>
      <p className="font-semibold">
        {SCORE_LABEL[score]}, {ZONE_LABEL[zone]}
        {reached !== undefined && `: ${figure(reached[score])}`}
      </p>
      <ul>
        {own.map((c, i) => (
          <li key={i} className="border-line flex justify-between gap-2 border-b border-dotted">
            <span>{c.because}</span>
            <span className="figures">{signed(c.by)}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
