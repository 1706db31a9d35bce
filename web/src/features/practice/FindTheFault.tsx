import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Setting } from '../../api/queries'
import type { Air, FaultReport, Judgement, Product, Spoilt } from '../../api/types'
import { hairLine, stepLine } from '../../api/words'
import { TideChart } from '../../chart/TideChart'
import { Button } from '../../ui/Button'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { USUAL_GOAL, USUAL_LIMITS } from '../plan/planHistory'
import { ByName } from './ByName'
import { faultsQuery, roundQuery, sendFault } from './faultQueries'
import { isFound, NO_GUESS, verdict, type Guess } from './faultRound'
import type { Head } from './PracticePage'
import { stepDetail } from './stepDetail'

type FindTheFaultProps = { client: Head; air: Air; shelf: Product[]; round: number; onNext: () => void }

/** Plans with a fault in them, for somebody by name: what was missed comes back sooner. */
export function FindTheFault(props: FindTheFaultProps) {
  return (
    <ByName why="Who looks? What you find and what you miss is kept under this name, so that the missed comes back.">
      {(person, onOther) => <Looking key={person} {...props} person={person} onOther={onOther} />}
    </ByName>
  )
}

type LookingProps = FindTheFaultProps & { person: string; onOther: () => void }

function Looking({ person, ...props }: LookingProps) {
  const faults = useQuery(faultsQuery(person))
  if (faults.error !== null) return <Failure error={faults.error} />
  return faults.data === undefined ? (
    <Waiting what="Opening the practice" />
  ) : (
    <Spoiling {...props} person={person} report={faults.data} />
  )
}

type SpoilingProps = LookingProps & { report: FaultReport }

/** One round: a spoilt plan on the water, its steps, and four faults to choose from. */
function Spoiling({ client, air, shelf, round, onNext, person, onOther, report }: SpoilingProps) {
  // As it stood when the round began: the answer changes it.
  const [rule] = useState(report.next)
  const queries = useQueryClient()
  const send = useMutation({
    mutationFn: (tried: { rule: string; found: boolean }) => sendFault(person, tried),
    onSuccess: (told) => queries.setQueryData(faultsQuery(person).queryKey, told),
  })
  const { data, error } = useQuery(roundQuery(settingOf(client, air), shelf, round, rule))
  if (error !== null) return <Failure error={error} />
  if (data === undefined) return <Waiting what="A hand slips" />
  if (data.spoilt === undefined)
    return (
      <Empty title={`No plan for ${client.name} today`}>
        Nothing on the shelf makes one. <Button onClick={onNext}>The next head</Button>
      </Empty>
    )
  const { spoilt } = data
  return (
    <>
      {send.error !== null && <Failure error={send.error} />}
      <Round
        spoilt={spoilt}
        judgement={data.judgement}
        head={[
          `${client.name}, ${hairLine(client.hair)}`,
          ...(client.hair.allergies ?? []).map((word) => `reacts to ${word}`),
        ].join(' · ')}
        person={person}
        report={report}
        onOther={onOther}
        isSending={send.isPending}
        onAnswered={(found) => send.mutate({ rule: spoilt.rule, found })}
        onNext={onNext}
      />
    </>
  )
}

type RoundProps = {
  spoilt: Spoilt
  judgement: Judgement
  head: string
  person: string
  report: FaultReport
  onOther: () => void
  /** What comes back next hangs on the answer. */
  isSending: boolean
  onAnswered: (found: boolean) => void
  onNext: () => void
}

