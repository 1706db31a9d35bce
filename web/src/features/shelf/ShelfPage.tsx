import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answered, api } from '../../api/client'
import { clientsQuery, shelfQuery, takesQuery } from '../../api/queries'
import type { Client, ProductUse, ShelfItem, ShelfItemDraft } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'
import { Exchange } from './Exchange'
import { GoesWith } from './GoesWith'
import { ItemEditor } from './ItemEditor'
import { breaksFor, Row, stays } from './ShelfRow'
import { NEW_PRODUCT } from './shelfWords'
import { useRoles } from './useRoles'

type Open = { what: 'nothing' } | { what: 'new' } | { what: 'files' } | { what: 'item'; id: number }
type Filter = { text: string; role: string; only: 'all' | 'holds' | 'light' | 'stays' | 'breaks' | 'reorder' }

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
  const clients = useQuery(clientsQuery).data ?? []
  const roles = useRoles()
  const [forId, setForId] = useState('')
  const [filter, setFilter] = useState<Filter>({ text: '', role: '', only: 'all' })
  const [open, setOpen] = useState<Open>({ what: 'nothing' })
  const detail = useRef<HTMLDivElement>(null)
  const client = clients.find((c) => String(c.id) === forId)
  // On a phone the bottle opens below the list: go there.
  useEffect(() => {
    if (open.what !== 'nothing' && window.innerWidth < 1024) detail.current?.scrollIntoView()
  }, [open])
  const stock = (items ?? []).map((item) => item.product.stockMl ?? '').join()
  const uses = useQuery(takesQuery(client?.hair, stock)).data ?? []
  if (error !== null) return <Failure error={error} />
  if (items === undefined) return <Waiting what="Opening the shelf" />
  const use = (id: number) => uses.find((u) => u.productId === id)
  const shown = items.filter((item) =>
    fits(item, roles.labelOf(item.product.role), filter, client, use(item.id)),
  )
  return (
    <>
      <p className="hidden pb-2 print:block">
        Shelf, {items.length} bottles. Amounts for {client?.name ?? 'a usual head of 30 cm'}.
      </p>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-3 print:hidden">
        <h1 className="mr-2 text-2xl font-semibold">Shelf</h1>
        <TextField label="Search" value={filter.text} onChange={(text) => setFilter({ ...filter, text })} />
        <Select
          label="Role"
          options={[{ value: '', label: 'every role' }, ...roles.options]}
          value={filter.role}
          onChange={(role) => setFilter({ ...filter, role })}
        />
        <Select
          label="Show"
          options={ONLY}
          value={filter.only}
          onChange={(only) => setFilter({ ...filter, only })}
        />
        <Select
          label="Amounts for"
          options={[
            { value: '', label: 'a usual head' },
            ...clients.map((c) => ({ value: String(c.id), label: c.name })),
          ]}
          value={forId}
          onChange={setForId}
        />
        <div className="ml-auto flex gap-2 print:hidden">
          <Button main onClick={() => setOpen({ what: 'new' })}>
            Add a product
          </Button>
          <Button onClick={() => setOpen({ what: 'files' })}>Files</Button>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </div>
      <div className="sheet grid lg:h-[calc(100vh-9.6rem)] lg:min-h-[34rem] lg:grid-cols-[minmax(24rem,1fr)_1.35fr] print:block">
        <section
          className="border-line min-h-0 overflow-y-auto border-b lg:border-r lg:border-b-0"
          aria-label="Products"
          tabIndex={0}
        >
          {shown.length === 0 && (
            <p className="p-4">
              {items.length === 0
                ? 'Nothing on the shelf. Plans are made from what stands here: add the first product, or bring a file.'
                : 'Nothing here fits. Take a filter off.'}
            </p>
          )}
          <ul>
            {shown.map((item) => (
              <Row
                key={item.id}
                item={item}
                use={use(item.id)}
                client={client}
                open={open.what === 'item' && open.id === item.id}
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

type DetailProps = {
  open: Open
  setOpen: (open: Open) => void
  items: readonly ShelfItem[]
  client: Client | undefined
}

function Detail({ open, setOpen, items, client }: DetailProps) {
  switch (open.what) {
    case 'files':
      return <Exchange onClose={() => setOpen({ what: 'nothing' })} />
    case 'new':
      return (
        <Editing
          key="new"
          item={undefined}
          items={items}
          client={client}
          onSaved={(id) => setOpen({ what: 'item', id })}
          onGone={() => setOpen({ what: 'nothing' })}
        />
      )
    case 'item': {
      const item = items.find((i) => i.id === open.id)
      if (item === undefined)
        return <PutAway id={open.id} onDone={() => setOpen({ what: 'item', id: open.id })} />
      return (
        <Editing
          key={item.id}
          item={item}
          items={items}
          client={client}
          onSaved={(id) => setOpen({ what: 'item', id })}
          onGone={() => setOpen({ what: 'item', id: item.id })}
        />
      )
    }
    case 'nothing':
      return (
        <p className="text-muted p-6">
          Touch a bottle: its label read, what one wash takes of it, and what goes over it. Amounts are for{' '}
          {client?.name ?? 'a usual head of 30 cm'}.
        </p>
      )
  }
  return open satisfies never
}

/** A bottle put away by mistake is one tap from standing here again. */
function PutAway({ id, onDone }: { id: number; onDone: () => void }) {
  const queries = useQueryClient()
  const back = useMutation({
    mutationFn: () => answered(api.POST('/api/shelf/items/{id}/back', { params: { path: { id } } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['products'] })
      onDone()
    },
  })
  return (
    <div className="grid justify-items-start gap-3 p-6" role="status">
      <p>Put away. Wash days that used it keep it.</p>
      <Button onClick={() => back.mutate()}>Put it back</Button>
    </div>
  )
}

type EditingProps = {
  item: ShelfItem | undefined
  items: readonly ShelfItem[]
  client: Client | undefined
  onSaved: (id: number) => void
  onGone: () => void
}

function Editing({ item, items, client, onSaved, onGone }: EditingProps) {
  const [edited, setEdited] = useState<ShelfItemDraft | undefined>(undefined)
  const queries = useQueryClient()
  const draft: ShelfItemDraft = edited ?? (item === undefined ? { product: NEW_PRODUCT } : draftOf(item))
  const save = useMutation({
    mutationFn: () =>
      item === undefined
        ? answered(api.POST('/api/shelf/items', { body: draft }))
        : answered(
            api.PUT('/api/shelf/items/{id}', {
              params: { path: { id: item.id }, header: { 'If-Match': `"${item.version}"` } },
              body: draft,
            }),
          ),
    onSuccess: async (saved) => {
      setEdited(undefined)
      await queries.invalidateQueries({ queryKey: ['products'] })
      onSaved(saved.id)
    },
  })
  const away = useMutation({
    mutationFn: () =>
      answered(api.DELETE('/api/shelf/items/{id}', { params: { path: { id: item?.id ?? 0 } } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['products'] })
      onGone()
    },
  })
  return (
    <div className="grid gap-3 p-4">
      <h2 className="text-lg leading-none font-semibold">
        {item === undefined ? 'A new bottle' : item.product.name}
      </h2>
      <ItemEditor draft={draft} item={item} client={client} onChange={setEdited} />
      {save.error !== null && <Failure error={save.error} />}
      <div className="flex flex-wrap gap-3">
        <Button main disabled={edited === undefined || save.isPending} onClick={() => save.mutate()}>
          {item === undefined ? 'Put it on the shelf' : 'Save the bottle'}
        </Button>
        {edited !== undefined && <Button onClick={() => setEdited(undefined)}>Leave it as it was</Button>}
        {item !== undefined && <Button onClick={() => away.mutate()}>Put it away</Button>}
      </div>
      {item !== undefined && <GoesWith item={item} items={items} />}
    </div>
  )
}

function draftOf(item: ShelfItem): ShelfItemDraft {
  return {
    product: item.product,
    shelfId: item.shelfId,
    ...(item.facts === undefined ? {} : { facts: item.facts }),
  }
}
