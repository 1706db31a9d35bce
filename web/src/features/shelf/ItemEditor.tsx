import { useQuery } from '@tanstack/react-query'
import { labelQuery } from '../../api/queries'
import type { BottleFacts, Client, LabelReading, Product, ShelfItem, ShelfItemDraft } from '../../api/types'
import { without } from '../../api/without'
import { Button } from '../../ui/Button'
import { NumberField } from '../../ui/NumberField'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'
import { LabelMarkup } from './LabelMarkup'
import { Measure } from './Measure'
import { OnHair } from './OnHair'
import { Photo } from './Photo'
import { ruleOf } from './ShelfRow'
import { ShelfSelect } from './ShelfSelect'
import { useRoles } from './useRoles'
import { Traits } from './Traits'

type ItemEditorProps = {
  draft: ShelfItemDraft
  item: ShelfItem | undefined
  /** Whose hair and list it is read for. */
  client: Client | undefined
  onChange: (draft: ShelfItemDraft) => void
}

const WINDOW_FROM: readonly { value: NonNullable<BottleFacts['windowFrom']> | ''; label: string }[] = [
  { value: '', label: 'not said' },
  { value: 'BOTTLE', label: 'the bottle says so' },
  { value: 'LEARNED', label: 'learned at the chair' },
  { value: 'LABEL', label: 'proposed from the label' },
  { value: 'USUAL', label: 'usual for its role' },
]

/** One bottle: its label read in place, what follows, and the values plans are made from. */
export function ItemEditor({ draft, item, client, onChange }: ItemEditorProps) {
  const { product } = draft
  const roles = useRoles()
  const reading = useQuery(labelQuery(product.ingredients ?? '', product.role)).data
  const labelled = (product.ingredients ?? '').trim() !== ''
  const put = (change: Partial<Product>) => onChange({ ...draft, product: { ...product, ...change } })
  const less = (field: keyof Product) => onChange({ ...draft, product: without(product, field) as Product })
  return (
    <div className="grid gap-3">
      <div className="grid gap-3 sm:grid-cols-[1fr_auto_auto]">
        <TextField label="Name" value={product.name} onChange={(name) => put({ name })} />
        <Select
          label="Role"
          options={roles.options}
          value={product.role}
          onChange={(role) => put({ role })}
        />
        <ShelfSelect draft={draft} onChange={onChange} />
      </div>
      <label className="grid gap-0.5">
        <span className="label">Ingredients, pasted or typed as they stand</span>
        <textarea
          value={product.ingredients ?? ''}
          rows={3}
          maxLength={20000}
          onChange={(event) =>
            event.target.value === '' ? less('ingredients') : put({ ingredients: event.target.value })
          }
          className="border-ink bg-paper w-full border px-2 py-1 leading-snug"
        />
      </label>
      <OnHair product={product} client={client} />
      {labelled && reading !== undefined && (
        <>
          <Traits reading={reading} product={product} />
          <LabelMarkup
            reading={reading}
            broken={brokenNames(reading, ruleOf(client))}
            onCorrect={(written, name) =>
              put({ ingredients: (product.ingredients ?? '').replace(written, name) })
            }
          />
          <Proposed draft={draft} reading={reading} onChange={onChange} />
        </>
      )}
      <div className="flex flex-wrap gap-x-5 gap-y-2">
        <NumberField
          label={`Hold, ${own(draft, 'HOLD')}`}
          unit="of 10"
          min={0}
          max={10}
          value={product.hold}
          onChange={(hold) => onChange(ownValue({ ...draft, product: { ...product, hold } }, 'HOLD'))}
        />
        <NumberField
          label={`Richness, ${own(draft, 'RICHNESS')}`}
          unit="of 10"
          min={0}
          max={10}
          value={product.richness}
          onChange={(richness) =>
            onChange(ownValue({ ...draft, product: { ...product, richness } }, 'RICHNESS'))
          }
        />
        <NumberField
          label="Works from"
          unit="% wet"
          min={0}
          max={100}
          value={product.windowLow}
          onChange={(windowLow) =>
            onChange(ownValue({ ...draft, product: { ...product, windowLow } }, 'WINDOW'))
          }
        />
        <NumberField
          label="Works up to"
          unit="% wet"
          min={0}
          max={100}
          value={product.windowHigh}
          onChange={(windowHigh) =>
            onChange(ownValue({ ...draft, product: { ...product, windowHigh } }, 'WINDOW'))
          }
        />
        <Select
          label="Who says so"
          options={WINDOW_FROM}
          value={draft.facts?.windowFrom ?? ''}
          onChange={(windowFrom) =>
            onChange({
              ...draft,
              facts:
                windowFrom === '' ? without(draft.facts ?? {}, 'windowFrom') : { ...draft.facts, windowFrom },
            })
          }
        />
      </div>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <div className="w-28">
          <TextField
            label="Dose unit"
            value={product.doseUnit?.name ?? ''}
            onChange={(name) =>
              name === '' ? less('doseUnit') : put({ doseUnit: { name, ml: product.doseUnit?.ml ?? 1 } })
            }
          />
        </div>
        {product.doseUnit !== undefined && (
          <NumberField
            label="One is"
            unit="ml"
            min={0.01}
            max={500}
            value={product.doseUnit.ml}
            onChange={(ml) => put({ doseUnit: { name: product.doseUnit?.name ?? 'pump', ml } })}
          />
        )}
        <NumberField
          label="Size"
          unit="ml"
          min={0.1}
          max={100000}
          value={product.sizeMl}
          onChange={(sizeMl) => put({ sizeMl })}
          onClear={() => less('sizeMl')}
        />
        <NumberField
          label="Left"
          unit="ml"
          min={0}
          max={1000000}
          value={product.stockMl}
          onChange={(stockMl) => put({ stockMl })}
          onClear={() => less('stockMl')}
        />
        <NumberField
          label="Price"
          unit=""
          min={0}
          max={100000}
          value={product.priceCents === undefined ? undefined : product.priceCents / 100}
          onChange={(price) => put({ priceCents: Math.round(price * 100) })}
          onClear={() => less('priceCents')}
        />
        <TextField
          label="Opened on"
          type="date"
          value={draft.facts?.openedOn ?? ''}
          onChange={(day) =>
            onChange({
              ...draft,
              facts: day === '' ? without(draft.facts ?? {}, 'openedOn') : { ...draft.facts, openedOn: day },
            })
          }
        />
      </div>
      <Measure
        product={product}
        onMeasured={(ml) => put({ doseUnit: { name: product.doseUnit?.name ?? 'pump', ml } })}
      />
      {item !== undefined && <Photo item={item} />}
    </div>
  )
}

