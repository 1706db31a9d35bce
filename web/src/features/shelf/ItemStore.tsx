import type { Product, ShelfItemDraft } from '../../api/types'
import { without } from '../../api/without'
import { NumberField } from '../../ui/NumberField'
import { TextField } from '../../ui/TextField'

type ItemStoreProps = { draft: ShelfItemDraft; onChange: (draft: ShelfItemDraft) => void }

/** How it is measured out, how much there is, and what it cost. */
export function ItemStore({ draft, onChange }: ItemStoreProps) {
  const { product } = draft
  const put = (change: Partial<Product>) => onChange({ ...draft, product: { ...product, ...change } })
  const less = (field: 'doseUnit' | 'sizeMl' | 'stockMl' | 'priceCents') =>
    onChange({ ...draft, product: without(product, field) })
  return (
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
  )
}
