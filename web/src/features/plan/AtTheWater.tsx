import type { ReactNode } from 'react'
import type { Finding, Judgement, Reason, Routine } from '../../api/types'
import { Button } from '../../ui/Button'

type AtTheWaterProps = {
  judgement: Judgement
  why: readonly Reason[]
  selected: number | undefined
  onMend: (routine: Routine) => void
  onSelect: (index: number) => void
  /** Undefined where there is nothing to undo. */
  undo: (() => void) | undefined
  /** What the plan rests on, said before everything else. */
  resting: ReactNode
  children: ReactNode
}

const SOURCE = {
  COMMON_PRACTICE: 'Common practice',
  PUBLISHED: 'Published',
  FROM_MEMORY: 'Published, from memory',
  OURS: 'Computed by running both',
} as const

/** What a good stylist would say of this routine, and why it is as it is. */
export function AtTheWater({
  judgement,
  why,
  selected,
  onMend,
  onSelect,
  undo,
  resting,
  children,
}: AtTheWaterProps) {
  const shown = [...why].sort((a, b) => Number(b.step === selected) - Number(a.step === selected))
  const findings = judgement.findings
  return (
    <section
      aria-labelledby="at-the-water"
      className="border-line flex min-h-0 flex-col border-b lg:border-r lg:border-b-0"
    >
      <div
        className="grid min-h-0 flex-1 content-start gap-2 overflow-y-auto px-4 pt-3"
        tabIndex={0}
        role="group"
        aria-label="Findings and reasons"
      >
        <h2 id="at-the-water" className="label">
          At the water
        </h2>
        {resting}
        {findings.length === 0 && (
          <p className="text-muted">Nothing to object to: every styler meets its water.</p>
        )}
        {findings.map((finding) => (
          <Said
            key={`${finding.rule}/${finding.step ?? ''}/${finding.inner ?? ''}/${finding.zone ?? ''}`}
            finding={finding}
            onMend={onMend}
            onSelect={onSelect}
          />
        ))}
        {shown.length > 0 && <h3 className="label mt-1">Why this</h3>}
        <ul className="grid gap-1.5">
          {shown.map((reason) => (
            <li
              key={reason.text}
              className={reason.step !== undefined && reason.step === selected ? 'bg-shallow -mx-2 px-2' : ''}
            >
              {reason.text}{' '}
              <span className="text-muted text-sm">
                {reason.source === 'OURS' ? '' : SOURCE[reason.source]}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <div className="flex flex-wrap items-center gap-3 px-4 py-3">
        {children}
        {undo !== undefined && <Button onClick={undo}>Undo</Button>}
      </div>
    </section>
  )
}

type SaidProps = { finding: Finding; onMend: (routine: Routine) => void; onSelect: (index: number) => void }

function Said({ finding, onMend, onSelect }: SaidProps) {
  const { mend, step } = finding
  const isNote = finding.severity === 'NOTE'
  return (
    <article className={`border-l-4 pl-3 ${isNote ? 'border-line' : 'border-caution'}`}>
      <p className={isNote ? '' : 'text-caution font-semibold'}>
        {isNote && <span className="label mr-1.5">Note</span>}
        {finding.severity === 'STOP' && 'Stop. '}
        {finding.message}
      </p>
      <p>
        {finding.why}{' '}
        <span className="text-muted text-sm">
          {finding.source === 'OURS' ? 'Our own figure' : SOURCE[finding.source]}
        </span>
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {mend !== undefined && <Button onClick={() => onMend(mend.routine)}>{mend.label}</Button>}
        {step !== undefined && (
          <button type="button" className="underline" onClick={() => onSelect(step)}>
            Show step {step + 1}
          </button>
        )}
      </div>
    </article>
  )
}
