import type { Finding, Routine } from '../../api/types'
import { SOURCE } from '../../api/words'
import { Button } from '../../ui/Button'

type SaidProps = {
  finding: Finding
  /** What its mend clears as well. */
  folded?: readonly Finding[]
  onMend: (routine: Routine) => void
  onPreview: (name: string, routine: Routine) => void
  onSelect?: (index: number) => void
}

/** One finding: what, why, and its mend with a look at what that would change. */
export function Said({ finding, folded = [], onMend, onPreview, onSelect }: SaidProps) {
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
        {finding.why} <span className="text-muted text-sm">{SOURCE[finding.source]}</span>
      </p>
      {folded.length > 0 && (
        <details>
          <summary>
            {folded.length === 1 ? 'One more comes of it' : `${folded.length} more come of it`}, and this
            clears {folded.length === 1 ? 'it' : 'them'} too
          </summary>
          <ul className="list-disc pl-5">
            {folded.map((one) => (
              <li key={`${one.rule}/${one.step ?? ''}/${one.inner ?? ''}/${one.zone ?? ''}/${one.message}`}>
                {one.message}
              </li>
            ))}
          </ul>
        </details>
      )}
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
