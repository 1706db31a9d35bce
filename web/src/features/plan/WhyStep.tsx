import { useQuery } from '@tanstack/react-query'
import { whyQuery, type Setting } from '../../api/queries'
import type { Reason, Routine } from '../../api/types'
import { SOURCE } from '../../api/words'

type WhyStepProps = {
  setting: Setting
  routine: Routine
  index: number
  /** Which of the steps inside it; absent for the step itself. */
  inner?: number
  /** What the search found would be done otherwise at this step. */
  reasons?: readonly Reason[]
}

/** What a step is for, what would be taken instead, and what leaving it out would change. */
export function WhyStep({ setting, routine, index, inner, reasons = [] }: WhyStepProps) {
  const why = useQuery(whyQuery(setting, routine, index, inner)).data
  return (
    <section aria-label="Why" className="grid gap-1">
      {why !== undefined && (
        <p>
          {why.purpose}{' '}
          {why.source !== 'OURS' && <span className="text-muted text-sm">{SOURCE[why.source]}</span>}
        </p>
      )}
      {reasons.map((reason) => (
        <p key={reason.text} data-reason>
          {reason.text}
        </p>
      ))}
      {why !== undefined && (
        <div>
          {!reasons.some((reason) => reason.text.endsWith(`: ${why.without}.`)) && (
            <p>Left out: {why.without}.</p>
          )}
          {why.raised.map((raised) => (
            <p key={raised.rule} className="text-muted">
              <span className="label mr-1.5">{raised.severity === 'NOTE' ? 'Then to note' : 'Then'}</span>
              {raised.message}
            </p>
          ))}
        </div>
      )}
    </section>
  )
}
