import { useState } from 'react'
import { Link } from 'react-router'
import type { Live, WashDay } from '../../api/types'
import { useClient } from '../clients/ClientFrame'
import { LookSheet } from './LookSheet'
import { NoteSheet } from './NoteSheet'
import { pausedMs } from './timers'
import type { ChairRun } from './useChair'

type ChairBarProps = {
  day: WashDay
  run: ChairRun
  live: Live | undefined
  now: Date
  index: number
  sound: boolean
  onSound: (on: boolean) => void
  onBack: () => void
}

const COMFORT = {
  NECK: 'neck',
  TENDER_SCALP: 'tender scalp',
  NO_TIGHT_TENSION: 'no tight tension',
  LOW_HEAT: 'low heat',
  CHILD: 'a child',
  DIZZY: 'gets dizzy',
} as const

/** Who is in the chair, how far along, and the few things hands do besides going on. */
export function ChairBar({ day, run, live, now, index, sound, onSound, onBack }: ChairBarProps) {
  const client = useClient()
  const [open, setOpen] = useState<'look' | 'note' | undefined>(undefined)
  const { record, take } = run
  const isStarted = record.startedAt !== undefined
  const isPaused = record.pauses.length > 0 && record.pauses.at(-1)?.to === undefined
  const mind = [
    ...(client.hair?.allergies ?? []).map((allergy) => `allergy: ${allergy}`),
    ...(client.intake?.comfort ?? []).map((comfort) => COMFORT[comfort]),
  ]
  return (
    <header className="border-ink flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-3 py-1.5 sm:px-6">
      <Link
        to="../plan"
        aria-label="Leave the chair"
        title="Leave the chair"
        className="-ml-2 grid min-h-11 min-w-9 content-center text-center text-3xl leading-none"
      >
        ‹
      </Link>
      <h1 className="text-lg font-semibold">{client.name}</h1>
      {mind.length > 0 && (
        <span className="text-caution figures">
          <span aria-hidden>⚑ </span>
          {mind.join(' · ')}
        </span>
      )}
      <p className="figures text-muted text-[1.05rem] lg:text-xl">
        Step {index + 1} of {day.routine.steps.length}{' '}
        {isStarted && <StepClock run={run} live={live} now={now} index={index} />}
      </p>
      <span role="status" className="text-muted">
        {run.refused ?? (run.isLate ? 'No server just now: kept here, sent when it is back' : '')}
      </span>
      <div className="ml-auto flex flex-wrap gap-1.5 max-sm:w-full">
        <Tool disabled={!isStarted} onClick={onBack}>
          Back
        </Tool>
        <Tool disabled={!isStarted} onClick={() => take({ kind: 'SKIP', step: index })}>
          Skip
        </Tool>
        <Tool disabled={!isStarted} onClick={() => setOpen('look')}>
          Look
        </Tool>
        <Tool disabled={!isStarted} onClick={() => setOpen('note')}>
          Note
        </Tool>
        <Tool disabled={!isStarted} onClick={() => take({ kind: isPaused ? 'RESUME' : 'PAUSE' })}>
          {isPaused ? 'Go on' : 'Pause'}
        </Tool>
        {isPaused && <Tool onClick={() => take({ kind: 'FINISH' })}>End here</Tool>}
        <Tool pressed={!sound} onClick={() => onSound(!sound)}>
          {sound ? 'Sound' : 'Quiet'}
        </Tool>
      </div>
      {open === 'look' && (
        <LookSheet
          onLook={(look) => {
            take({ kind: 'LOOK', look })
            setOpen(undefined)
          }}
          onClose={() => setOpen(undefined)}
        />
      )}
      {open === 'note' && <NoteSheet record={record} onTake={take} onClose={() => setOpen(undefined)} />}
    </header>
  )
}

type ToolProps = { disabled?: boolean; pressed?: boolean; onClick: () => void; children: string }

function Tool({ disabled = false, pressed, onClick, children }: ToolProps) {
  return (
    <button
      type="button"
      disabled={disabled}
      {...(pressed === undefined ? {} : { 'aria-pressed': pressed })}
      onClick={onClick}
      className="border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-11 min-w-11 border px-1 font-semibold hover:bg-shallow disabled:opacity-40 max-sm:flex-1 sm:px-4"
    >
      {children}
    </button>
  )
}

type StepClockProps = { run: ChairRun; live: Live | undefined; now: Date; index: number }

/** How long this step has taken, and when all will be over. */
function StepClock({ run, live, now, index }: StepClockProps) {
  const { record } = run
  const step = record.steps.find((own) => own.index === index)
  const seconds =
    step === undefined
      ? 0
      : Math.max(
          0,
          Math.floor(
            (now.getTime() -
              Date.parse(step.startedAt) -
              pausedMs(record, step.startedAt, step.endedAt, now)) /
              1000,
          ),
        )
  const done = step?.sectionEnds.length ?? 0
  const last = step?.sectionEnds[done - 1]
  const each =
    step === undefined || last === undefined
      ? undefined
      : (Date.parse(last) - Date.parse(step.startedAt) - pausedMs(record, step.startedAt, last, now)) /
        60_000 /
        done
  const end =
    live === undefined || record.startedAt === undefined
      ? undefined
      : new Date(Date.parse(record.startedAt) + live.endMinute * 60_000)
  return (
    <>
      <span className="text-ink ml-3" role="timer" aria-label="Time in this step">
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
      </span>
      {each !== undefined && <span className="ml-3">{each.toFixed(1)} min a section</span>}
      {end !== undefined && (
        <span className="ml-3">
          over at {end.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
        </span>
      )}
    </>
  )
}
