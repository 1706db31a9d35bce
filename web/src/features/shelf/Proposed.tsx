import type { LabelReading, ShelfItemDraft } from '../../api/types'
import { Button } from '../../ui/Button'

type ProposedProps = {
  draft: ShelfItemDraft
  reading: LabelReading
  onChange: (draft: ShelfItemDraft) => void
}

/** What the label would suggest, beside what stands: the stylist's own values win. */
export function Proposed({ draft, reading, onChange }: ProposedProps) {
  const proposed = reading.proposed
  if (proposed === undefined) return null
  const { hold, richness, windowLow, windowHigh } = proposed
  return (
    <div className="border-ink grid gap-1 border-l-2 pl-3">
      <p>
        From the label: hold <b className="figures">{hold}</b>, richness <b className="figures">{richness}</b>
        , works at{' '}
        <b className="figures">
          {windowLow}–{windowHigh} %
        </b>
        .{' '}
        <span className="text-muted">
          {proposed.evidence.join('; ')}. Shares are not on a label: a starting point.
        </span>
      </p>
      <Button
        className="justify-self-start"
        onClick={() =>
          onChange({
            ...draft,
            product: { ...draft.product, hold, richness, windowLow, windowHigh },
            facts: { ...draft.facts, windowFrom: 'LABEL', fromLabel: ['HOLD', 'RICHNESS', 'WINDOW'] },
          })
        }
      >
        Take these
      </Button>
    </div>
  )
}
