import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { assessQuery, factsQuery } from '../../api/queries'
import type { Assessment, Hair, Zone } from '../../api/types'
import { capital, READING, ZONE_LABEL } from '../../api/words'
import { NumberField } from '../../ui/NumberField'
import { Failure } from '../../ui/Notice'
import { inZone, known, READINGS, toHair, type Consult, type Found, type Scope } from './consultState'

type FollowsProps = { consult: Consult; found: Found; scope: Scope; error: Error | null }

/** What the readings and tests come to, as they are taken. */
export function Follows({ consult, found, scope, error }: FollowsProps) {
  const hair = toHair(consult, found)
  const tested = scope === undefined ? found.head : found.zones[scope]
  return (
    <>
      <h2 className="label">What follows{scope === undefined ? '' : `, ${ZONE_LABEL[scope]}`}</h2>
      <dl className="grid grid-cols-[auto_1fr_auto] items-baseline gap-x-3 gap-y-1">
        {READINGS.map((field) => (
          <Line
            key={field}
            name={capital(READING[field])}
            {...(scope === undefined ? line(consult, found, field) : zoneLine(consult, found, scope, field))}
          />
        ))}
        {hair !== undefined && <Facts hair={hair} zone={scope} />}
      </dl>
      {error !== null && <Failure error={error} />}
      <Conflicts conflicts={tested?.conflicts ?? []} />
      <Wanted consult={consult} found={found} />
    </>
  )
}

function Line({ name, value, mark }: { name: string; value: string; mark: string }) {
  return (
    <>
      <dt className="text-muted">{name}</dt>
      <dd className="figures text-[1.05rem]">{value}</dd>
      <dd className="text-muted text-right text-sm">{mark}</dd>
    </>
  )
}

function line(consult: Consult, found: Found, field: (typeof READINGS)[number]) {
  const { value, from } = known(consult, found, field)
  const tested = found.head?.readings.find((r) => r.field === field)
  const words =
    value === undefined
      ? 'open'
      : String(value)
          .toLowerCase()
          .replace(/^(\d)([a-c])$/, upper)
  return {
    value: field === 'lengthCm' && value !== undefined ? `${words} cm` : words,
    mark:
      from === 'assumed'
        ? '◌ assumed'
        : from === 'test'
          ? `${BAR[tested?.confidence ?? 'LIKELY']} ${tested?.confidence.toLowerCase() ?? ''}`
          : from === 'hand'
            ? 'by hand'
            : '',
  }
}

function zoneLine(consult: Consult, found: Found, zone: Zone, field: (typeof READINGS)[number]) {
  const value = inZone(consult, found, zone, field)
  const own = consult.zones[zone]?.[field] !== undefined || found.zones[zone]?.hair[field] !== undefined
  const words = value === undefined ? 'open' : inWords(value)
  return {
    value: field === 'lengthCm' && value !== undefined ? `${words} cm` : words,
    mark: own ? 'its own' : 'as the head',
  }
}

function inWords(value: string | number): string {
  return String(value)
    .toLowerCase()
    .replace(/^(\d)([a-c])$/, upper)
}

function upper(word: string): string {
  return word.toUpperCase()
}

/** Confidence as a tide mark: never by colour, and always with its word. */
const BAR = { FIRM: '▮▮▮', LIKELY: '▮▮▯', WEAK: '▮▯▯' } as const

function Facts({ hair, zone }: { hair: Hair; zone: Zone | undefined }) {
  const facts = useQuery(factsQuery(hair)).data
  if (facts === undefined) return null
  const own = zone === undefined ? facts.whole : facts.byZone[zone]
  return (
    <>
      <Line
        name="Hair, dry"
        value={`${zone === undefined ? facts.hairGrams : (own?.hairGrams ?? 0)} g`}
        mark={zone === undefined ? 'whole head' : 'this zone'}
      />
      <Line
        name="Shrinkage"
        value={`${own?.shrinkagePercent ?? 0} %`}
        mark={hair.measured === undefined ? 'typical' : 'by the ruler'}
      />
      <Line name="Curl index" value={String(own?.curlIndex ?? 1)} mark="" />
      <Line name="Hangs at" value={`${own?.naturalCm ?? 0} cm`} mark="" />
    </>
  )
}

function Conflicts({ conflicts }: { conflicts: Assessment['conflicts'] }) {
  return conflicts.map((conflict) => (
    <article key={conflict.message} className="border-ink border-l-4 pl-3" role="status">
      <p className="font-semibold">≠ {conflict.message}</p>
      <p>{conflict.doNext}</p>
    </article>
  ))
}

/** A wished length, hanging dry or pulled straight, and the other that goes with it. */
function Wanted({ consult, found }: { consult: Consult; found: Found }) {
  const [natural, setNatural] = useState<number | undefined>(undefined)
  const [stretched, setStretched] = useState<number | undefined>(undefined)
  const pattern = known(consult, found, 'pattern').value
  const asked = {
    ...consult.tests,
    ...(isPattern(pattern) ? { pattern } : {}),
    ...(natural === undefined ? {} : { wantedNaturalCm: natural }),
    ...(stretched === undefined ? {} : { wantedStretchedCm: stretched }),
  }
  const answer = useQuery(
    assessQuery(isPattern(pattern) && (natural !== undefined || stretched !== undefined) ? asked : {}),
  ).data
  if (!isPattern(pattern)) return null
  return (
    <details>
      <summary className="label">A length to reach</summary>
      <div className="mt-2 grid gap-2">
        <NumberField
          label="To hang dry at"
          unit="cm"
          min={0.1}
          max={200}
          value={natural}
          onChange={setNatural}
          onClear={() => setNatural(undefined)}
        />
        {natural !== undefined && answer?.needsStretchedCm !== undefined && (
          <p>
            It must be <span className="figures">{answer.needsStretchedCm} cm</span> pulled straight.
          </p>
        )}
        <NumberField
          label="If cut to, pulled straight"
          unit="cm"
          min={0.1}
          max={200}
          value={stretched}
          onChange={setStretched}
          onClear={() => setStretched(undefined)}
        />
        {stretched !== undefined && answer?.hangsAtCm !== undefined && (
          <p>
            It will hang dry at <span className="figures">{answer.hangsAtCm} cm</span>.
          </p>
        )}
      </div>
    </details>
  )
}

function isPattern(value: unknown): value is Hair['pattern'] {
  return typeof value === 'string' && /^(1|[234][ABC])$/.test(value)
}
