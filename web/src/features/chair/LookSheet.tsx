import type { ChairEvent } from '../../api/types'
import { Sheet } from '../../ui/Sheet'

type Look = NonNullable<ChairEvent['look']>

const LOOKS: readonly { look: Look; name: string; sign: string }[] = [
  { look: 'DRIPPING', name: 'Dripping', sign: 'water runs off the ends' },
  { look: 'SLICK', name: 'Slick', sign: 'heavy, ropey; water squeezes out between the fingers' },
  { look: 'SQUEAKY', name: 'Squeaky', sign: 'it squeaks, snags, will not clump' },
  { look: 'COOL', name: 'Cool', sign: 'not wet to the eye, cool to the back of the hand' },
  { look: 'DRY', name: 'Dry', sign: 'warm and light' },
]

/** What eyes and hands say of the water: the estimate is set right, and the rest of the tide follows. */
export function LookSheet({ onLook, onClose }: { onLook: (look: Look) => void; onClose: () => void }) {
  return (
    <Sheet title="How does it look and feel?" onClose={onClose}>
      <ul className="grid gap-2 sm:grid-cols-5">
        {LOOKS.map(({ look, name, sign }) => (
          <li key={look}>
            <button
              type="button"
              onClick={() => onLook(look)}
              className="border-ink h-full min-h-16 w-full border px-4 py-2 text-left text-xl font-semibold hover:bg-shallow"
            >
              {name}
              <span className="text-muted block text-base font-normal">{sign}</span>
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  )
}
