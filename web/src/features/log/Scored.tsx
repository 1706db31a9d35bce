import { useQuery } from '@tanstack/react-query'
import { correctionsQuery, followingQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import { ZONE_LABEL } from '../../api/words'
import { ZONES } from '../../api/types'
import { Island } from '../../chart/Island'
import { dateOf, SCORES } from './dayWords'
import { figure, signed } from '../../ui/figure'

type ScoredProps = { day: WashDay; before: WashDay | undefined; onAgain: () => void }

/** The scores by zone, beside those of the wash before; what the ruler said; what was scored before it was corrected. */
export function Scored({ day, before, onAgain }: ScoredProps) {
  const { rating, summary } = day
  if (rating === undefined || summary === undefined) return null
  const early = !(rating.castBroken && rating.rootsDry)
  const last = before?.summary
  return (
    <section aria-label="How it came out" className="p-4">
      <div className="grid grid-cols-2 gap-4 xl:grid-cols-4">
        {SCORES.map((score) => (
          <figure key={score} className="m-0">
            <figcaption className="flex items-baseline justify-between gap-2">
              <span className="label">{score}</span>
              {last !== undefined && (
                <span className="text-muted figures ml-auto text-sm">
                  {signed(summary.overall[score] - last.overall[score])} since
                </span>
              )}
              <span className="figures text-lg">{figure(summary.overall[score])}</span>
            </figcaption>
            <Island title="" value={(zone) => rating.byZone[zone]?.[score]} />
          </figure>
        ))}
      </div>
      <More day={day} />
      <Ruler day={day} before={before} />
      {early && (
        <p className="pt-2">
          <strong>Scored before the cast was broken and the roots were dry: judge it again.</strong>
        </p>
      )}
      {rating.notes !== undefined && rating.notes !== '' && <p className="pt-2">{rating.notes}</p>}
      <div className="flex flex-wrap gap-5 pt-2">
        <button type="button" onClick={onAgain} className="underline">
          Score it again
        </button>
        <Corrections day={day} />
      </div>
    </section>
  )
}

function More({ day }: { day: WashDay }) {
  const overall = day.summary?.overall
  const given = (['softness', 'hold', 'weight', 'shine'] as const).flatMap((score) => {
    const points = overall?.[score]
    return points === undefined ? [] : [`${score} ${figure(points)}`]
  })
  return given.length === 0 ? null : <p className="figures pt-3">{given.join(' · ')}</p>
}

function Ruler({ day, before }: { day: WashDay; before: WashDay | undefined }) {
  const following = useQuery(followingQuery(day.id)).data
  const by = day.summary?.shrinkage
  if (by === undefined) return null
  const last = before?.summary?.shrinkage
  const against = [
    ...(following === undefined ? [] : [`typical for this hair ${figure(following.typicalShrinkage, 0)}`]),
    ...(following?.usualShrinkage === undefined
      ? []
      : [`on this head so far ${figure(following.usualShrinkage, 0)}`]),
  ]
  const zones = day.summary?.shrinkageByZone ?? {}
  return (
    <p className="pt-3">
      Shrinkage by the ruler{' '}
      <strong className="figures">
        {figure(by.percent, 0)} % ± {figure(by.error)}
      </strong>
      {by.strands > 1 && `, ${by.strands} strands, ${figure(by.spread)} points apart`}
      {last !== undefined && `; ${signed(by.percent - last.percent)} points since the last`}
      {ZONES.some((zone) => zones[zone] !== undefined) &&
        ` (${ZONES.flatMap((zone) => {
          const own = zones[zone]
          return own === undefined ? [] : [`${ZONE_LABEL[zone]} ${figure(own.percent, 0)}`]
        }).join(', ')})`}
      {against.length > 0 && `; ${against.join(', ')}`}.{' '}
      {day.rating?.daysLasted !== undefined && <>Lasted {day.rating.daysLasted} days.</>}
    </p>
  )
}

function Corrections({ day }: { day: WashDay }) {
  const earlier = useQuery(correctionsQuery(day.id)).data ?? []
  if (earlier.length === 0) return null
  return (
    <details>
      <summary>Scored otherwise before</summary>
      <ul>
        {earlier.map(({ rating, replacedAt }) => (
          <li key={replacedAt} className="figures">
            until {new Date(replacedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}:{' '}
            {ZONES.flatMap((zone) => {
              const own = rating.byZone[zone]
              return own === undefined ? [] : [`${ZONE_LABEL[zone]} ${own.definition}/${own.frizz}`]
            }).join(', ')}{' '}
            (definition/frizz, wash of {dateOf(day)})
          </li>
        ))}
      </ul>
    </details>
  )
}
