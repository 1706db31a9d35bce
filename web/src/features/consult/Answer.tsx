import type { TestCard, Tests } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { CHOSEN, MEASURED, type ChosenKey, type MeasuredKey } from './answers'
import type { TestChange } from './consultState'
import { Stopwatch } from './Stopwatch'

type AnswerProps = { test: TestCard['test']; tests: Tests; put: (change: TestChange) => void; watch: string }

/** Where a test's answer is given: one of a few, or what a ruler or a clock says. */
export function Answer({ test, tests, put, watch }: AnswerProps) {
  const chosen = CHOSEN[test]
  return (
    <div className="flex flex-wrap items-end gap-3">
      {test === 'TIME_TO_WET' && <Stopwatch name={watch} onStop={(minutesToWet) => put({ minutesToWet })} />}
      {chosen !== undefined && (
        <Choice
          label={chosen.label}
          options={chosen.options}
          value={tests[chosen.key]}
          onChange={(value) => put(picked(chosen.key, value, tests))}
        />
      )}
      {(MEASURED[test] ?? []).map(({ key, label, unit, min, max }) => (
        <NumberField
          key={key}
          label={label}
          unit={unit}
          min={min}
          max={max}
          value={tests[key]}
          onChange={(value) => put(measured(key, value))}
          onClear={() => put(measured(key, undefined))}
        />
      ))}
    </div>
  )
}

/** One of a few; touching the one that stands takes it back. */
function picked(key: ChosenKey, value: string, tests: Tests): TestChange {
  return { [key]: tests[key] === value ? undefined : value }
}

function measured(key: MeasuredKey, value: number | undefined): TestChange {
  return { [key]: value }
}
