import { useQuery } from '@tanstack/react-query'
import { labelQuery } from '../../api/queries'
import type { Client, LabelReading, Product, ShelfItem, ShelfItemDraft } from '../../api/types'
import { without } from '../../api/without'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'
import { ItemStore } from './ItemStore'
import { ItemValues } from './ItemValues'
import { LabelMarkup } from './LabelMarkup'
import { Measure } from './Measure'
import { OnHair } from './OnHair'
import { Proposed } from './Proposed'
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

/** One bottle: its label read in place, what follows, and the values plans are made from. */
export function ItemEditor({ draft, item, client, onChange }: ItemEditorProps) {
  const { product } = draft
  const roles = useRoles()
  const reading = useQuery(labelQuery(product.ingredients ?? '', product.role)).data
  const labelled = (product.ingredients ?? '').trim() !== ''
  const put = (change: Partial<Product>) => onChange({ ...draft, product: { ...product, ...change } })
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
            onChange({
              ...draft,
              product:
                event.target.value === ''
                  ? without(product, 'ingredients')
                  : { ...product, ingredients: event.target.value },
            })
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
      <ItemValues draft={draft} onChange={onChange} />
      <ItemStore draft={draft} onChange={onChange} />
      <Measure
        product={product}
        onMeasured={(ml) => put({ doseUnit: { name: product.doseUnit?.name ?? 'pump', ml } })}
      />
      {item !== undefined && <Photo item={item} />}
    </div>
  )
}

function brokenNames(reading: LabelReading, rule: ReturnType<typeof ruleOf>): ReadonlySet<string> {
  const broken = rule === 'NONE' ? [] : reading.breaks[rule]
  return new Set(broken.map((line) => line.slice(0, line.lastIndexOf(': '))))
}
