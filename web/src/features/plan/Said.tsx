import type { Finding, Routine } from '../../api/types'
import { Button } from '../../ui/Button'

type SaidProps = {
  finding: Finding
  onMend: (routine: Routine) => void
  onPreview: (name: string, routine: Routine) => void
  onSelect?: (index: number) => void
}

export const SOURCE = {
  COMMON_PRACTICE: 'Common practice',
  PUBLISHED: 'Published',
  FROM_MEMORY: 'Published, from memory',
  OURS: 'Computed by running both',
} as const

/** One finding: what, why, and its mend with a look at what that would change. */
export function Said({ finding, onMend, onPreview, onSelect }: SaidProps) {
  const { mend, step } = finding
  const isNote = finding.severity === 'NOTE'
  return (
    <article
      aria-label={isNote ? 'Note' : finding.severity === 'STOP' ? 'Stop' : 'Warning'}
      className={`border-l-4 pl-3 ${isNote ? 'border-line' : 'border-caution'}`}
    >
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
      <div className="mt-1 flex flex-wrap items-center gap-2">
        {mend !== undefined && (
          <>
            <Button onClick={() => onMend(mend.routine)}>{mend.label}</Button>
            <button type="button" className="underline" onClick={() => onPreview(mend.label, mend.routine)}>
              What would that change?
            </button>
          </>
        )}
        {step !== undefined && onSelect !== undefined && (
          <button type="button" className="underline" onClick={() => onSelect(step)}>
            Show step {step + 1}
          </button>
        )}
      </div>
    </article>
  )
}
