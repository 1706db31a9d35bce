import { memo, useDeferredValue } from 'react'
import type { Client, Judgement, Routine } from '../../api/types'
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
        <span>{client.name.split(' ')[0]}’s wash-and-go</span>
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
            className="border-line grid grid-cols-[1.6rem_1fr_auto] gap-x-3 border-b border-dotted py-1"
          >
            <span className="figures text-muted">{i + 1}</span>
            <span>{stepLine(step)}</span>
            <span className="figures text-right">
              {amounts
                .filter((a) => a.step === i)
                .map((a) => (a.perSection === a.dose ? a.dose : `${a.dose} (${eachWords(a.perSection)})`))
                .join(' + ')}
            </span>
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
