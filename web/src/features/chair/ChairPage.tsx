import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link } from 'react-router'
import { washDaysQuery, washTideQuery } from '../../api/queries'
import type { Amount, Judgement, Step, Tide, WashDay } from '../../api/types'
import { stepLine, wetnessWord, wornName } from '../../api/words'
import { TideChart } from '../../chart/TideChart'
import { waterAt } from '../../chart/tideGeometry'
import { Button } from '../../ui/Button'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { Gauge } from './Gauge'
import { back, begun, currentIndex, ended, minutesInStep, minutesSinceStart } from './run'
import { useNow, useRun, useWakeLock } from './useRun'

export function ChairPage() {
  const client = useClient()
  const { data, error } = useQuery(washDaysQuery(client.id))
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Setting up the chair" />
  const day = data.find((d) => d.finishedAt === undefined)
  if (day === undefined) {
    return (
      <Empty title="Nothing at the chair">
        <p>Choose a routine on the plan and take it here: it then runs step by step, with its clock.</p>
        <Link to="../plan" className="underline">
          Go to the plan
        </Link>
      </Empty>
    )
  }
  return <Chair key={day.id} day={day} />
}

function Chair({ day }: { day: WashDay }) {
  const { data, error } = useQuery(washTideQuery(day.id))
  if (data === undefined)
    return error === null ? <Waiting what="Drawing the tide" /> : <Failure error={error} />
  return <Running day={day} planned={data.planned} actual={data.actual} />
}

type RunningProps = { day: WashDay; planned: Judgement; actual: Tide | undefined }

function Running({ day, planned, actual }: RunningProps) {
  const { run, setRun, delivered, isLate } = useRun(day)
  const now = useNow()
  useWakeLock()
  const steps = day.routine.steps
  const last = steps.length - 1
  const index = currentIndex(run, steps.length)
  const isStarted = run.steps.length > 0
  const done = () =>
    setRun(isStarted ? ended(run, index, new Date(), last, false) : begun(run, 0, new Date()))
  useKeys({ done, back: () => setRun(back(run, index)), isStarted })
  if (run.finished === true) {
    return (
      <Empty title="Done">
        <p role="status">
          {delivered
            ? 'The record is kept.'
            : 'The record is on this device; it goes to the server as soon as it answers.'}
        </p>
        {delivered && (
          <Link to="../log" className="bg-ink text-paper px-5 py-2.5 font-semibold">
            Log how it came out
          </Link>
        )}
      </Empty>
    )
  }
  const since = minutesSinceStart(run, now)
  const tide = actual ?? planned.tide
  const step = steps[index]
  if (step === undefined) return null
  const amount = planned.amounts.filter((a) => a.step === index)
  const next = steps[index + 1]
  return (
    <div className="sheet grid grid-cols-[1fr_7.5rem] lg:min-h-[calc(100dvh-8.2rem)] lg:grid-rows-[auto_1fr_auto_auto]">
      <section aria-live="polite" aria-label="Step in hand" className="grid content-start gap-2 p-4 lg:p-5">
        <p className="figures text-muted text-lg">
          Step {index + 1} of {steps.length}
          {isStarted && (
            <Clock minutes={minutesInStep(run, index, now)} planned={plannedMinutes(planned.tide, index)} />
          )}
        </p>
        <h2 className="text-[clamp(1.9rem,4.6vw,3.6rem)] leading-[1.08] font-semibold">{headline(step)}</h2>
        {amount.map((a) => (
          <p key={`${a.step}/${a.inner ?? ''}`} className="text-[clamp(1.4rem,3vw,2.3rem)] leading-tight">
            <Dose amount={a} />
          </p>
        ))}
        <Inner step={step} />
        <p className="text-muted text-lg">{next === undefined ? 'Last step' : `Then: ${stepLine(next)}`}</p>
      </section>
      <Gauge
        lengths={waterAt(tide, 'lengths', since)}
        roots={waterAt(tide, 'roots', since)}
        low={amount[0]?.product.windowLow}
        high={amount[0]?.product.windowHigh}
      />
      <button
        type="button"
        onClick={done}
        className="bg-ink text-paper min-h-[44dvh] text-[clamp(2rem,6vw,4rem)] font-semibold col-span-2 lg:min-h-64"
      >
        {isStarted ? 'Done' : 'Begin'}
        <span className="hidden text-lg font-normal lg:block">space or enter</span>
      </button>
      <div className="border-ink flex flex-wrap items-center gap-3 border-t px-4 py-2 col-span-2">
        <Button disabled={!isStarted || index === 0} onClick={() => setRun(back(run, index))}>
          Back one step
        </Button>
        <Button disabled={!isStarted} onClick={() => setRun(ended(run, index, new Date(), last, true))}>
          Skip this step
        </Button>
        <span role="status" className="text-muted ml-auto">
          {!isLate ? '' : 'No server just now: kept here, sent when it is back'}
        </span>
      </div>
      <details className="border-ink border-t col-span-2">
        <summary className="label px-4 py-2">The tide so far</summary>
        <TideChart
          tide={planned.tide}
          actual={actual}
          routine={day.routine}
          amounts={planned.amounts}
          findings={[]}
          selected={index}
          nowMinute={isStarted ? since : undefined}
          height={240}
        />
      </details>
    </div>
  )
}

