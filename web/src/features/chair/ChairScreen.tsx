import { motionOf } from '../../api/words'
import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { Chair, ChairRecord, Live, WashDay } from '../../api/types'
import { useStored } from '../../ui/useStored'
import { useMedia } from '../../ui/useMedia'
import { AskBox } from './AskBox'
import { moment } from './clocks'
import { Behind } from './Behind'
import { ChairBar } from './ChairBar'
import { CourseStrip } from './CourseStrip'
import { ChairEnd } from './ChairEnd'
import { DoneTarget } from './DoneTarget'
import { Gauge } from './Gauge'
import { Heads } from './Heads'
import { MotionDrawing } from './MotionDrawing'
import { SectionIsland } from './SectionIsland'
import { StepWords } from './StepWords'
import { TimerRow } from './TimerRow'
import { clocks } from './timers'
import { useBell } from './useBell'
import { useChair, type ChairRun } from './useChair'
import { useHands } from './useHands'
import { useNow, useWakeLock } from './useNow'
import { useWater } from './useWater'

type ChairScreenProps = {
  chair: Chair
  /** What else stands at the chair for this head. */
  others: readonly WashDay[]
}

/** What hands do now, how wet the hair is, what runs meanwhile; the lower half is one target: done. */
export function ChairScreen({ chair, others }: ChairScreenProps) {
  const { day, planned } = chair
  const run = useChair(chair)
  const { record, take } = run
  const now = moment(record, useNow())
  useWakeLock()
  const [sound, setSound] = useStored('chair-sound', isBoolean)
  const index = record.open ?? 0
  const { live, since, level, band } = useWater(chair, run, now, index)
  const running = clocks(chair.timers, live?.timers ?? [], record, now)
  useBell(running, now, sound !== false)
  const step = day.routine.steps[index]
  const cue = chair.cues[index]
  const hands = useHands(run, index, cue?.sections ?? 1)
  const isSmall = useMedia('(max-width: 639px), (max-height: 540px)')
  const isTiny = useMedia('(max-height: 620px)')
  const reopen = () => take({ kind: 'BACK', step: record.steps.at(-1)?.index ?? 0 })
  if (record.finishedAt !== undefined)
    return <ChairEnd chair={chair} run={run} tide={live?.tide} onReopen={reopen} />
  if (step === undefined || cue === undefined) return null
  const behind = live?.late === true && <Behind day={day} record={record} live={live} take={take} />
  const strip = (
    <CourseStrip
      chair={chair}
      tide={live?.tide ?? planned.tide}
      minute={since}
      next={toCome(day.routine.steps.length, record, index)}
      clocks={running}
      now={now}
    />
  )
  return (
    <div
      data-chair
      className="bg-paper tall:grid-rows-[auto_minmax(0,1fr)_42dvh] short:grid-cols-[minmax(0,1fr)_32%] short:grid-rows-[auto_minmax(0,1fr)] grid h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_34dvh] overflow-hidden"
    >
      <div className="short:col-span-2">
        <ChairBar
          day={day}
          run={run}
          live={live}
          now={now}
          index={index}
          sound={sound !== false}
          onSound={setSound}
          onBack={hands.back}
        />
        <Heads own={day.id} now={now} />
        {!hands.isStarted && <Waiting days={others} />}
      </div>
      <div className="flex min-h-0 flex-col">
        <NowRow
          chair={chair}
          run={run}
          index={index}
          turn={hands.turn}
          counts={hands.counts}
          level={level}
          band={band}
        >
          {isSmall && behind}
          {isTiny && strip}
        </NowRow>
        <Said live={live} run={run} index={index} isPaused={hands.isPaused}>
          {!isSmall && behind}
        </Said>
        {!isTiny && strip}
        <TimerRow clocks={running} now={now} onAnswer={(timer) => take({ kind: 'ANSWERED', timer })} />
      </div>
      <DoneTarget
        isStarted={hands.isStarted}
        isPaused={hands.isPaused}
        isOpen={hands.isOpen}
        section={hands.counts && hands.isStarted ? { turn: hands.turn, of: cue.sections } : undefined}
        onDone={hands.done}
        onTakeBack={hands.takeBack}
      />
    </div>
  )
}

type SaidProps = {
  live: Live | undefined
  run: ChairRun
  index: number
  isPaused: boolean
  children: ReactNode
}

/** What is asked of the hands, and why they rest. */
function Said({ live, run, index, isPaused, children }: SaidProps) {
  return (
    <>
      {live?.ask?.step === index && run.delivered && (
        <AskBox ask={live.ask} onAnswer={(kind) => run.take({ kind, step: live.ask?.step ?? index })} />
      )}
      {children}
      {isPaused && (
        <p role="status" className="px-4 pb-1 text-lg leading-tight font-semibold sm:px-6 sm:text-xl">
          {pauseWords(live)}
        </p>
      )}
    </>
  )
}

type NowRowProps = {
  chair: Chair
  run: ChairRun
  index: number
  turn: number
  counts: boolean
  level: { lengths: number; roots: number }
  band: { low: number; high: number } | undefined
  children: ReactNode
}

/** What hands do, how, where, and how wet the hair is. */
function NowRow({ chair, run, index, turn, counts, level, band, children }: NowRowProps) {
  const step = chair.day.routine.steps[index]
  const cue = chair.cues[index]
  if (step === undefined || cue === undefined) return null
  const hands = <MotionDrawing motion={motionOf(step)} label="How hands move" />
  const where = <SectionIsland step={step} cue={cue} turn={turn} />
  return (
    <div className="short:grid-cols-[minmax(0,1fr)_6.5rem] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_6.5rem] grid-rows-[minmax(0,1fr)] sm:grid-cols-[minmax(0,1fr)_9rem_10rem_7rem] lg:grid-cols-[minmax(0,1fr)_14rem_17rem_9.5rem]">
      <StepWords chair={chair} run={run} index={index} turn={turn}>
        {children}
      </StepWords>
      <div className="short:hidden hidden min-h-0 content-center p-2 sm:grid">{hands}</div>
      <div className="short:hidden hidden min-h-0 p-2 sm:block">{where}</div>
      <Gauge lengths={level.lengths} roots={level.roots} low={band?.low} high={band?.high}>
        {counts ? where : hands}
      </Gauge>
    </div>
  )
}

/** Another routine of this head that stands here too. */
function Waiting({ days }: { days: readonly WashDay[] }) {
  if (days.length === 0) return null
  return (
    <p className="border-line border-b px-3 py-1 sm:px-6">
      Also here:{' '}
      {days.map((day) => (
        <Link
          key={day.id}
          to={`?day=${day.id}`}
          className="mr-4 inline-block min-h-11 content-center underline"
        >
          {day.name}
        </Link>
      ))}
    </p>
  )
}

/** Steps after the one in hand that are still to be done. */
function toCome(count: number, record: ChairRecord, index: number): number[] {
  return Array.from({ length: count }, (_, i) => i).filter((i) => i > index && !record.dropped.includes(i))
}

/** Hands are off, the water is not. */
function pauseWords(live: Live | undefined): string {
  return `Hands off; what works by itself works on. ${live?.rests.at(-1)?.said ?? ''}`.trim()
}

function isBoolean(value: unknown): value is boolean {
  return typeof value === 'boolean'
}
