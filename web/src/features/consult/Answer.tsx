import type { TestCard, Tests } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import type { TestChange } from './consultState'
import { Stopwatch } from './Stopwatch'

type AnswerProps = { card: TestCard; tests: Tests; put: (change: TestChange) => void; watch: string }

/** Where a test's answer is given: one of a few, or what a ruler or a clock says. */
export function Answer({ card, tests, put, watch }: AnswerProps) {
  const given: Readonly<Record<string, unknown>> = tests
  return (
    <div className="flex flex-wrap items-end gap-3">
      {card.test === 'TIME_TO_WET' && (
        <Stopwatch name={watch} onStop={(minutesToWet) => put({ minutesToWet })} />
      )}
      {card.asks.map(({ field, label, answers, unit = '', least = 0, most = 0 }) =>
        answers !== undefined ? (
          <Choice
            key={field}
            label={label}
            options={answers}
            value={wordOf(given[field])}
            // Touching the one that stands takes it back.
            onChange={(value) => put({ [field]: given[field] === value ? undefined : value })}
          />
        ) : (
          <NumberField
            key={field}
            label={label}
            unit={unit}
            min={least}
            max={most}
            value={numberOf(given[field])}
            onChange={(value) => put({ [field]: value })}
            onClear={() => put({ [field]: undefined })}
          />
        ),
      )}
    </div>
  )
}

function wordOf(given: unknown): string | undefined {
  return typeof given === 'string' ? given : undefined
}

function numberOf(given: unknown): number | undefined {
  return typeof given === 'number' ? given : undefined
}
