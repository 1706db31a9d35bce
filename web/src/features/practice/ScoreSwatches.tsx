import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { rubricQuery } from '../../api/queries'
import type { RubricScore, SwatchReading, SwatchTold } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { BesideEye } from '../log/BesideEye'
import { ScoreSlider } from '../log/ScoreSlider'
import { ByName } from './ByName'
import { EyeSteadiness } from './EyeSteadiness'
import { isCount } from './faultRound'
import { eyeQuery, sendReading, sittingQuery, swatchPath } from './swatchQueries'
import { figure } from '../../ui/figure'

const NAMES = ['definition', 'clumping', 'frizz'] as const
type Given = Partial<Record<(typeof NAMES)[number], number>>

/** Drawn locks whose truth is known: score them, see the truth, and what this eye reads high and low. */
export function ScoreSwatches() {
  return (
    <ByName why="Whose eye is it? What you score is kept under this name, so that it shows what yours reads high or low.">
      {(person, onOther) => <Sitting key={person} person={person} onOther={onOther} />}
    </ByName>
  )
}

function Sitting({ person, onOther }: { person: string; onOther: () => void }) {
  const [sitting, setSitting] = useStored('practice-sitting', isCount)
  const [at, setAt] = useState(0)
  const eye = useQuery(eyeQuery(person)).data
  const set = useQuery(sittingQuery(person, sitting ?? 0))
  if (set.error !== null) return <Failure error={set.error} />
  if (set.data === undefined) return <Waiting what="Drawing swatches" />
  const item = set.data.items[at]
  return (
    <div className="sheet">
      <p className="border-line figures flex flex-wrap items-baseline gap-x-4 border-b px-4 py-1.5">
        <span>
          {person}, swatch {Math.min(at + 1, set.data.items.length)} of {set.data.items.length}
        </span>
        <button type="button" className="ml-auto underline underline-offset-2" onClick={onOther}>
          Another eye
        </button>
      </p>
      {item === undefined ? (
        <div className="grid gap-4 px-4 py-4">
          {eye !== undefined && <EyeSteadiness eye={eye} />}
          <BesideEye />
          <span>
            <Button
              main
              onClick={() => {
                setSitting((sitting ?? 0) + 1)
                setAt(0)
              }}
            >
              Ten more
            </Button>
          </span>
        </div>
      ) : (
        <OneSwatch key={item} person={person} item={item} onNext={() => setAt(at + 1)} />
      )}
    </div>
  )
}

function OneSwatch({ person, item, onNext }: { person: string; item: string; onNext: () => void }) {
  const rubric = useQuery(rubricQuery).data
  const [given, setGiven] = useState<Given>({})
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: (reading: SwatchReading) => sendReading(person, reading),
    onSuccess: (told) => queries.setQueryData(eyeQuery(person).queryKey, told.eye),
  })
  const { definition, clumping, frizz } = given
  const isWhole = definition !== undefined && clumping !== undefined && frizz !== undefined
  // On a phone the lock stays in sight while it is scored.
  return (
    <div className="grid gap-x-6 sm:grid-cols-[minmax(0,27rem)_1fr]">
      <img
        src={swatchPath(item)}
        alt="A lock of hair, drawn"
        className="border-ink w-full border-b object-cover object-top max-sm:h-[36dvh] sm:max-h-[76dvh] sm:border-r sm:border-b-0 sm:object-contain"
      />
      <div className="grid content-start gap-2 px-4 py-3">
        {NAMES.map((name) => (
          <OneScore
            key={name}
            name={name}
            rubric={rubric?.find((score) => score.name === name)}
            value={given[name]}
            told={send.data}
            onChange={(points) => {
              if (send.data === undefined) setGiven({ ...given, [name]: points })
            }}
          />
        ))}
        {send.error !== null && <Failure error={send.error} />}
        {send.data === undefined ? (
          <Button
            main
            disabled={!isWhole || send.isPending}
            onClick={() => {
              if (isWhole) send.mutate({ item, definition, clumping, frizz })
            }}
          >
            See the truth
          </Button>
        ) : (
          <div role="status" className="border-ink grid justify-items-start gap-2 border-l-4 pl-3">
            <p className="text-lg font-semibold">{send.data.truth.why}</p>
            <p>{send.data.truth.drawn}</p>
            <Button main onClick={onNext}>
              The next one
            </Button>
          </div>
        )}
      </div>
    </div>
  )
}

type OneScoreProps = {
  name: (typeof NAMES)[number]
  rubric: RubricScore | undefined
  value: number | undefined
  told: SwatchTold | undefined
  onChange: (points: number) => void
}

function OneScore({ name, rubric, value, told, onChange }: OneScoreProps) {
  return (
    <div>
      <ScoreSlider name={name} rubric={rubric} value={value} onChange={onChange} />
      {told !== undefined && (
        <p className="figures">
          It is {figure(told.truth[name])}; you gave {value === undefined ? '–' : figure(value)}.
        </p>
      )}
    </div>
  )
}
