import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { washTideQuery } from '../../api/queries'
import type { Chair, Ended, Tide } from '../../api/types'
import { SIGN, keeping, minutesText, shortName, stepLine, ZONE_LABEL } from '../../api/words'
import { TideChart } from '../../chart/TideChart'
import { Button } from '../../ui/Button'
import type { ChairRun } from './useChair'

type ChairEndProps = { chair: Chair; run: ChairRun; tide: Tide | undefined; onReopen: () => void }

/** The run is over: what was planned and what was done, laid over each other, and on to the log. */
export function ChairEnd({ chair, run, tide, onReopen }: ChairEndProps) {
  const { day, planned } = chair
  const { record, delivered } = run
  const kept = useQuery({ ...washTideQuery(day.id), enabled: delivered }).data
  const actual = kept?.actual ?? tide
  return (
    <section className="sheet grid grid-cols-[minmax(0,1fr)] gap-2">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-4 pt-3">
        <h2 className="text-2xl font-semibold">Done</h2>
        <p role="status">
          {delivered
            ? 'The record is kept.'
            : 'The record is on this device; it goes to the server as soon as it answers.'}
        </p>
        <span className="ml-auto flex flex-wrap gap-2">
          <Button onClick={onReopen}>Back to the last step</Button>
          {delivered && (
            <Link
              to={day.refresh ? '../aftercare' : '../log'}
              className="bg-ink text-paper px-5 py-2.5 font-semibold"
            >
              {day.refresh ? 'Back to its days' : 'Log how it came out'}
            </Link>
          )}
        </span>
      </div>
      <TideChart
        tide={planned.tide}
        actual={actual}
        routine={day.routine}
        amounts={planned.amounts}
        findings={[]}
        height={290}
      />
      <p className="text-muted px-4 text-sm">In colour as planned; the thin lines as it was done.</p>
      {kept?.ended !== undefined && <DoneOtherwise chair={chair} ended={kept.ended} />}
      <AtHome lines={keeping(day.routine)} />
      {record.notes.length > 0 && (
        <p className="px-4 pb-3">
          Noted: {record.notes.map((note) => `${ZONE_LABEL[note.zone]} ${SIGN[note.sign]}`).join(' · ')}
        </p>
      )}
    </section>
  )
}

/** What the client is told on the way out. */
function AtHome({ lines }: { lines: string[] }) {
  if (lines.length === 0) return null
  return (
    <div className="px-4 pb-3">
      <h3 className="label">At home</h3>
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  )
}

/** Step by step, what was done otherwise than planned. */
function DoneOtherwise({ chair, ended }: { chair: Chair; ended: Ended }) {
  const { routine } = chair.day
  const leftOut = ended.otherwise.flatMap((own) => {
    const step = routine.steps[own.step]
    return own.leftOut && step !== undefined ? [shortName(step)] : []
  })
  return (
    <div className="px-4 pb-3">
      <p>
        It took {minutesText(ended.minutes)}, planned were {minutesText(ended.plannedMinutes)}.{' '}
        {ended.wet && (
          <strong>
            It ended with the lengths {Math.round(ended.lengths)} % and the roots {Math.round(ended.roots)} %
            wet: judge it once it is dry.
          </strong>
        )}
      </p>
      {ended.rests.map((rest) => (
        <p key={rest.fromMinute}>
          At minute {Math.round(rest.fromMinute)}, {rest.said}
        </p>
      ))}
      <ul aria-label="Done otherwise" className="list-disc pl-5">
        {ended.otherwise.map((own) => {
          if (own.leftOut) return null
          const step = routine.steps[own.step]
          return (
            step !== undefined && (
              <li key={own.step}>
                {stepLine(step)}: {said(own, step.sections)}
              </li>
            )
          )
        })}
        {leftOut.length > 0 && <li>Left out: {leftOut.join(' · ')}</li>}
        {ended.otherwise.length === 0 && <li>Everything as planned.</li>}
      </ul>
    </div>
  )
}

function said(own: Ended['otherwise'][number], sections: number | undefined): string {
  const { sectionsDone, byMinutes, ratio, product } = own
  return [
    ...(sectionsDone === undefined
      ? []
      : [`left after ${sectionsDone} of ${sections ?? sectionsDone} sections`]),
    ...(byMinutes === undefined
      ? []
      : [`${minutesText(Math.abs(byMinutes))} ${byMinutes > 0 ? 'longer' : 'shorter'}`]),
    ...(ratio === undefined ? [] : [`${Math.round(ratio * 100)} % of the amount`]),
    ...(product === undefined ? [] : [`with ${product}`]),
  ].join(', ')
}
