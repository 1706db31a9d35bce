import type { Family, LabelEntry, LabelReading } from '../../api/types'
import { FAMILY } from '../../api/words'

type LabelMarkupProps = {
  reading: LabelReading
  /** What breaks the client's list, as names. */
  broken: ReadonlySet<string>
  /** Puts a name in the place of what was written. */
  onCorrect: (written: string, name: string) => void
}

/** The label as it stands, each ingredient with the mark of its family, and where traces begin. */
export function LabelMarkup({ reading, broken, onCorrect }: LabelMarkupProps) {
  const line = reading.onePercentAfter
  const seen = [...new Set(reading.ingredients.flatMap((e) => e.families))].filter(isMarked)
  return (
    <div className="grid gap-2">
      <ol className="flex flex-wrap items-baseline gap-x-2 gap-y-0.5" aria-label="The label, marked up">
        {reading.ingredients.map((entry) => (
          <li key={entry.position} className="flex flex-wrap items-baseline gap-x-2">
            <Marked entry={entry} broken={broken.has(entry.name)} onCorrect={onCorrect} />
            {entry.position === line && (
              <span className="figures text-muted border-ink border-l-2 pl-1.5 text-sm">
                below here at most 1 %
              </span>
            )}
          </li>
        ))}
      </ol>
      <p className="text-muted flex flex-wrap gap-x-3 text-sm" aria-label="Marks">
        {seen.map((family) => (
          <span key={family}>
            <b className="figures text-ink">{FAMILY[family].mark}</b> {FAMILY[family].label}
          </span>
        ))}
      </p>
    </div>
  )
}

/** Families that say nothing at the chair are left unmarked. */
function isMarked(family: Family): boolean {
  return FAMILY[family].mark !== undefined
}

type MarkedProps = { entry: LabelEntry; broken: boolean; onCorrect: LabelMarkupProps['onCorrect'] }

function Marked({ entry, broken, onCorrect }: MarkedProps) {
  const known = entry.families.length > 0
  const marks = entry.families.filter(isMarked)
  return (
    <span className={entry.trace ? 'text-muted' : ''} title={entry.note}>
      <span className="figures text-muted text-xs">{entry.position}</span>{' '}
      <span
        className={
          broken
            ? 'text-caution font-semibold underline decoration-2'
            : known
              ? ''
              : 'underline decoration-dotted underline-offset-4'
        }
      >
        {known ? entry.name : entry.asWritten}
        {broken && <span aria-hidden> ⚑</span>}
      </span>
      {!known && <span className="text-muted"> ?</span>}
      {marks.map((family) => (
        <abbr
          key={family}
          title={FAMILY[family].label}
          className="figures border-line ml-0.5 border px-[2px] align-super text-[0.68rem] no-underline"
        >
          {FAMILY[family].mark}
        </abbr>
      ))}
      {entry.closest.map((name) => (
        <button
          key={name}
          type="button"
          className="ml-1 text-sm underline"
          onClick={() => onCorrect(entry.asWritten, name)}
        >
          {name}?
        </button>
      ))}
    </span>
  )
}
