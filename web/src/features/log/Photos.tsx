import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { photosQuery } from '../../api/queries'
import { sendPicture } from '../../api/sendPicture'
import { keysOf, PHOTO_VIEW } from '../../api/words'
import type { PhotoKept, WashDay } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import { PhotoCompare } from './PhotoCompare'
import { dateOf } from './dayWords'
import { Framing } from './Framing'
import { photoPath } from './photoPath'
import type { StrandRead } from './Strands'
import { hasCamera } from './useCamera'

export type View = PhotoKept['view']

export const VIEWS: readonly { view: View; label: string }[] = keysOf<View>(PHOTO_VIEW).map((view) => ({
  view,
  label: PHOTO_VIEW[view],
}))

type PhotosProps = {
  day: WashDay
  days: readonly WashDay[]
  /** Takes a strand's length into the scores that are being given; absent where none are. */
  onStrand?: (read: StrandRead) => void
}

/** One photograph a view; each can be laid over the same view of an earlier wash. */
export function Photos({ day, days, onStrand }: PhotosProps) {
  const kept = useQuery(photosQuery(day.id)).data ?? []
  const [open, setOpen] = useState<View | undefined>(undefined)
  const [isFraming, setFraming] = useState(false)
  const others = days.filter((d) => d.id !== day.id)
  const missing = VIEWS.filter(({ view }) => !kept.some((photo) => photo.view === view))
  const opened = kept.find((photo) => photo.view === open)
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: ({ view, file }: { view: View; file: File | undefined }) =>
      sendPicture(`/api/wash-days/${day.id}/photos/${view}`, file),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ['wash-day', day.id, 'photos'] })
      await queries.invalidateQueries({ queryKey: ['witness'] })
    },
  })
  return (
    <section aria-label="Photographs" className="border-line border-t px-4 py-3">
      <h3 className="label pb-1.5">Photographs</h3>
      <ul className="flex flex-wrap gap-2">
        {VIEWS.map(({ view, label }) => (
          <li key={view} className="border-ink bg-shallow relative h-28 w-24 border">
            <OneView
              label={label}
              photo={kept.find((k) => k.view === view)}
              onOpen={() => setOpen(view)}
              onTake={(file) => send.mutate({ view, file })}
            />
          </li>
        ))}
      </ul>
      {send.error !== null && <Failure error={send.error} />}
      {missing.length > 0 && hasCamera() && (
        <Button className="mt-2" onClick={() => setFraming(true)}>
          Frame it like the last one
        </Button>
      )}
      {isFraming && (
        <Sheet title="Same place, same frame" onClose={() => setFraming(false)}>
          <Framing
            views={missing}
            earlier={others}
            isSending={send.isPending}
            onTake={(view, file) => send.mutate({ view, file })}
          />
        </Sheet>
      )}
      {open !== undefined && opened !== undefined && (
        <Sheet
          title={`${VIEWS.find((v) => v.view === open)?.label ?? ''}, ${dateOf(day)}`}
          onClose={() => setOpen(undefined)}
        >
          <PhotoCompare
            day={day}
            photo={opened}
            earlier={others}
            onStrand={onStrand}
            onRemove={() => {
              send.mutate({ view: open, file: undefined })
              setOpen(undefined)
            }}
          />
        </Sheet>
      )}
    </section>
  )
}

type OneViewProps = {
  label: string
  photo: PhotoKept | undefined
  onOpen: () => void
  onTake: (file: File) => void
}

/** The photograph of a view, or the place to put one. */
function OneView({ label, photo, onOpen, onTake }: OneViewProps) {
  if (photo !== undefined)
    return (
      <button
        type="button"
        className="h-full w-full"
        aria-label={`Open the photograph, ${label}`}
        onClick={onOpen}
      >
        <img src={`${photoPath(photo.key)}?small=true`} alt="" className="h-full w-full object-cover" />
        <span className="bg-paper figures absolute bottom-0 left-0 px-1 text-sm">{label}</span>
      </button>
    )
  return (
    <label className="grid h-full w-full cursor-pointer place-items-center text-center hover:bg-water">
      <span>
        {label}
        <span className="block text-2xl leading-none" aria-hidden>
          +
        </span>
      </span>
      <input
        type="file"
        accept="image/jpeg,image/png"
        capture="environment"
        aria-label={`Photograph, ${label}`}
        className="absolute inset-0 cursor-pointer opacity-0"
        onChange={(event) => {
          const file = event.target.files?.[0]
          if (file !== undefined) onTake(file)
        }}
      />
    </label>
  )
}