type ProposedProps = {
  draft: ShelfItemDraft
  reading: LabelReading
  onChange: (draft: ShelfItemDraft) => void
}

/** What the label would suggest, beside what stands: the stylist's own values win. */
function Proposed({ draft, reading, onChange }: ProposedProps) {
  const proposed = reading.proposed
  if (proposed === undefined) return null
  const { hold, richness, windowLow, windowHigh } = proposed
  return (
    <div className="border-ink grid gap-1 border-l-2 pl-3">
      <p>
        From the label: hold <b className="figures">{hold}</b>, richness <b className="figures">{richness}</b>
        , works at{' '}
        <b className="figures">
          {windowLow}–{windowHigh} %
        </b>
        .{' '}
        <span className="text-muted">
          {proposed.evidence.join('; ')}. Shares are not on a label: a starting point.
        </span>
      </p>
      <Button
        className="justify-self-start"
        onClick={() =>
          onChange({
            ...draft,
            product: { ...draft.product, hold, richness, windowLow, windowHigh },
            facts: { ...draft.facts, windowFrom: 'LABEL', fromLabel: ['HOLD', 'RICHNESS', 'WINDOW'] },
          })
        }
      >
        Take these
      </Button>
    </div>
  )
}

type LabelValue = NonNullable<BottleFacts['fromLabel']>[number]

function own(draft: ShelfItemDraft, value: LabelValue): string {
  return draft.facts?.fromLabel?.includes(value) === true ? 'from the label' : 'own'
}

/** With a value marked as the stylist's own. */
function ownValue(draft: ShelfItemDraft, value: LabelValue): ShelfItemDraft {
  const fromLabel = (draft.facts?.fromLabel ?? []).filter((v) => v !== value)
  return { ...draft, facts: { ...draft.facts, fromLabel } }
}

function brokenNames(reading: LabelReading, rule: ReturnType<typeof ruleOf>): ReadonlySet<string> {
  const broken = rule === 'NONE' ? [] : reading.breaks[rule]
  return new Set(broken.map((line) => line.slice(0, line.lastIndexOf(': '))))
}
