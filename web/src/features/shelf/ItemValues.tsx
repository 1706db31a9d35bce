import type { BottleFacts, ShelfItemDraft } from '../../api/types'
import { without } from '../../api/without'
import { NumberField } from '../../ui/NumberField'
import { Select } from '../../ui/Select'

type ItemValuesProps = { draft: ShelfItemDraft; onChange: (draft: ShelfItemDraft) => void }

const WINDOW_FROM: readonly { value: NonNullable<BottleFacts['windowFrom']> | ''; label: string }[] = [
  { value: '', label: 'not said' },
  { value: 'BOTTLE', label: 'the bottle says so' },
  { value: 'LEARNED', label: 'learned at the chair' },
  { value: 'LABEL', label: 'proposed from the label' },
  { value: 'USUAL', label: 'usual for its role' },
]

/** What plans are made from: hold, richness, and the water it works in. */
export function ItemValues({ draft, onChange }: ItemValuesProps) {
  const { product } = draft
  return (
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
