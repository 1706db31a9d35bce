import { memo } from 'react'
import type { Routine } from '../../api/types'
import { without } from '../../api/without'
import { NIGHTS } from '../../api/words'
import { Choice } from '../../ui/Choice'
import { Stepper } from '../../ui/Stepper'

type KeepingProps = { routine: Routine; onChange: (routine: Routine) => void }

const MOST_DAYS = 14

/** How it is kept once the client has gone: overnight, in the mornings, until the next wash. */
export const Keeping = memo(function Keeping({ routine, onChange }: KeepingProps) {
  const { plannedWearDays } = routine
  const wear = (by: number) => {
    const days = (plannedWearDays ?? 0) + by
    // At either end there is nothing to change, and nothing to undo; a brought routine may be past the end.
    if (by > 0 ? days > MOST_DAYS : plannedWearDays === undefined) return
    onChange(days < 1 ? without(routine, 'plannedWearDays') : { ...routine, plannedWearDays: days })
  }
  const byStep =
    routine.nightCare === undefined && routine.steps.some((step) => step.action === 'COVER_NIGHT')
  const refreshed = routine.dailyRefresh === true
  return (
    <section aria-label="Kept, day to day" className="grid gap-1 px-3 pb-1.5">
      <Choice
        compact
        inline
        label="Nights"
        options={NIGHTS}
        {...(byStep && { hint: 'by a step' })}
        value={byStep ? undefined : (routine.nightCare ?? 'NONE')}
        onChange={(night) =>
          onChange(
            night === 'NONE' && !byStep ? without(routine, 'nightCare') : { ...routine, nightCare: night },
          )
        }
      />
      <div className="flex flex-wrap items-center justify-between gap-y-1.5">
        <button
          type="button"
          aria-pressed={refreshed}
          onClick={() =>
            onChange(refreshed ? without(routine, 'dailyRefresh') : { ...routine, dailyRefresh: true })
          }
          className="border-ink figures aria-pressed:bg-ink aria-pressed:text-paper bg-paper min-h-8 border px-[5px] text-[0.93rem] hover:bg-shallow"
        >
          refreshed daily
        </button>
        <div className="flex items-center gap-1">
          <span className="label">Worn for</span>
          <Stepper label="Fewer days to be worn" text="−" onClick={() => wear(-1)} />
          <output className="figures min-w-11 text-center text-[0.93rem]">
            {plannedWearDays === undefined
              ? 'open'
              : `${plannedWearDays} day${plannedWearDays === 1 ? '' : 's'}`}
          </output>
          <Stepper label="More days to be worn" text="+" onClick={() => wear(1)} />
        </div>
      </div>
    </section>
  )
})
