import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { Client, ShelfItem, ShelfItemDraft } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { atWrongField } from '../../ui/wrongField'
import { clashes, isEdited, rebased } from './bottleDraft'
import { Exchange } from './Exchange'
import { GoesWith } from './GoesWith'
import { ItemEditor } from './ItemEditor'
import { NEW_PRODUCT } from './shelfWords'
import type { Open } from './useShelfAddress'

type DetailProps = {
  open: Open
  setOpen: (open: Open) => void
  items: readonly ShelfItem[]
  client: Client | undefined
}

/** Beside the list: the bottle in hand, a new one, or files. */
export function Detail({ open, setOpen, items, client }: DetailProps) {
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
  // Kept on this device until it is on the shelf: another bottle, Back and a reload leave it as it is.
  const [kept, setKept] = useStored(`bottle:${item?.id ?? 'new'}`, isEdited)
  const queries = useQueryClient()
  const now: ShelfItemDraft = item === undefined ? { product: NEW_PRODUCT } : draftOf(item)
  const edited = kept !== undefined
  const draft = kept === undefined ? now : rebased(kept, now)
  const edit = (to: ShelfItemDraft) => setKept({ version: item?.version ?? 0, from: now, to })
  // Where both have changed the same thing the server is told what this was begun on, and refuses it once.
  const version = kept !== undefined && clashes(kept, now) ? kept.version : (item?.version ?? 0)
  const save = useMutation({
    mutationFn: () =>
      item === undefined
        ? answered(api.POST('/api/shelf/items', { body: draft }))
        : answered(
            api.PUT('/api/shelf/items/{id}', {
              params: { path: { id: item.id }, header: { 'If-Match': `"${version}"` } },
              body: draft,
            }),
          ),
    // Saving once more goes over what stands there knowingly.
    onError: async () => {
      if (kept !== undefined) edit(draft)
      await queries.invalidateQueries({ queryKey: ['products'] })
    },
    onSuccess: async (saved) => {
      setKept(undefined)
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
      <ItemEditor draft={draft} item={item} client={client} onChange={edit} />
      {save.error !== null && <Failure error={save.error} />}
      <div className="flex flex-wrap gap-3">
        <Button main disabled={!edited || save.isPending} onClick={() => !atWrongField() && save.mutate()}>
          {item === undefined ? 'Put it on the shelf' : 'Save the bottle'}
        </Button>
        {edited && <Button onClick={() => setKept(undefined)}>Leave it as it was</Button>}
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
