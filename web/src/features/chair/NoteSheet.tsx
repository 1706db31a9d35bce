import { useState } from 'react'
import type { ChairEvent, ChairRecord, Zone } from '../../api/types'
import { keysOf, SIGN, ZONE_LABEL } from '../../api/words'
import { Island } from '../../chart/Island'
import { Sheet } from '../../ui/Sheet'
import type { Happening } from './events'

type Sign = NonNullable<ChairEvent['sign']>

type NoteSheetProps = { record: ChairRecord; onTake: (what: Happening) => void; onClose: () => void }

/** What is seen where, by tapping: a zone, then the sign. */
export function NoteSheet({ record, onTake, onClose }: NoteSheetProps) {
  const [zone, setZone] = useState<Zone>('CROWN')
  const has = (sign: Sign) => record.notes.some((note) => note.zone === zone && note.sign === sign)
  const count = (of: Zone) => record.notes.filter((note) => note.zone === of).length
  return (
    <Sheet title={`What do you see at the ${ZONE_LABEL[zone]}?`} onClose={onClose}>
      <div className="grid items-center gap-4 sm:grid-cols-[16rem_1fr]">
        <Island
          title="notes"
          selected={zone}
          onSelect={setZone}
          value={(of) => (count(of) === 0 ? '·' : String(count(of)))}
        />
        <ul className="grid grid-cols-2 gap-2 sm:grid-cols-4">
          {keysOf(SIGN).map((sign) => (
            <li key={sign}>
              <button
                type="button"
                aria-pressed={has(sign)}
                onClick={() => onTake({ kind: 'NOTE', zone, sign })}
                className="border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-14 w-full border px-3 text-xl hover:bg-shallow aria-pressed:hover:bg-ink"
              >
                {SIGN[sign]}
              </button>
            </li>
          ))}
        </ul>
      </div>
    </Sheet>
  )
}
