import type { ReactNode } from 'react'
import type { Amount, Chair, Step } from '../../api/types'
import { onItsHalf, stepLine, wetnessWord, wornName } from '../../api/words'
import { Scrolled } from '../../ui/Scrolled'
import { Dose } from './Dose'
import type { ChairRun } from './useChair'

type StepWordsProps = {
  chair: Chair
  run: ChairRun
  index: number
  turn: number
  /** What is of the moment too, where there is no other room for it. */
  children?: ReactNode
}

/** The step in letters for an arm's length and more: what, how much, on how wet hair; what comes next, faint. */
export function StepWords({ chair, run, index, turn, children }: StepWordsProps) {
  const { day, planned, cues } = chair
  const step = day.routine.steps[index]
  if (step === undefined) return null
  const { record } = run
  const amounts = planned.amounts.filter((a) => a.step === index)
  const counts = (cues[index]?.sections ?? 1) > 1
  return (
    <Scrolled label="Step in hand" className="px-4 py-2 sm:px-6">
      <h2 className="text-[clamp(1.55rem,4.4vw,3.3rem)] leading-[1.06] font-semibold wrap-break-word">
        {headline(step, counts ? turn : undefined)}
      </h2>
      {/* Side by side where there is room: what goes on, and what hands do with it. */}
      <div className={`grid content-start gap-x-8 gap-y-1.5 ${amounts.length > 0 ? 'lg:grid-cols-2' : ''}`}>
        <div className="grid content-start gap-1.5">
          {amounts.map((amount) => (
            <Dose
              key={`${amount.step}/${amount.inner ?? ''}`}
              amount={amount}
              record={record}
              client={day.clientId}
              perSection={counts}
              onTake={run.take}
            >
              {wet(amount, step)}
            </Dose>
          ))}
        </div>
        <div className="grid content-start gap-1.5">
          <Inner step={step} />
          <p className="text-[clamp(1.1rem,1.8vw,1.45rem)] leading-snug">{cues[index]?.how}</p>
          {planned.cautions
            .filter((caution) => caution.step === index)
            .map((caution) => (
              <p key={caution.text} className="text-caution text-lg leading-snug font-semibold">
                <span aria-hidden>⚑ </span>
                {caution.text}
              </p>
            ))}
        </div>
      </div>
      {children}
    </Scrolled>
  )
}

function headline(step: Step, turn: number | undefined): string {
  if (step.action === 'EACH_SECTION')
    return turn === undefined ? 'Section by section' : `Section ${turn + 1} of ${step.sections}`
  if (step.action === 'APPLY') return onItsHalf(wornName(step) ?? 'Apply', step)
  return stepLine(step)
}

/** On how wet hair: as the plan brings it where it says so; what is washed out again works on any. */
function wet({ product, inner }: Amount, step: Step): string {
  const { windowLow, windowHigh } = product
  if (windowLow <= 0 && windowHigh >= 100) return ''
  const said = step.steps?.slice(0, inner ?? 0).findLast((own) => own.toWetness !== undefined)?.toWetness
  return ` on ${wetnessWord(said ?? (windowLow + windowHigh) / 2)} hair`
}

/** Each step of a section, in the order of the hands. */
function Inner({ step }: { step: Step }) {
  if (step.steps === undefined) return null
  return (
    <ol className="text-[clamp(1.2rem,2.1vw,1.65rem)] leading-snug">
      {step.steps.map((inner, i) => (
        <li key={i}>
          <span className="figures text-muted">{i + 1}</span> {stepLine(inner)}
        </li>
      ))}
    </ol>
  )
}
