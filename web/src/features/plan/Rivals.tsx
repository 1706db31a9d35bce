import type { Limits, Routine } from '../../api/types'
import { minutesText } from '../../api/words'
import { Unfinished } from '../../ui/Notice'
import { LimitsBox } from './LimitsBox'
import type { Plan } from './usePlan'
import { figure } from '../../ui/figure'

type RivalsProps = {
  plan: Plan
  onPick: (index: number) => void
  onLay: (name: string, routine: Routine) => void
  onBegin: (at: string) => void
  onLimits: (limits: Limits) => void
}

/** The answer and its rivals, one tap away; what the one on the water takes. */
export function Rivals({ plan, onPick, onLay, onBegin, onLimits }: RivalsProps) {
  const rivals = plan.suggestions?.suggestions ?? []
  const { open, draft } = plan
  return (
    <div className="border-ink flex flex-wrap items-stretch border-b">
      {rivals.map((rival, i) => {
        const on = draft.pick === i && draft.routine === undefined
        return (
          <span key={rival.name} className="border-line flex items-stretch border-r">
            <button
              type="button"
              aria-pressed={on}
              onClick={() => onPick(i)}
              className="aria-pressed:bg-ink aria-pressed:text-paper px-4 py-1.5 text-left font-semibold hover:bg-shallow"
            >
              {rival.name}
            </button>
            {!on && (
              <button
                type="button"
                aria-label={`Lay ${rival.name} over this one`}
                title="Lay it over"
                onClick={() => onLay(rival.name, rival.routine)}
                className="border-line border-l border-dotted px-2 hover:bg-shallow"
              >
                <svg
                  viewBox="0 0 22 14"
                  className="h-3.5 w-5.5"
                  aria-hidden
                  fill="none"
                  stroke="currentColor"
                >
                  <path d="M1 3C7 3 9 11 21 11" strokeWidth="1.6" />
                  <path
                    d="M1 5C9 5 12 8 21 8"
                    strokeWidth="1.4"
                    strokeDasharray="1.5 2.5"
                    strokeLinecap="round"
                  />
                </svg>
              </button>
            )}
          </span>
        )
      })}
      {open !== undefined && (
        <p className="figures ml-auto flex flex-wrap items-center gap-x-3 px-4 py-1 text-[0.98rem]">
          <span>
            {minutesText(open.judgement.minutes)} · {minutesText(open.judgement.chairMinutes)} hands on
            {open.judgement.costCents > 0 && ` · cost ${figure(open.judgement.costCents / 100, 2)}`} · lasts
            about {days(open.judgement.outcome.overall.days)}
          </span>
          <LimitsBox limits={draft.limits} onChange={onLimits} />
          <label className="flex items-center gap-1.5">
            <span className="label">Begin at</span>
            <input
              type="time"
              value={draft.beginsAt ?? ''}
              onChange={(event) => onBegin(event.target.value)}
              className="border-ink bg-paper h-8 border px-1"
            />
          </label>
        </p>
      )}
      {plan.suggestions?.unfinished !== undefined && (
        <div className="border-line w-full border-t border-dotted px-4 py-0.5">
          <Unfinished words={plan.suggestions.unfinished} />
        </div>
      )}
    </div>
  )
}

function days(count: number): string {
  const whole = Math.round(count)
  return whole === 1 ? '1 day' : `${whole} days`
}
