import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { FeltLock } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { useHandTrust } from '../chair/useHandTrust'
import { ByName } from './ByName'
import { isCount } from './faultRound'
import { feelQuery, sectionsQuery, sendGuess } from './feelQueries'
import { WaterGlass } from './WaterGlass'

/** Sections by what hands notice: guess the water, put it on the scale. */
export function FeelTheWater() {
  return (
    <ByName why="Whose hand is it? What you guess is kept under this name: it says how far a look of yours is trusted at the chair.">
      {(person, onOther) => <Sitting key={person} person={person} onOther={onOther} />}
    </ByName>
  )
}

function Sitting({ person, onOther }: { person: string; onOther: () => void }) {
  const [sitting, setSitting] = useStored('practice-feel', isCount)
  const [at, setAt] = useState(0)
  const set = useQuery(sectionsQuery(person, sitting ?? 0))
  const feel = useQuery(feelQuery(person)).data
  if (set.error !== null) return <Failure error={set.error} />
  if (set.data === undefined) return <Waiting what="Wetting some hair" />
  const { sections } = set.data
  const section = sections[at]
  return (
    <div className="sheet">
      <p className="border-line figures flex flex-wrap items-baseline gap-x-4 border-b px-4 py-1.5">
        <span>
          {person}, section {Math.min(at + 1, sections.length)} of {sections.length}
        </span>
        <button type="button" className="ml-auto underline underline-offset-2" onClick={onOther}>
          Another hand
        </button>
      </p>
      {section === undefined ? (
        <div className="grid gap-3 px-4 py-4">
          <p className="text-lg font-semibold">{feel?.words}</p>
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
        <OneSection key={section.item} person={person} section={section} onNext={() => setAt(at + 1)} />
      )}
    </div>
  )
}

type OneSectionProps = { person: string; section: FeltLock; onNext: () => void }

function OneSection({ person, section, onNext }: OneSectionProps) {
  const [guess, setGuess] = useState<number | undefined>(undefined)
  const [, setTrust] = useHandTrust()
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: (percent: number) => sendGuess(person, section.item, percent),
    onSuccess: ({ feel }) => {
      queries.setQueryData(feelQuery(person).queryKey, feel)
      setTrust(feel.trust)
    },
  })
  return (
    <div className="grid gap-x-8 gap-y-3 px-4 py-3 sm:grid-cols-[minmax(0,26rem)_1fr] sm:grid-rows-[auto_1fr]">
      <dl className="grid content-start gap-x-4 gap-y-1.5 max-sm:grid-cols-[4.5rem_1fr] sm:col-start-2 sm:grid-cols-[5rem_1fr]">
        {section.signs.map((sign) => (
          <div key={sign.kind} className="contents">
            <dt className="label pt-1">{sign.kind}</dt>
            <dd className="border-line border-b border-dotted pb-1 text-lg">{sign.words}</dd>
          </div>
        ))}
      </dl>
      <div className="sm:col-start-1 sm:row-span-2 sm:row-start-1">
        <WaterGlass
          guess={guess}
          truth={send.data?.percent}
          onGuess={(percent) => {
            if (send.data === undefined) setGuess(percent)
          }}
        />
      </div>
      <div className="grid content-start gap-3 sm:col-start-2">
        {send.error !== null && <Failure error={send.error} />}
        {send.data === undefined ? (
          <Button
            main
            disabled={guess === undefined || send.isPending}
            onClick={() => {
              if (guess !== undefined) send.mutate(guess)
            }}
          >
            Put it on the scale
          </Button>
        ) : (
          <div role="status" className="border-ink grid justify-items-start gap-1.5 border-l-4 pl-3">
            <p className="text-lg font-semibold">
              {send.data.weighed}; you said {guess} %.
            </p>
            <p>{send.data.feel.words}</p>
            <Button main onClick={onNext}>
              The next one
            </Button>
            <p className="text-muted text-sm">The scale is simulated.</p>
          </div>
        )}
      </div>
    </div>
  )
}
