import { useState } from 'react'
import { Link } from 'react-router'
import type { Live, WashDay } from '../../api/types'
import { COMFORT_WORD } from '../../api/words'
import { useClient } from '../clients/ClientFrame'
import { ChairTools, type ChairTool } from './ChairTools'
import { LookSheet } from './LookSheet'
import { useHandTrust } from './useHandTrust'
import { NoteSheet } from './NoteSheet'
import { StepClock } from './StepClock'
import type { ChairRun } from './useChair'
import { usePutBack } from './usePutBack'

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

/** Who is in the chair, how far along, and the few things hands do besides going on. */
export function ChairBar({ day, run, live, now, index, sound, onSound, onBack }: ChairBarProps) {
  const client = useClient()
  const [open, setOpen] = useState<'look' | 'note' | undefined>(undefined)
  const [trust] = useHandTrust()
  const putBack = usePutBack(day)
  const { record, take } = run
  const isStarted = record.startedAt !== undefined
  const isPaused = record.pauses.length > 0 && record.pauses.at(-1)?.to === undefined
  const mind = [
    ...(client.hair?.allergies ?? []).map((allergy) => `allergy: ${allergy}`),
    ...(client.intake?.comfort ?? []).map((comfort) => COMFORT_WORD[comfort]),
  ]
  const quiet: ChairTool = { label: sound ? 'Sound' : 'Quiet', pressed: !sound, act: () => onSound(!sound) }
  const tools: ChairTool[] = isStarted
    ? [
        { label: 'Back', act: onBack, isFirst: true },
        { label: 'Skip', act: () => take({ kind: 'SKIP', step: index }), disabled: isPaused },
        { label: 'Look', act: () => setOpen('look') },
        { label: 'Note', act: () => setOpen('note') },
        {
          label: isPaused ? 'Go on' : 'Pause',
          act: () => take({ kind: isPaused ? 'RESUME' : 'PAUSE' }),
          isFirst: true,
        },
        ...(isPaused ? [{ label: 'End here', act: () => take({ kind: 'FINISH' }) }] : []),
        quiet,
      ]
    : [{ label: 'Put it back', act: putBack.act, disabled: putBack.isBusy, isFirst: true }, quiet]
  return (
    <header className="border-ink flex flex-wrap items-center gap-x-4 gap-y-1 border-b px-3 py-1.5 sm:px-6">
      <Link
        to="../plan"
        aria-label="Leave the chair"
        title="Leave the chair"
        className="-ml-2 grid min-h-11 min-w-11 content-center text-center text-3xl leading-none"
      >
        ‹
      </Link>
      <h1 className="min-w-0 text-lg font-semibold wrap-break-word">
        {client.name}
        <span className="sr-only">, chair</span>
      </h1>
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
        {putBack.error ??
          run.refused ??
          (run.isLate ? 'No server just now: kept here, sent when it is back' : '')}
      </span>
      <ChairTools tools={tools} />
      {open === 'look' && (
        <LookSheet
          onLook={(look) => {
            take({ kind: 'LOOK', look, ...(trust === undefined ? {} : { trust }) })
            setOpen(undefined)
          }}
          onClose={() => setOpen(undefined)}
        />
      )}
      {open === 'note' && <NoteSheet record={record} onTake={take} onClose={() => setOpen(undefined)} />}
    </header>
  )
}
