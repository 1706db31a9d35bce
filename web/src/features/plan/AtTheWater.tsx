import { memo, type ReactNode } from 'react'
import type { Finding, Judgement, Reason, Routine } from '../../api/types'
import { SOURCE } from '../../api/words'
import { Said } from './Said'

type AtTheWaterProps = {
  judgement: Judgement
  why: readonly Reason[]
  /** What each step of a routine changed by hand brings; absent of one that is as it was suggested. */
  asItStands?: ReactNode
  onMend: (routine: Routine) => void
  onPreview: (name: string, routine: Routine) => void
  onSelect: (index: number) => void
}

/** What a good stylist would say of this routine, and why it is as it is. */
export const AtTheWater = memo(function AtTheWater(props: AtTheWaterProps) {
  const { judgement, why, asItStands, onMend, onPreview, onSelect } = props
  const { findings, cautions } = judgement
  return (
    <div className="grid gap-2">
      {judgement.beyond.length > 0 && (
        <p className="text-caution" role="status">
          <span aria-hidden>⚑ </span>Beyond today’s limits: {judgement.beyond.join('; ')}.
        </p>
      )}
      {findings.length === 0 && (
        <p className="text-muted">Nothing to object to: whatever is put on meets its water.</p>
      )}
      {findings.map((finding, i) =>
        finding.under !== undefined ? null : (
          <Said
            key={keyOf(finding)}
            finding={finding}
            folded={findings.filter((one) => one.under === i)}
            onMend={onMend}
            onPreview={onPreview}
            onSelect={onSelect}
          />
        ),
      )}
      {(why.length > 0 || asItStands !== undefined) && <h3 className="label mt-1">Why this</h3>}
      {asItStands}
      <ul className="grid gap-1.5">
        {why.map((reason) => (
          <li key={reason.text}>
            {reason.text}{' '}
            <span className="text-muted text-sm">
              {reason.source === 'OURS' ? '' : SOURCE[reason.source]}
            </span>
          </li>
        ))}
      </ul>
      {cautions.length > 0 && (
        <>
          <h3 className="label mt-1">With care</h3>
          <ul className="grid gap-1">
            {cautions.map((caution) => (
              <li key={caution.text}>
                <span aria-hidden className="text-caution">
                  ⚑{' '}
                </span>
                {caution.step !== undefined && (
                  <button
                    type="button"
                    className="figures mr-1.5 underline"
                    onClick={() => onSelect(caution.step ?? 0)}
                  >
                    step {caution.step + 1}
                  </button>
                )}
                {caution.text}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  )
})

function keyOf(finding: Finding): string {
  return `${finding.rule}/${finding.step ?? ''}/${finding.inner ?? ''}/${finding.zone ?? ''}`
}
