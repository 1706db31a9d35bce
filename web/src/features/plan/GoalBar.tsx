import { ToggleGroup } from 'radix-ui'
import { memo } from 'react'
import { DEGREES, minutesText, WISHES, type Wish } from '../../api/words'
import { Stepper } from '../../ui/Stepper'
import { useSame } from '../../ui/useSame'
import { degree, minutesBy, wished } from './nearby'
import type { PlanDraft } from './planHistory'

type GoalBarProps = {
  draft: PlanDraft
  onChange: (change: Partial<Pick<PlanDraft, 'goal' | 'limits'>>) => void
}

/** What is wanted and how long there is: a few large controls. */
export function GoalBar({ draft, onChange }: GoalBarProps) {
  const { goal, limits } = draft
  const wish = useSame((wanted: Wish, value: number) => {
    onChange({ goal: wished(goal, wanted, value) })
  })
  return (
    <div className="mb-2 flex print:hidden flex-wrap items-center gap-x-5 gap-y-1.5">
      {WISHES.map(({ wish: wanted, label }) => (
        <Staff key={wanted} wish={wanted} label={label} value={degree(goal, wanted)} onChange={wish} />
      ))}
      <div className="ml-auto flex items-center gap-1.5">
        <span className="label">Time</span>
        <Stepper
          label="Less time"
          text="−"
          onClick={() => onChange({ limits: { ...limits, minutes: minutesBy(limits.minutes, -1) } })}
        />
        <output className="figures min-w-16 text-center text-lg">{minutesText(limits.minutes)}</output>
        <Stepper
          label="More time"
          text="+"
          onClick={() => onChange({ limits: { ...limits, minutes: minutesBy(limits.minutes, 1) } })}
        />
      </div>
    </div>
  )
}

type StaffProps = { wish: Wish; label: string; value: number; onChange: (wish: Wish, value: number) => void }

/** Three marks on a staff: none to above all. */
const Staff = memo(function Staff({ wish, label, value, onChange }: StaffProps) {
  return (
    <div className="flex items-center gap-2">
      <span className="label">{label}</span>
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={String(value)}
        onValueChange={(next) => {
          if (next !== '') onChange(wish, Number(next))
        }}
        className="flex"
      >
        {DEGREES.map((words, i) => (
          <ToggleGroup.Item
            key={words}
            value={String(i)}
            aria-label={`${label}: ${words}`}
            title={words}
            className="group figures border-ink data-[state=on]:bg-ink data-[state=on]:text-paper bg-paper -ml-px h-8 w-7 border text-[0.95rem] hover:bg-shallow"
          >
            {i}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  )
})
