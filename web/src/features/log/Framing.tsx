import { useRef, useState } from 'react'
import type { WashDay } from '../../api/types'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { dateOf } from './dayWords'
import { photoPath } from './photoPath'
import type { View } from './Photos'
import { still, useCamera } from './useCamera'
import { useSameView } from './useSameView'

type FramingProps = {
  /** Views that have no photograph yet. */
  views: readonly { view: View; label: string }[]
  /** Other washes of this head, the latest first. */
  earlier: readonly WashDay[]
  isSending: boolean
  onTake: (view: View, file: File) => void
}

/** The camera, with the last picture of the same view faint over it and a grid: same place, same frame. */
export function Framing({ views, earlier, isSending, onTake }: FramingProps) {
  const [wanted, setWanted] = useState<View | undefined>(undefined)
  const view = views.some((one) => one.view === wanted) ? wanted : views[0]?.view
  if (view === undefined) return <p className="text-lg">Every view of this wash is taken.</p>
  return (
    <div className="grid gap-3">
      <Choice
        label="View"
        inline
        options={views.map((one) => ({ value: one.view, label: one.label }))}
        value={view}
        onChange={setWanted}
      />
      <Finder view={view} earlier={earlier} isSending={isSending} onTake={(file) => onTake(view, file)} />
    </div>
  )
}

type FinderProps = Pick<FramingProps, 'earlier' | 'isSending'> & {
  view: View
  onTake: (file: File) => void
}

function Finder({ view, earlier, isSending, onTake }: FinderProps) {
  const camera = useCamera()
  const video = useRef<HTMLVideoElement | null>(null)
  const [isGhost, setGhost] = useState(true)
  const last = useSameView(earlier, view)[0]
  if (camera.status === 'none') return <p role="status">{camera.words}</p>
  return (
    <>
      <div className="bg-shallow relative mx-auto h-[52dvh] w-full max-w-2xl overflow-hidden">
        {camera.status === 'on' && (
          <video
            ref={(element) => {
              video.current = element
              if (element !== null && element.srcObject !== camera.stream) element.srcObject = camera.stream
            }}
            autoPlay
            muted
            playsInline
            aria-label="What the camera sees"
            className="h-full w-full object-contain"
          />
        )}
        {last !== undefined && isGhost && (
          <img
            src={photoPath(last.key)}
            alt={`As it was on ${dateOf(last.day)}, faint over it`}
            className="pointer-events-none absolute inset-0 h-full w-full object-contain opacity-40"
          />
        )}
        <Grid />
      </div>
      <p className="flex flex-wrap items-center gap-3">
        <Button
          main
          className="min-h-12 px-8"
          disabled={camera.status !== 'on' || isSending}
          onClick={() => {
            const playing = video.current
            if (playing !== null)
              void still(playing, `${view}.jpg`).then((file) => {
                if (file !== undefined) onTake(file)
              })
          }}
        >
          {isSending ? 'Keeping it…' : 'Take it'}
        </Button>
        {last === undefined ? (
          <span className="text-muted">No earlier picture of this view: this one sets the frame.</span>
        ) : (
          <Button aria-pressed={isGhost} onClick={() => setGhost(!isGhost)}>
            {isGhost ? 'Hide the last one' : `Show ${dateOf(last.day)}`}
          </Button>
        )}
      </p>
    </>
  )
}

/** Thirds, and the middle line a parting lies on. */
function Grid() {
  return (
    <svg
      aria-hidden
      viewBox="0 0 300 300"
      preserveAspectRatio="none"
      className="absolute inset-0 h-full w-full"
    >
      {[100, 200].map((at) => (
        <path
          key={at}
          d={`M${at} 0V300M0 ${at}H300`}
          className="stroke-paper"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <path
        d="M150 0V300"
        className="stroke-paper"
        strokeWidth={1}
        strokeDasharray="6 6"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  )
}
