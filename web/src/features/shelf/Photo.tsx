import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { sendPicture } from '../../api/sendPicture'
import type { ShelfItem } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'

/** A picture of the bottle. It is drawn anew on the server, so that nothing but the picture is kept. */
export function Photo({ item }: { item: ShelfItem }) {
  const queries = useQueryClient()
  const id = useId()
  const done = () => queries.invalidateQueries({ queryKey: ['products'] })
  const keep = useMutation({
    mutationFn: (file: File) => sendPicture(`/api/shelf/items/${item.id}/photo`, file),
    onSuccess: done,
  })
  const remove = useMutation({
    mutationFn: () => sendPicture(`/api/shelf/items/${item.id}/photo`, undefined),
    onSuccess: done,
  })
  return (
    <div className="flex flex-wrap items-end gap-3">
      {item.photoKey !== undefined && (
        <img
          src={`/api/shelf/photos/${item.photoKey}`}
          alt={`The bottle of ${item.product.name}`}
          className="border-ink max-h-32 border"
        />
      )}
      <div className="grid gap-0.5">
        <label htmlFor={id} className="label">
          Photograph of the bottle
        </label>
        <input
          id={id}
          type="file"
          accept="image/jpeg,image/png"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file !== undefined) keep.mutate(file)
          }}
        />
      </div>
      {item.photoKey !== undefined && <Button onClick={() => remove.mutate()}>Remove it</Button>}
      {keep.error !== null && <Failure error={keep.error} />}
    </div>
  )
}
