import type { ActionCard, Amount, Product, Step, StepTide } from '../../api/types'
import { ZONES } from '../../api/types'
import { STEP_FIELD, ZONE_LABEL } from '../../api/words'
import { Checks } from '../../ui/Checks'
import { Select } from '../../ui/Select'
import { Tune } from '../../ui/Tune'
import { PARTS, POSITIONS, put, WORD_FIELDS, WORDS, type StepField, type WordField } from './stepFields'

type StepFieldsProps = {
  step: Step
  card: ActionCard
  shelf: readonly Product[]
  amount: Amount | undefined
  at: StepTide | undefined
  /** Minutes stand for one section. */
  inner?: boolean
  onChange: (step: Step) => void
}

/** What of a step can be changed: just the fields that mean something to its action. */
export function StepFields(props: StepFieldsProps) {
  const { step, card, onChange } = props
  const has = (field: StepField) => card.fields.includes(field)
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
      {has('product') && <Worn {...props} />}
      {has('amountMl') && <AmountTune {...props} />}
      <Numbers {...props} has={has} />
      {WORD_FIELDS.filter(has).map((field) => (
        <Word key={field} field={field} step={step} onChange={onChange} />
      ))}
      {has('zones') && (
        <Checks
          label={step.zones === undefined ? 'Where: all zones' : 'Where'}
          options={ZONES.map((zone) => ({ value: zone, label: ZONE_LABEL[zone] }))}
          value={step.zones ?? []}
          onChange={(zones) => onChange(put(step, 'zones', zones.length === 0 ? undefined : zones))}
        />
      )}
      {has('parts') && (
        <Checks
          label={step.parts === undefined ? 'Part: all but the scalp' : 'Part'}
          options={PARTS}
          value={step.parts ?? []}
          onChange={(parts) => onChange(put(step, 'parts', parts.length === 0 ? undefined : parts))}
        />
      )}
      {has('position') && (
        <Checks
          label="Position"
          options={POSITIONS}
          value={step.position ?? []}
          onChange={(position) =>
            onChange(put(step, 'position', position.length === 0 ? undefined : position))
          }
        />
      )}
      {(has('tension') || has('heatCap')) && (
        <Checks
          label="With"
          options={[
            ...(has('tension') ? [{ value: 'tension' as const, label: 'gentle tension' }] : []),
            ...(has('heatCap') ? [{ value: 'heatCap' as const, label: 'cap, steam or heat' }] : []),
          ]}
          value={(['tension', 'heatCap'] as const).filter((field) => step[field] === true)}
          onChange={(on) =>
            onChange(
              put(
                put(step, 'tension', on.includes('tension') ? true : undefined),
                'heatCap',
                on.includes('heatCap') ? true : undefined,
              ),
            )
          }
        />
      )}
    </div>
  )
}

function Worn({ step, shelf, onChange }: StepFieldsProps) {
  const first = step.mix?.[0]?.product ?? step.product
  const second = step.mix?.[1]?.product
  const name = (product: Product | undefined) => product?.name ?? ''
  const options = [
    { value: '', label: 'nothing' },
    ...[first, second].flatMap((own) =>
      own === undefined || shelf.some((p) => p.name === own.name)
        ? []
        : [{ value: own.name, label: own.name }],
    ),
    ...shelf.map((p) => ({ value: p.name, label: p.name })),
  ]
  const find = (wanted: string) =>
    shelf.find((p) => p.name === wanted) ?? [first, second].find((p) => p?.name === wanted)
  const wear = (one: Product | undefined, other: Product | undefined) => {
    const bare = put(put(put(step, 'product', undefined), 'mix', undefined), 'amountMl', undefined)
    if (one === undefined) return onChange(bare)
    onChange(
      other === undefined
        ? { ...bare, product: one }
        : {
            ...bare,
            mix: [
              { product: one, share: 0.5 },
              { product: other, share: 0.5 },
            ],
          },
    )
  }
  return (
    <>
      <Select
        label="Product"
        options={options}
        value={name(first)}
        onChange={(to) => wear(find(to), undefined)}
      />
      {first !== undefined && (
        <Select
          label="Mixed half and half with"
          options={options.filter((option) => option.value !== first.name)}
          value={name(second)}
          onChange={(to) => wear(first, find(to))}
        />
      )}
    </>
  )
}

