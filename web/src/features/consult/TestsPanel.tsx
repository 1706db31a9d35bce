import { useQuery } from '@tanstack/react-query'
import { testCardsQuery } from '../../api/queries'
import type { TestCard, Tests } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { Stopwatch } from './Stopwatch'
import { TestDrawing } from './TestDrawing'
import { withTest, type Consult, type Scope, type TestChange } from './consultState'

type TestsPanelProps = {
  consult: Consult
  scope: Scope
  /** Whose watch it is, so that two clients' do not mix. */
  clientId: number
  onChange: (next: Consult) => void
}

/** A girth is of the whole head; everything else may be tested zone by zone. */
const HEAD_ONLY: readonly TestCard['test'][] = ['PONYTAIL', 'DRY_TIME']

/** The guided consult: what to do, what to look for, and the answer in place. */
export function TestsPanel({ consult, scope, clientId, onChange }: TestsPanelProps) {
  const cards = useQuery(testCardsQuery).data ?? []
  const tests = scope === undefined ? consult.tests : (consult.zoneTests[scope] ?? {})
  const put = (change: TestChange) => onChange(withTest(consult, scope, change))
  return (
    <ol className="grid gap-x-5 gap-y-2.5 xl:grid-cols-2">
      {cards
        .filter((card) => scope === undefined || !HEAD_ONLY.includes(card.test))
        .map((card) => (
          <li key={card.test} className="border-line grid content-start gap-1 border-b border-dotted pb-2">
            <div className="flex gap-3">
              <TestDrawing test={card.test} />
              <div className="min-w-0">
                <h3 className="leading-tight font-semibold">
                  {card.label} <span className="figures text-muted text-sm">{card.seconds} s</span>
                </h3>
                <p className="leading-snug">{card.whatToDo}</p>
                <p className="text-muted text-sm leading-snug">{card.lookFor}</p>
              </div>
            </div>
            <Answer test={card.test} tests={tests} put={put} watch={`${clientId}:${scope ?? 'head'}`} />
          </li>
        ))}
    </ol>
  )
}

type AnswerProps = { test: TestCard['test']; tests: Tests; put: (change: TestChange) => void; watch: string }

/** One of a few; touching the one that stands takes it back. */
function pick<K extends keyof Tests>(key: K, value: Tests[K], tests: Tests): TestChange {
  return { [key]: tests[key] === value ? undefined : value }
}

function Answer({ test, tests, put, watch }: AnswerProps) {
  switch (test) {
    case 'STRAND_ROLL':
      return (
        <Choice
          label="Felt"
          options={[
            { value: 'NOTHING', label: 'nothing' },
            { value: 'SOMETHING', label: 'something' },
            { value: 'CLEAR', label: 'clearly' },
          ]}
          value={tests.strandRoll}
          onChange={(strandRoll) => put(pick('strandRoll', strandRoll, tests))}
        />
      )
    case 'MIST':
      return (
        <Choice
          label="The mist"
          options={[
            { value: 'BEADS', label: 'beads sit' },
            { value: 'SOAKS_SLOWLY', label: 'sinks slowly' },
            { value: 'GONE_AT_ONCE', label: 'gone at once' },
          ]}
          value={tests.mist}
          onChange={(mist) => put(pick('mist', mist, tests))}
        />
      )
    case 'TIME_TO_WET':
      return (
        <div className="flex flex-wrap items-end gap-3">
          <Stopwatch name={watch} onStop={(minutesToWet) => put({ minutesToWet })} />
          <NumberField
            label="Minutes to wet"
            unit="min"
            min={0}
            max={60}
            value={tests.minutesToWet}
            onChange={(minutesToWet) => put({ minutesToWet })}
            onClear={() => put({ minutesToWet: undefined })}
          />
        </div>
      )
    case 'DRY_TIME':
      return (
        <NumberField
          label="Hours to dry"
          unit="h"
          min={0}
          max={96}
          value={tests.hoursToAirDry}
          onChange={(hoursToAirDry) => put({ hoursToAirDry })}
          onClear={() => put({ hoursToAirDry: undefined })}
        />
      )
    case 'FLOAT':
      return (
        <Choice
          label="The strand"
          options={[
            { value: 'FLOATS', label: 'floats' },
            { value: 'SINKS_SLOWLY', label: 'sinks slowly' },
            { value: 'SINKS', label: 'sinks' },
          ]}
          value={tests.float}
          onChange={(float) => put(pick('float', float, tests))}
        />
      )
    case 'PONYTAIL':
      return (
        <NumberField
          label="Girth"
          unit="cm"
          min={0.5}
          max={40}
          value={tests.ponytailCm}
          onChange={(ponytailCm) => put({ ponytailCm })}
          onClear={() => put({ ponytailCm: undefined })}
        />
      )
    case 'SCALP_LOOK':
      return (
        <Choice
          label="Scalp shows"
          options={[
            { value: 'LITTLE', label: 'little' },
            { value: 'SOME', label: 'some' },
            { value: 'MUCH', label: 'much' },
          ]}
          value={tests.scalpShows}
          onChange={(scalpShows) => put(pick('scalpShows', scalpShows, tests))}
        />
      )
    case 'RULER':
      return (
        <div className="flex flex-wrap gap-3">
          <NumberField
            label="Hanging dry"
            unit="cm"
            min={0.1}
            max={200}
            value={tests.naturalCm}
            onChange={(naturalCm) => put({ naturalCm })}
            onClear={() => put({ naturalCm: undefined })}
          />
          <NumberField
            label="Pulled straight"
            unit="cm"
            min={0.1}
            max={200}
            value={tests.stretchedCm}
            onChange={(stretchedCm) => put({ stretchedCm })}
            onClear={() => put({ stretchedCm: undefined })}
          />
        </div>
      )
    case 'CURL':
      return (
        <div className="flex flex-wrap gap-3">
          <NumberField
            label="Across one curl"
            unit="mm"
            min={0.5}
            max={200}
            value={tests.curlDiameterMm}
            onChange={(curlDiameterMm) => put({ curlDiameterMm })}
            onClear={() => put({ curlDiameterMm: undefined })}
          />
          <NumberField
            label="Turns in 10 cm"
            unit="turns"
            min={0}
            max={100}
            value={tests.turnsPer10cm}
            onChange={(turnsPer10cm) => put({ turnsPer10cm })}
            onClear={() => put({ turnsPer10cm: undefined })}
          />
        </div>
      )
    case 'STRETCH':
      return (
        <Choice
          label="Let go, it"
          options={[
            { value: 'RETURNS', label: 'returns' },
            { value: 'STAYS_LONG', label: 'stays long' },
            { value: 'SNAPS', label: 'snaps' },
          ]}
          value={tests.stretch}
          onChange={(stretch) => put(pick('stretch', stretch, tests))}
        />
      )
  }
  return test satisfies never
}
