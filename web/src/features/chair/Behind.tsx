import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { dropsQuery } from '../../api/queries'
import type { ChairRecord, Drop, Live, WashDay } from '../../api/types'
import { moves, stepLine } from '../../api/words'
import { Waiting } from '../../ui/Notice'
import { Sheet } from '../../ui/Sheet'
import type { Happening } from './events'

type BehindProps = { day: WashDay; record: ChairRecord; live: Live; take: (what: Happening) => void }

/** Behind time: what could be left out, and what that would cost. */
export function Behind({ day, record, live, take }: BehindProps) {
  const [isOpen, setOpen] = useState(false)
  const lineOf = (drop: Drop) => {
    const step = day.routine.steps[drop.step]
    return step === undefined ? drop.label : stepLine(step).toLowerCase()
  }
  const drops = useQuery(dropsQuery(day.id, isOpen)).data
  return (
    <div className="border-line flex flex-wrap items-center gap-x-3 gap-y-1 py-1 text-lg leading-tight short:px-0 sm:border-t sm:px-6">
      <span>{Math.round(live.behindMinutes)} min behind the plan</span>
      <button
        type="button"
        className="border-ink min-h-11 border px-4 font-semibold hover:bg-shallow"
        onClick={() => setOpen(true)}
      >
        What could go?
      </button>
      {record.dropped.map((step) => {
        const dropped = day.routine.steps[step]
        return dropped === undefined || record.steps.some((s) => s.index === step) ? null : (
          <button
            key={step}
            type="button"
            className="underline"
            onClick={() => take({ kind: 'RESTORE', step })}
          >
            Do {stepLine(dropped)} after all
          </button>
        )
      })}
      {isOpen && (
        <Sheet title="What could go" onClose={() => setOpen(false)}>
          {drops === undefined ? (
            <Waiting what="Running the rest without each step" />
          ) : (
            <ul className="grid gap-2">
              {drops.map((drop) => (
                <li key={drop.step}>
                  <button
                    type="button"
                    className="border-ink min-h-14 w-full border px-4 py-2 text-left text-xl leading-snug hover:bg-shallow"
                    onClick={() => {
                      take({ kind: 'DROP', step: drop.step })
                      setOpen(false)
                    }}
                  >
                    Leave out {lineOf(drop)}: saves {Math.round(drop.savesMinutes)} min.{' '}
                    <span className="text-muted text-lg">
                      {drop.moved.length === 0 ? 'Changes next to nothing.' : moves(drop.moved)}
                    </span>
                    {drop.warns.map((warning) => (
                      <span key={warning} className="text-caution block text-lg">
                        {warning}
                      </span>
                    ))}
                  </button>
                </li>
              ))}
              {drops.length === 0 && (
                <li className="text-lg">Nothing of what is left can go without spoiling it.</li>
              )}
            </ul>
          )}
        </Sheet>
      )}
    </div>
  )
}
