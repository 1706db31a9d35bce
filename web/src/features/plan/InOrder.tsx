import type { Amount, Judgement, Routine, Step } from '../../api/types'
import { stepLine } from '../../api/words'
import { movedStep, withoutStep, withStep } from './planState'

type InOrderProps = {
  routine: Routine
  judgement: Judgement
  selected: number | undefined
  onSelect: (index: number | undefined) => void
  onChange: (routine: Routine) => void
}

/** The steps as a list: what, how much, how long. The one in hand can be changed in place. */
export function InOrder({ routine, judgement, selected, onSelect, onChange }: InOrderProps) {
  const { tide, amounts, findings } = judgement
  return (
    <section
      aria-labelledby="in-order"
      className="border-line flex min-h-0 flex-col border-b lg:border-r lg:border-b-0"
    >
      <h2 id="in-order" className="label px-4 pt-3 pb-1">
        In order
      </h2>
      <ol className="min-h-0 overflow-y-auto px-2 pb-2" tabIndex={0} aria-label="Steps in order">
        {routine.steps.map((step, i) => {
          const at = tide.steps[i]
          const own = amounts.filter((a) => a.step === i)
          const loud = findings.some((f) => f.step === i && f.severity !== 'NOTE')
          return (
            <li key={i} className={selected === i ? 'bg-shallow' : ''}>
              <button
                type="button"
                aria-pressed={selected === i}
                onClick={() => onSelect(selected === i ? undefined : i)}
                className="border-line grid w-full grid-cols-[1.6rem_1fr_auto_3.6rem] items-baseline gap-x-2 border-b border-dotted px-2 py-[3px] text-left hover:bg-shallow"
              >
                <span className={`figures ${loud ? 'text-caution' : 'text-muted'}`}>
                  {loud && <span className="sr-only">Needs care: </span>}
                  {i + 1}
                </span>
                <span className={loud ? 'text-caution font-medium' : ''}>{stepLine(step)}</span>
                <span className="figures text-right">
                  {own.map((a) => doseText(a, sectionsOf(step))).join(' + ')}
                </span>
                <span className="figures text-right">
                  {at === undefined ? '' : time(at.endMinute - at.startMinute)}
                </span>
              </button>
              {selected === i && (
                <StepTools
                  routine={routine}
                  index={i}
                  step={step}
                  judgement={judgement}
                  onChange={onChange}
                  onSelect={onSelect}
                />
              )}
            </li>
          )
        })}
      </ol>
    </section>
  )
}

/** By the section where there are several: that is what the hand measures. */
function doseText(amount: Amount, sections: number): string {
  return sections < 2 || amount.perSection === amount.dose
    ? amount.dose
    : `${amount.perSection} × ${sections}`
}

function sectionsOf(step: Step): number {
  return step.sections ?? 1
}

function time(minutes: number): string {
  if (minutes < 0.75) return '½ min'
  return `${Math.round(minutes)} min`
}

type StepToolsProps = Omit<InOrderProps, 'selected'> & { index: number; step: Step }

function StepTools({ routine, index, step, judgement, onChange, onSelect }: StepToolsProps) {
  const at = judgement.tide.steps[index]
  const amount = judgement.amounts.find((a) => a.step === index && a.inner === undefined)
  const unit = amount?.product.doseUnit?.ml ?? 1
  const put = (change: Partial<Step>) => onChange(withStep(routine, index, { ...step, ...change }))
  const minutes = at === undefined ? 0 : Math.max(1, Math.round(at.endMinute - at.startMinute))
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5 px-2 py-2">
      {step.action !== 'EACH_SECTION' && step.untilDry === undefined && (
        <Tune
          label="minutes"
          value={String(minutes)}
          less={() => put({ minutes: Math.max(1, minutes - 1) })}
          more={() => put({ minutes: minutes + 1 })}
        />
      )}
      {amount !== undefined && (
        <Tune
          label="amount"
          value={amount.dose}
          less={() => put({ amountMl: Math.max(0, round(amount.ml - unit)) })}
          more={() => put({ amountMl: round(amount.ml + unit) })}
        />
      )}
      {step.sections !== undefined && (
        <Tune
          label="sections"
          value={String(step.sections)}
          less={() => put({ sections: Math.max(1, (step.sections ?? 1) - 1) })}
          more={() => put({ sections: (step.sections ?? 1) + 1 })}
        />
      )}
      <span className="flex gap-1.5">
        <Tool
          label="Earlier"
          disabled={index === 0}
          onClick={() => {
            onChange(movedStep(routine, index, -1))
            onSelect(index - 1)
          }}
        />
        <Tool
          label="Later"
          disabled={index === routine.steps.length - 1}
          onClick={() => {
            onChange(movedStep(routine, index, 1))
            onSelect(index + 1)
          }}
        />
        <Tool
          label="Leave out"
          onClick={() => {
            onChange(withoutStep(routine, index))
            onSelect(undefined)
          }}
        />
      </span>
    </div>
  )
}

function round(ml: number): number {
  return Math.round(ml * 100) / 100
}

function Tool({
  label,
  onClick,
  disabled = false,
}: {
  label: string
  onClick: () => void
  disabled?: boolean
}) {
  return (
    <button
      type="button"
      onClick={onClick}
      disabled={disabled}
      className="border-ink bg-paper border px-2 py-0.5 hover:bg-shallow disabled:opacity-40"
    >
      {label}
    </button>
  )
}

type TuneProps = { label: string; value: string; less: () => void; more: () => void }

function Tune({ label, value, less, more }: TuneProps) {
  return (
    <span className="figures flex items-center gap-1">
      <button
        type="button"
        aria-label={`Less ${label}`}
        onClick={less}
        className="border-ink bg-paper h-7 w-7 border hover:bg-shallow"
      >
        −
      </button>
      <span className="px-1">
        {value} <span className="text-muted">{value.includes(' ') ? '' : label}</span>
      </span>
      <button
        type="button"
        aria-label={`More ${label}`}
        onClick={more}
        className="border-ink bg-paper h-7 w-7 border hover:bg-shallow"
      >
        +
      </button>
    </span>
  )
}
