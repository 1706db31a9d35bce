import type { Hair } from '../../api/types'
import { levels, ZONE_LABEL } from '../../api/words'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import {
  asTheHead,
  differing,
  inZone,
  known,
  missing,
  withoutReading,
  withReading,
  type Consult,
  type Found,
  type ReadingName,
  type Scope,
} from './consultState'

type ReadingsFormProps = {
  consult: Consult
  found: Found
  scope: Scope
  onChange: (next: Consult) => void
}

const STRAND = levels<Hair['strand']>('strand')
const POROSITY = levels<Hair['porosity']>('porosity')
const DENSITY = levels<Hair['density']>('density')
const PATTERNS = ['1', '2A', '2B', '2C', '3A', '3B', '3C', '4A', '4B', '4C'] as const

/** The quick read: five readings by eye and hand, the rest assumed and marked so. */
export function ReadingsForm({ consult, found, scope, onChange }: ReadingsFormProps) {
  const put = (change: Consult['head']) => onChange(withReading(consult, scope, change))
  const byHand = (field: ReadingName) =>
    scope === undefined ? consult.head[field] : consult.zones[scope]?.[field]
  /** Touching what stands takes it back. */
  const choose = (field: ReadingName, level: string) =>
    onChange(
      byHand(field) === level
        ? withoutReading(consult, scope, field)
        : withReading(consult, scope, { [field]: level }),
    )
  const hint = (field: ReadingName) => {
    const words = whence(consult, found, scope, field)
    return words === '' ? {} : { hint: words }
  }
  const value = readingOf(consult, found, scope)
  return (
    <>
      <p className="text-muted">
        {scope === undefined
          ? 'What you see and feel in a minute. Leave open what you cannot tell: it can be assumed, and the plan will say what hangs on it.'
          : 'Only what differs here. The rest follows the head.'}
      </p>
      <Choice
        label="Strand, rolled between finger and thumb"
        options={STRAND}
        value={STRAND.find((o) => o.value === value('strand'))?.value}
        onChange={(strand) => choose('strand', strand)}
        {...hint('strand')}
      />
      <Choice
        label="Porosity, misted clean and dry"
        options={POROSITY}
        value={POROSITY.find((o) => o.value === value('porosity'))?.value}
        onChange={(porosity) => choose('porosity', porosity)}
        {...hint('porosity')}
      />
      <Choice
        label="Curl pattern"
        options={PATTERNS.map((word) => ({ value: word, label: word === '1' ? '1 straight' : word }))}
        value={PATTERNS.find((word) => word === value('pattern'))}
        onChange={(pattern) => choose('pattern', pattern)}
        {...hint('pattern')}
      />
      <Choice
        label="Density"
        options={DENSITY}
        value={DENSITY.find((o) => o.value === value('density'))?.value}
        onChange={(density) => choose('density', density)}
        {...hint('density')}
      />
      <NumberField
        label="Length, pulled straight"
        unit="cm"
        min={0.5}
        max={200}
        value={numberOf(value('lengthCm'))}
        onChange={(lengthCm) => put({ lengthCm })}
        {...(byHand('lengthCm') === undefined
          ? {}
          : { onClear: () => onChange(withoutReading(consult, scope, 'lengthCm')) })}
        {...hint('lengthCm')}
      />
      <TheRest consult={consult} found={found} scope={scope} onChange={onChange} />
    </>
  )
}

/** What was left open: assumed on the head, as on the head in a zone. */
function TheRest({ consult, found, scope, onChange }: ReadingsFormProps) {
  const open = missing(consult, found)
  return (
    <>
      {scope === undefined && (open.length > 0 || consult.assume) && (
        <Button
          className="justify-self-start"
          aria-pressed={consult.assume}
          onClick={() => onChange({ ...consult, assume: !consult.assume })}
        >
          {consult.assume ? 'Assume nothing' : `Assume the rest: ${open.join(', ')}`}
        </Button>
      )}
      {scope !== undefined && differing(consult, found).has(scope) && (
        <Button className="justify-self-start" onClick={() => onChange(asTheHead(consult, scope))}>
          {`Let the ${ZONE_LABEL[scope]} follow the head again`}
        </Button>
      )}
    </>
  )
}

function numberOf(value: string | number | undefined): number | undefined {
  return typeof value === 'number' ? value : undefined
}

function readingOf(consult: Consult, found: Found, scope: Scope) {
  return (field: ReadingName) =>
    scope === undefined ? known(consult, found, field).value : inZone(consult, found, scope, field)
}

/** Where a reading comes from, in a word or two. */
function whence(consult: Consult, found: Found, scope: Scope, field: ReadingName): string {
  if (scope !== undefined) {
    if (consult.zones[scope]?.[field] !== undefined) return 'its own'
    return found.zones[scope]?.hair[field] === undefined ? 'as on the head' : 'by its own tests'
  }
  const { from } = known(consult, found, field)
  if (from === 'assumed') return 'assumed'
  if (from === 'open') return ''
  const tested = found.head?.readings.find((r) => r.field === field)
  if (from === 'test') return `by test, ${tested?.confidence.toLowerCase() ?? 'likely'}`
  return tested === undefined || String(consult.head[field]) === tested.value
    ? ''
    : `by hand; tests say ${tested.value.toLowerCase()}`
}
