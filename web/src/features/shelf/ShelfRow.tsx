import type { Client, ProductUse, ShelfItem } from '../../api/types'
import { useRoles } from './useRoles'
import { figure } from '../../ui/figure'

/** The list this client keeps. */
export function ruleOf(client: Client | undefined): 'STRICT' | 'LOOSE' | 'NONE' {
  return client?.schools?.ingredients ?? 'NONE'
}

export function breaksFor(item: ShelfItem, client: Client | undefined): readonly string[] {
  const rule = ruleOf(client)
  return rule === 'NONE' ? [] : (item.breaks?.[rule] ?? [])
}

export function stays(item: ShelfItem): boolean {
  const traits = item.traits
  return traits !== undefined && (traits.silicones === 'BUILDS_UP' || traits.waxes || traits.mineralOil)
}

type RowProps = {
  item: ShelfItem
  use: ProductUse | undefined
  client: Client | undefined
  open: boolean
  tabIndex: 0 | -1
  onOpen: () => void
}

/** One bottle in a line: what it is, what a wash takes of it, and what speaks against it. */
export function Row({ item, use, client, open, tabIndex, onOpen }: RowProps) {
  const { product } = item
  const { labelOf } = useRoles()
  const breaks = breaksFor(item, client)
  return (
    <li className={`border-line border-b ${open ? 'bg-shallow' : ''}`}>
      <button
        type="button"
        data-rove
        tabIndex={tabIndex}
        aria-pressed={open}
        onClick={onOpen}
        className="prints grid w-full grid-cols-[1fr_auto] gap-x-3 px-3 py-1.5 text-left hover:bg-shallow"
      >
        <span className="font-medium">
          {product.name} <span className="text-muted font-normal">{labelOf(product.role)}</span>
        </span>
        <span className="figures text-right">
          {use === undefined ? '' : use.dose}
          {use?.costCents === undefined ? '' : ` · ${figure(use.costCents / 100, 2)} a wash`}
        </span>
        <span className="flex items-center gap-3 text-sm whitespace-nowrap">
          <span className="figures">hold {product.hold}</span>
          <span className="figures">rich {product.richness}</span>
          <Window low={product.windowLow} high={product.windowHigh} />
        </span>
        <span className="text-muted text-right text-sm">
          {product.stockMl !== undefined && (
            <span className="hidden print:inline">{Math.round(product.stockMl)} ml · </span>
          )}
          {use?.washesLeft === undefined ? '' : `${Math.floor(use.washesLeft)} washes left`}
          {use?.reorder === true && <b className="text-ink"> · reorder</b>}
          {stays(item) && <b className="text-ink"> · builds up</b>}
        </span>
        {breaks.length > 0 && (
          <span className="text-caution col-span-2 text-sm">
            <span aria-hidden>⚑ </span>breaks {client?.name}’s list: {breaks.join('; ')}
          </span>
        )}
      </button>
    </li>
  )
}

/** The wetness window as a post laid on its side, dry left, dripping right. */
function Window({ low, high }: { low: number; high: number }) {
  return (
    <span className="figures flex items-center gap-1.5">
      <svg viewBox="0 0 104 12" className="h-3 w-14 sm:w-20" aria-hidden>
        <rect x="2" y="5" width="100" height="2" fill="var(--water)" />
        <path
          d={`M${2 + low} 1v10M${2 + high} 1v10M${2 + low} 6H${2 + high}`}
          stroke="var(--ink)"
          strokeWidth="2"
        />
      </svg>
      {low}–{high} % wet
    </span>
  )
}