function plannedMinutes(tide: Tide, index: number): number {
  const step = tide.steps[index]
  return step === undefined ? 0 : step.endMinute - step.startMinute
}

function headline(step: Step): string {
  if (step.action === 'EACH_SECTION') return `Section by section, ${step.sections} in all`
  if (step.action === 'APPLY') return wornName(step) ?? 'Apply'
  return stepLine(step)
}

function Dose({ amount }: { amount: Amount }) {
  const sections = amount.perSection === amount.dose ? '' : `, ${amount.perSection} a section`
  return (
    <>
      <strong>{amount.dose}</strong>
      {amount.inner === undefined ? '' : ` ${amount.product.name}`}
      {sections}
      <span className="text-muted">
        {' '}
        on {wetnessWord((amount.product.windowLow + amount.product.windowHigh) / 2)} hair
      </span>
    </>
  )
}

/** Each step of a section, in the order of the hands. */
function Inner({ step }: { step: Step }) {
  if (step.steps === undefined) return null
  return (
    <ol className="text-[clamp(1.2rem,2.2vw,1.7rem)]">
      {step.steps.map((inner, i) => (
        <li key={i}>
          {i + 1}. {stepLine(inner)}
        </li>
      ))}
    </ol>
  )
}

function Clock({ minutes, planned }: { minutes: number; planned: number }) {
  const whole = Math.floor(minutes)
  const seconds = Math.floor((minutes - whole) * 60)
  return (
    <span className="text-ink ml-4" role="timer" aria-label="Time in this step">
      {whole}:{String(seconds).padStart(2, '0')}{' '}
      <span className="text-muted">of {planned < 1 ? '½' : Math.round(planned)} min</span>
    </span>
  )
}

type Keys = { done: () => void; back: () => void; isStarted: boolean }

/** Space, enter, page down and right for done; page up and left for back: a presenter's remote works too. */
function useKeys({ done, back: goBack, isStarted }: Keys) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined
      const onControl =
        target?.closest('button, a, summary, input') !== null &&
        target?.closest('button, a, summary, input') !== undefined
      if (onControl && (event.key === ' ' || event.key === 'Enter')) return
      if ([' ', 'Enter', 'PageDown', 'ArrowRight'].includes(event.key)) {
        event.preventDefault()
        done()
      } else if (isStarted && ['PageUp', 'ArrowLeft'].includes(event.key)) {
        event.preventDefault()
        goBack()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  })
}
