import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { actionsQuery, type Setting } from '../../api/queries'
import type { Judgement, Product, Reason, Routine, Step } from '../../api/types'
import { shortName, stepLine } from '../../api/words'
import { Button } from '../../ui/Button'
import { Said } from './Said'
import { StepFields } from './StepFields'
import { SwapSides } from './SwapSides'
import { WhyStep } from './WhyStep'
import { grouped, movedStep, ungrouped, withStep } from './planState'

type StepPanelProps = {
  setting: Setting
  routine: Routine
  index: number
  step: Step
  judgement: Judgement
  why: readonly Reason[]
  shelf: readonly Product[]
  onChange: (routine: Routine) => void
  onMend: (routine: Routine) => void
  onSelect: (index: number | undefined) => void
  onClose: () => void
  onLeaveOut: () => void
  onPreview: (name: string, routine: Routine) => void
  /** A product tried against another on one half of the head. */
  onHalves: (index: number, inner?: number) => void
}

/** One step in hand: what is said of it, why it is as it is, and everything about it that can be changed. */
export function StepPanel(props: StepPanelProps) {
  const { setting, routine, index, step, judgement, why, shelf, onChange, onMend, onClose, onPreview } = props
  const cards = useQuery(actionsQuery).data ?? []
  const card = cards.find((c) => c.action === step.action)
  const reasons = why.filter((reason) => reason.step === index)
  const cautions = judgement.cautions.filter((caution) => caution.step === index)
  return (
    <section aria-label={`Step ${index + 1}`} className="grid gap-2.5">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-lg leading-tight font-semibold">
          <span className="figures text-muted mr-1.5">{index + 1}</span>
          {stepLine(step)}
        </h2>
        <button type="button" className="underline" onClick={onClose}>
          Close
        </button>
      </div>
      {judgement.findings
        .filter((finding) => finding.step === index)
        .map((finding) => (
          <Said
            key={`${finding.rule}/${finding.inner ?? ''}/${finding.zone ?? ''}`}
            finding={finding}
            onMend={onMend}
            onPreview={onPreview}
          />
        ))}
      {cautions.map((caution) => (
        <p key={caution.text} className="text-caution">
          <span aria-hidden>⚑ </span>
          {caution.text}
        </p>
      ))}
      <WhyStep setting={setting} routine={routine} index={index} reasons={reasons} />
      {card !== undefined && (
        <StepFields
          step={step}
          card={card}
          shelf={shelf}
          amount={judgement.amounts.find((a) => a.step === index && a.inner === undefined)}
          at={judgement.tide.steps[index]}
          onChange={(to) => onChange(withStep(routine, index, to))}
        />
      )}
      {step.steps !== undefined && <Inner {...props} steps={step.steps} />}
      <StepActions {...props} />
    </section>
  )
}

/** Where it stands, and with what it goes together. */
function StepActions({ routine, index, step, onChange, onSelect, onLeaveOut, onHalves }: StepPanelProps) {
  const halved = step.half !== undefined || step.steps?.some((own) => own.half !== undefined) === true
  // In a group it is its styler that is tried.
  const held = step.steps?.findIndex((own) => own.product !== undefined && own.half === undefined) ?? -1
  const move = (to: number) => {
    onChange(movedStep(routine, index, to))
    onSelect(to)
  }
  return (
    <div className="flex flex-wrap gap-1.5">
      <Button disabled={index === 0} onClick={() => move(index - 1)}>
        Earlier
      </Button>
      <Button disabled={index === routine.steps.length - 1} onClick={() => move(index + 1)}>
        Later
      </Button>
      <Button onClick={onLeaveOut}>Leave out</Button>
      {step.steps === undefined ? (
        index < routine.steps.length - 1 && (
          <Button onClick={() => onChange(grouped(routine, index))}>Section by section with the next</Button>
        )
      ) : (
        <Button onClick={() => onChange(ungrouped(routine, index))}>Whole head, one after the other</Button>
      )}
      {halved && <SwapSides routine={routine} onChange={onChange} />}
      {(step.product !== undefined || held >= 0) && step.half === undefined && (
        <Button onClick={() => onHalves(index, held < 0 ? undefined : held)}>Try another on one half</Button>
      )}
    </div>
  )
}

/** What is done on each section, one opened at a time. */
function Inner({
  setting,
  routine,
  index,
  step,
  steps,
  judgement,
  shelf,
  onChange,
  onHalves,
}: StepPanelProps & { steps: Step[] }) {
  const [open, setOpen] = useState<number | undefined>(undefined)
  const cards = useQuery(actionsQuery).data ?? []
  const put = (to: Step[]) => onChange(withStep(routine, index, { ...step, steps: to }))
  return (
    <ol aria-label="On each section" className="border-line border-l-4">
      {steps.map((own, i) => {
        const card = cards.find((c) => c.action === own.action)
        const amount = judgement.amounts.find((a) => a.step === index && a.inner === i)
        return (
          <li key={i} className="border-line border-b border-dotted px-2 py-1">
            <button
              type="button"
              aria-expanded={open === i}
              className="flex w-full justify-between gap-3 text-left"
              onClick={() => setOpen(open === i ? undefined : i)}
            >
              <span>{shortName(own)}</span>
              <span className="figures">{amount?.perSection ?? ''}</span>
            </button>
            {open === i && card !== undefined && (
              <div className="grid gap-2 py-2">
                <WhyStep setting={setting} routine={routine} index={index} inner={i} />
                <StepFields
                  inner
                  step={own}
                  card={card}
                  shelf={shelf}
                  amount={amount}
                  at={undefined}
                  onChange={(to) => put(steps.map((s, k) => (k === i ? to : s)))}
                />
                <span className="flex flex-wrap gap-1.5">
                  <Button disabled={i === 0} onClick={() => put(swapped(steps, i, i - 1))}>
                    Earlier
                  </Button>
                  <Button disabled={i === steps.length - 1} onClick={() => put(swapped(steps, i, i + 1))}>
                    Later
                  </Button>
                  {own.product !== undefined && own.half === undefined && (
                    <Button onClick={() => onHalves(index, i)}>Try another on one half</Button>
                  )}
                  <Button disabled={steps.length === 1} onClick={() => put(steps.filter((_, k) => k !== i))}>
                    Leave out
                  </Button>
                </span>
              </div>
            )}
          </li>
        )
      })}
    </ol>
  )
}

function swapped(steps: readonly Step[], a: number, b: number): Step[] {
  return steps.map((step, i) => (i === a ? (steps[b] ?? step) : i === b ? (steps[a] ?? step) : step))
}
