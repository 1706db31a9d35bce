import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { clientsQuery, shelfQuery, takesQuery } from '../../api/queries'
import type { Client, ProductUse, ShelfItem } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'
import { toldApart } from '../../api/words'
import { useRoving } from '../../ui/useRoving'
import { Detail } from './Detail'
import { breaksFor, Row, stays } from './ShelfRow'
import { aText, useAddressed } from '../../ui/useAddressed'
import { useTitle } from '../../ui/useTitle'
import { useFilter, useOpenItem, type Filter } from './useShelfAddress'
import { useRoles } from './useRoles'

const ONLY: readonly { value: Filter['only']; label: string }[] = [
  { value: 'all', label: 'everything' },
  { value: 'holds', label: 'holds 6 and more' },
  { value: 'light', label: 'light, richness to 3' },
  { value: 'stays', label: 'builds up' },
  { value: 'breaks', label: 'breaks the client’s list' },
  { value: 'reorder', label: 'to reorder' },
]

export function ShelfPage() {
  const { data: items, error } = useQuery(shelfQuery)
  useTitle('Shelf')
  if (error !== null && items === undefined) return <Failure error={error} />
  if (items === undefined) return <Waiting what="Opening the shelf" />
  return <ShelfOf items={items} />
}

function ShelfOf({ items }: { items: readonly ShelfItem[] }) {
  const clients = useQuery(clientsQuery).data ?? []
  const roles = useRoles()
  const [forId, setForId] = useAddressed('for', aText)
  const [filter, setFilter] = useFilter()
  const [open, setOpen] = useOpenItem()
  const detail = useRef<HTMLDivElement>(null)
  const client = clients.find((c) => String(c.id) === forId)
  // On a phone the bottle opens below the list: go there.
  useEffect(() => {
    if (open.what !== 'nothing' && window.innerWidth < 1024) detail.current?.scrollIntoView()
  }, [open])
  const stock = items.map((item) => item.product.stockMl ?? '').join()
  const uses = useQuery(takesQuery(client?.hair, stock)).data ?? []
  const use = (id: number) => uses.find((u) => u.productId === id)
  const shown = items.filter((item) =>
    fits(item, roles.labelOf(item.product.role), filter, client, use(item.id)),
  )
  const at = shown.findIndex((item) => open.what === 'item' && item.id === open.id)
  const rove = useRoving(shown.length, at < 0 ? undefined : at)
  return (
    <>
      <p className="hidden pb-2 print:block">
        Shelf, {items.length} bottles. Amounts for {client?.name ?? 'a usual head of 30 cm'}.
      </p>
      <ShelfBar
        clients={clients}
        forId={forId}
        onFor={setForId}
        filter={filter}
        onFilter={setFilter}
        onOpen={setOpen}
      />
      <div className="sheet grid lg:h-[calc(100vh-9.6rem)] lg:min-h-[34rem] lg:grid-cols-[minmax(24rem,1fr)_1.35fr] print:block">
        <section
          className="border-line min-h-0 overflow-y-auto border-b lg:border-r lg:border-b-0"
          aria-label="Products"
          tabIndex={shown.length === 0 ? 0 : -1}
          {...rove.list}
        >
          {shown.length === 0 && (
            <p className="p-4">
              {items.length === 0
                ? 'Nothing on the shelf. Plans are made from what stands here: add the first product, or bring a file.'
                : 'Nothing here fits. Take a filter off.'}
            </p>
          )}
          <ul>
            {shown.map((item, i) => (
              <Row
                key={item.id}
                item={item}
                use={use(item.id)}
                client={client}
                open={open.what === 'item' && open.id === item.id}
                tabIndex={rove.tabIndex(i)}
                onOpen={() => setOpen({ what: 'item', id: item.id })}
              />
            ))}
          </ul>
        </section>
        <div ref={detail} className="min-h-0 scroll-mt-2 overflow-y-auto print:hidden">
          <Detail open={open} setOpen={setOpen} items={items} client={client} />
        </div>
      </div>
    </>
  )
}

type ShelfBarProps = {
  clients: readonly Client[]
  forId: string | undefined
  onFor: (id: string | undefined) => void
  filter: Filter
  onFilter: (filter: Filter) => void
  onOpen: ReturnType<typeof useOpenItem>[1]
}

/** What is shown, and for whose head amounts are said. */
function ShelfBar({ clients, forId, onFor, filter, onFilter, onOpen }: ShelfBarProps) {
  const roles = useRoles()
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-3 print:hidden">
      <h1 className="mr-2 text-2xl font-semibold">Shelf</h1>
      <TextField label="Search" value={filter.text} onChange={(text) => onFilter({ ...filter, text })} />
      <Select
        label="Role"
        options={[{ value: '', label: 'every role' }, ...roles.options]}
        value={filter.role}
        onChange={(role) => onFilter({ ...filter, role })}
      />
      <Select
        label="Show"
        options={ONLY}
        value={filter.only}
        onChange={(only) => onFilter({ ...filter, only })}
      />
      <Select
        label="Amounts for"
        options={[
          { value: '', label: 'a usual head' },
          ...clients.map((c) => ({ value: String(c.id), label: toldApart(c, clients) })),
        ]}
        value={forId ?? ''}
        onChange={(id) => onFor(id === '' ? undefined : id)}
      />
      <div className="ml-auto flex gap-2 print:hidden">
        <Button main onClick={() => onOpen({ what: 'new' })}>
          Add a product
        </Button>
        <Button onClick={() => onOpen({ what: 'files' })}>Files</Button>
        <Button onClick={() => window.print()}>Print</Button>
      </div>
    </div>
  )
}

function fits(
  item: ShelfItem,
  role: string,
  filter: Filter,
  client: Client | undefined,
  use: ProductUse | undefined,
): boolean {
  const { product } = item
  const text = filter.text.trim().toLowerCase()
  const found =
    text === '' || `${product.name} ${role} ${product.ingredients ?? ''}`.toLowerCase().includes(text)
  if (!found || (filter.role !== '' && product.role !== filter.role)) return false
  switch (filter.only) {
    case 'all':
      return true
    case 'holds':
      return product.hold >= 6
    case 'light':
      return product.richness <= 3
    case 'stays':
      return stays(item)
    case 'breaks':
      return breaksFor(item, client).length > 0
    case 'reorder':
      return use?.reorder ?? false
  }
  return filter.only satisfies never
}
