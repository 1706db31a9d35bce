import type { ShelfItemDraft } from '../../api/types'
import { isObject } from '../../ui/useStored'

/** A bottle as it was written here, what stood on the shelf then, and its version. */
type Edited = { version: number; from: ShelfItemDraft; to: ShelfItemDraft }

export function isEdited(value: unknown): value is Edited {
  return (
    isObject(value) &&
    typeof value['version'] === 'number' &&
    isItemDraft(value['from']) &&
    isItemDraft(value['to'])
  )
}

function isItemDraft(value: unknown): boolean {
  return isObject(value) && isObject(value['product']) && typeof value['product']['name'] === 'string'
}

/** What was not touched here is as it stands now: a wash may have drawn from the bottle, or another hand mended it. */
export function rebased({ from, to }: Edited, now: ShelfItemDraft): ShelfItemDraft {
  return { ...merged(from, to, now), product: merged(from.product, to.product, now.product) }
}

function merged<T extends object>(from: T, to: T, now: T): T {
  const fields = [...new Set([...Object.keys(now), ...Object.keys(to)])] as (keyof T)[]
  const kept = fields.map((field) => [field, differs(from, to, field) ? to[field] : now[field]] as const)
  // The fields of the one or the other, less those that are gone.
  return Object.fromEntries(kept.filter(([, value]) => value !== undefined)) as T
}

/** Something of the bottle was changed here and there. */
export function clashes({ from, to }: Edited, now: ShelfItemDraft): boolean {
  return Object.keys({ ...from.product, ...to.product, ...now.product }).some((key) => {
    const field = key as keyof ShelfItemDraft['product']
    return (
      differs(from.product, to.product, field) &&
      differs(from.product, now.product, field) &&
      differs(to.product, now.product, field)
    )
  })
}

function differs<T extends object>(one: T, other: T, field: keyof T): boolean {
  return JSON.stringify(one[field]) !== JSON.stringify(other[field])
}
