import { memo, useDeferredValue } from 'react'
import type { Amount, Client, Judgement, Routine, Step, StepTide } from '../../api/types'
import { eachWords, keeping, minutesText, stepLine } from '../../api/words'
import { TideChart } from '../../chart/TideChart'

type PrintedCardProps = {
  client: Client
  routine: Routine
  judgement: Judgement
  beginsAt: string | undefined
}

/** One page to take along. Nobody sees it on the screen, so it is drawn once the screen has answered. */
export function PrintedCard(card: PrintedCardProps) {
  return (
    <Card
      client={useDeferredValue(card.client)}
      routine={useDeferredValue(card.routine)}
      judgement={useDeferredValue(card.judgement)}
      beginsAt={card.beginsAt}
    />
  )
}

/** The tide, the steps with amounts, the cautions. The first name only. */
const Card = memo(function Card({ client, routine, judgement, beginsAt }: PrintedCardProps) {
  const { tide, amounts, cautions, outcome } = judgement
  return (
    <section className="card hidden print:block" aria-hidden>
      <h1 className="flex items-baseline justify-between text-2xl font-semibold">
        <span>
          {client.name.split(' ')[0]}’s wash-and-go{' '}
          <span className="figures text-base font-normal">
            {new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}
          </span>
        </span>
        <span className="figures text-base">
          {minutesText(judgement.minutes)}, {minutesText(judgement.chairMinutes)} hands on · lasts about{' '}
          {Math.round(outcome.overall.days)} days
        </span>
      </h1>
      <div className="border-ink my-3 border">
        <TideChart
          tide={tide}
          routine={routine}
          amounts={amounts}
          findings={[]}
          beginsAt={beginsAt}
          height={250}
          printed
        />
      </div>
      <ol>
        {routine.steps.map((step, i) => (
          <li
            key={i}
            className="border-line grid grid-cols-[1.6rem_3.6rem_1fr_auto_4rem] gap-x-3 border-b border-dotted py-1"
          >
            <span className="figures text-muted">{i + 1}</span>
            <span className="figures text-muted">{beginning(tide.steps[i]?.startMinute, beginsAt)}</span>
            <span>{stepLine(step)}</span>
            <span className="figures text-right">
              {amounts
                .filter((a) => a.step === i)
                .map((a) => doseOnCard(a, step))
                .join(' + ')}
            </span>
            <span className="figures text-right">{lasting(tide.steps[i])}</span>
          </li>
        ))}
      </ol>
      {keeping(routine).map((line) => (
        <p key={line} className="mt-1">
          {line}
        </p>
      ))}
      <ul className="mt-3 text-sm">
        {cautions.map((caution) => (
          <li key={caution.text}>
            ⚑ {caution.step === undefined ? '' : `Step ${caution.step + 1}: `}
            {caution.text}
          </li>
        ))}
      </ul>
    </section>
  )
})

/** By the section where there are several, and what that comes to. */
function doseOnCard(amount: Amount, step: Step): string {
  const sections = step.sections ?? 1
  if (sections < 2 || amount.perSection === amount.dose) return amount.dose
  if (amount.perSection.includes(' every ')) return `${amount.dose} (${eachWords(amount.perSection)})`
  return `${amount.perSection} × ${sections}, ${Math.round(amount.ml)} ml in all`
}

/** By the clock where the hour is known, else in minutes from the beginning. */
function beginning(minute: number | undefined, beginsAt: string | undefined): string {
  if (minute === undefined) return ''
  const [hours, minutes] = (beginsAt ?? '').split(':').map(Number)
  if (hours === undefined || minutes === undefined) return `${Math.round(minute)} min`
  const at = Math.round(hours * 60 + minutes + minute) % 1440
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`
}

function lasting(step: StepTide | undefined): string {
  if (step === undefined) return ''
  const minutes = step.endMinute - step.startMinute
  return minutes < 0.75 ? '½ min' : minutesText(minutes)
}