function Round({
  spoilt,
  judgement,
  head,
  person,
  report,
  onOther,
  isSending,
  onAnswered,
  onNext,
}: RoundProps) {
  const [guess, setGuess] = useState<Guess>(NO_GUESS)
  const [isOver, setOver] = useState(false)
  const answer = (next: Guess) => {
    setGuess(next)
    if (next.step === undefined || next.rule === undefined) return
    setOver(true)
    onAnswered(isFound(next, spoilt))
  }
  const pick = (change: Partial<Guess>) => {
    if (!isOver) answer({ ...guess, ...change })
  }
  return (
    <div className="sheet">
      <p className="border-line figures flex flex-wrap items-baseline gap-x-4 border-b px-4 py-1.5">
        <span>{head}</span>
        <span className="text-muted">{report.words}</span>
        <button type="button" className="ml-auto underline underline-offset-2" onClick={onOther}>
          Not {person}?
        </button>
      </p>
      <div className="border-ink border-b">
        <TideChart
          tide={judgement.tide}
          routine={spoilt.routine}
          amounts={judgement.amounts}
          findings={[]}
          selected={isOver ? spoilt.step : guess.step}
          onSelect={(step) => pick({ step })}
          height={250}
        />
      </div>
      <div className="lg:divide-ink grid lg:grid-cols-[1fr_1.15fr] lg:divide-x">
        <Steps spoilt={spoilt} judgement={judgement} guess={guess} isOver={isOver} onPick={pick} />
        <div className="grid content-start gap-3 px-4 py-3 max-lg:border-t">
          <Faults spoilt={spoilt} guess={guess} isOver={isOver} onPick={pick} />
          {isOver ? (
            <Told spoilt={spoilt} guess={guess} isSending={isSending} onNext={onNext} />
          ) : (
            <Unsure
              hint={spoilt.hint}
              onGiveUp={() => {
                setOver(true)
                onAnswered(false)
              }}
            />
          )}
        </div>
      </div>
    </div>
  )
}

type PartProps = { spoilt: Spoilt; guess: Guess; isOver: boolean; onPick: (change: Partial<Guess>) => void }

function Steps({ spoilt, judgement, guess, isOver, onPick }: PartProps & { judgement: Judgement }) {
  return (
    <section aria-label="Which step?">
      <h2 className="label px-4 pt-3 pb-1">Which step?</h2>
      <ol>
        {spoilt.routine.steps.map((step, i) => (
          <li key={i} className="border-line border-t border-dotted">
            <button
              type="button"
              aria-pressed={guess.step === i}
              disabled={isOver}
              onClick={() => onPick({ step: i })}
              className={`aria-pressed:bg-ink aria-pressed:text-paper grid min-h-10 w-full lg:min-h-8 grid-cols-[1.8rem_1fr_auto] items-center gap-x-2 px-4 text-left enabled:hover:bg-shallow ${isOver && i === spoilt.step ? 'border-ink border-l-4 font-semibold' : ''}`}
            >
              <span className="figures">{i + 1}</span>
              <span>
                {stepLine(step)}
                <span className="figures block text-[0.9rem] leading-tight opacity-80">
                  {stepDetail(step)}
                </span>
              </span>
              <span className="figures">{judgement.amounts.find((a) => a.step === i)?.dose ?? ''}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  )
}

function Faults({ spoilt, guess, isOver, onPick }: PartProps) {
  return (
    <section aria-label="What is wrong?" className="grid gap-1.5">
      <h2 className="label">What is wrong?</h2>
      {spoilt.choices.map((fault) => (
        <button
          key={fault.rule}
          type="button"
          aria-pressed={guess.rule === fault.rule}
          disabled={isOver}
          onClick={() => onPick({ rule: fault.rule })}
          className={`border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-11 border px-3 text-left enabled:hover:bg-shallow ${isOver && fault.rule === spoilt.rule ? 'border-l-8 font-semibold' : ''}`}
        >
          {fault.words}
        </button>
      ))}
    </section>
  )
}

function Unsure({ hint, onGiveUp }: { hint: string; onGiveUp: () => void }) {
  const [isShown, setShown] = useState(false)
  return (
    <div className="grid gap-2">
      {isShown && <p role="status">{hint}</p>}
      <span className="flex gap-2">
        <Button disabled={isShown} onClick={() => setShown(true)}>
          A hint
        </Button>
        <Button onClick={onGiveUp}>Show it</Button>
      </span>
    </div>
  )
}

type ToldProps = { spoilt: Spoilt; guess: Guess; isSending: boolean; onNext: () => void }

function Told({ spoilt, guess, isSending, onNext }: ToldProps) {
  return (
    <div role="status" className="border-ink grid justify-items-start gap-1.5 border-l-4 pl-3">
      <p className="text-lg font-semibold">
        {guess.step === undefined || guess.rule === undefined
          ? `It shows at step ${spoilt.step + 1}.`
          : verdict(guess, spoilt)}
      </p>
      <p>{spoilt.said}</p>
      <Button main disabled={isSending} onClick={onNext}>
        The next one
      </Button>
    </div>
  )
}

/** As the plan would be asked for. */
function settingOf(client: Head, air: Air): Setting {
  return {
    hair: client.hair,
    goal: client.goal ?? USUAL_GOAL,
    air,
    schools: client.schools ?? {},
    limits: client.limits ?? USUAL_LIMITS,
  }
}