function AmountTune({ step, amount, onChange }: StepFieldsProps) {
  if (amount === undefined) return null
  const unit = amount.product.doseUnit?.ml ?? 1
  const to = (ml: number) => onChange(put(step, 'amountMl', Math.max(0, Math.round(ml * 100) / 100)))
  return (
    <span className="flex items-end gap-2">
      <Tune
        label="Amount"
        value={amount.dose}
        less={() => to(amount.ml - unit)}
        more={() => to(amount.ml + unit)}
      />
      {amount.given && (
        <button
          type="button"
          className="mb-1.5 text-sm underline"
          onClick={() => onChange(put(step, 'amountMl', undefined))}
        >
          as advised
        </button>
      )}
    </span>
  )
}

function Numbers({
  step,
  at,
  inner = false,
  has,
  onChange,
}: StepFieldsProps & { has: (f: StepField) => boolean }) {
  const minutes =
    step.minutes ?? (at === undefined ? 1 : Math.max(1, Math.round(at.endMinute - at.startMinute)))
  const by = inner ? 0.5 : minutes >= 30 ? 5 : 1
  const set = (field: 'minutes' | 'sections' | 'count' | 'toWetness' | 'untilDry', value: number) =>
    onChange(put(step, field, value))
  return (
    <>
      {has('minutes') && step.untilDry === undefined && (
        <Tune
          label={inner ? 'Minutes a section' : 'Minutes'}
          value={inner && step.minutes === undefined ? 'as usual' : String(minutes)}
          less={() => set('minutes', Math.max(by, minutes - by))}
          more={() => set('minutes', minutes + by)}
        />
      )}
      {has('sections') && !inner && (
        <Tune
          label="Sections"
          value={String(step.sections ?? 1)}
          less={() => set('sections', Math.max(1, (step.sections ?? 1) - 1))}
          more={() => set('sections', (step.sections ?? 1) + 1)}
        />
      )}
      {has('count') && (
        <Tune
          label="Times"
          value={step.count === undefined ? '–' : String(step.count)}
          less={() => set('count', Math.max(0, (step.count ?? 1) - 1))}
          more={() => set('count', (step.count ?? 0) + 1)}
        />
      )}
      {has('toWetness') && (
        <Tune
          label="To, % wet"
          value={step.toWetness === undefined ? 'as usual' : String(step.toWetness)}
          less={() => set('toWetness', Math.max(0, (step.toWetness ?? 70) - 5))}
          more={() => set('toWetness', Math.min(100, (step.toWetness ?? 70) + 5))}
        />
      )}
      {has('untilDry') && (
        <Tune
          label="Until, % dry"
          value={dryness(step)}
          less={() => set('untilDry', Math.max(5, (step.untilDry ?? 100) - 5))}
          more={() => set('untilDry', Math.min(100, (step.untilDry ?? 80) + 5))}
        />
      )}
    </>
  )
}

/** How dry a step goes on to; where it says neither that nor how long, it is the water that decides. */
function dryness(step: Step): string {
  if (step.untilDry !== undefined) return String(step.untilDry)
  return step.minutes === undefined ? 'as it needs' : 'by the clock'
}

function Word<F extends WordField>({
  field,
  step,
  onChange,
}: {
  field: F
  step: Step
  onChange: (step: Step) => void
}) {
  const options = WORDS[field] as readonly { value: string; label: string }[]
  return (
    <Select
      label={STEP_FIELD[field]}
      options={[{ value: '', label: field === 'half' ? 'both' : 'as usual' }, ...options]}
      value={step[field] ?? ''}
      onChange={(to) => onChange(put(step, field, (to === '' ? undefined : to) as Step[F] | undefined))}
    />
  )
}
