import { motionOf } from '../../api/words'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { liveQuery } from '../../api/queries'
import type { Chair, ChairRecord, Live, WashDay } from '../../api/types'
import { waterAt } from '../../chart/tideGeometry'
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
import { useChair } from './useChair'
import { useGuard } from './useGuard'
import { useKeys } from './useKeys'
import { useNow, useWakeLock } from './useNow'

/** How often the water is asked for while nothing happens, in seconds. */
const ASK_SECONDS = 15

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
  const live = useQuery({
    ...liveQuery(day.id, run.count, Math.floor(now.getTime() / (ASK_SECONDS * 1000))),
    enabled: record.startedAt !== undefined && run.delivered,
    placeholderData: keepPreviousData,
  }).data
  const running = clocks(chair.timers, live?.timers ?? [], record, now)
  useBell(running, now, sound !== false)
  const index = record.open ?? 0
  const step = day.routine.steps[index]
  const cue = chair.cues[index]
  const isStarted = record.startedAt !== undefined
  const isPaused = record.pauses.length > 0 && record.pauses.at(-1)?.to === undefined
  const own = record.steps.find((s) => s.index === index)
  const turn = own?.sectionEnds.length ?? 0
  const counts = (cue?.sections ?? 1) > 1
  const guard = useGuard()
  const isSmall = useMedia('(max-width: 639px), (max-height: 540px)')
  const isTiny = useMedia('(max-height: 620px)')
  const done = () =>
    guard.pass(() => {
      if (isPaused) take({ kind: 'RESUME' })
      else if (!isStarted) take({ kind: 'BEGIN' })
      else if (counts) take({ kind: 'SECTION', step: index, section: turn })
      else take({ kind: 'DONE', step: index })
    })
  const back = () => {
    const before = record.steps.filter((s) => s.index < index).at(-1)
    if (counts && turn > 0) take({ kind: 'BACK', step: index })
    else if (before !== undefined) take({ kind: 'BACK', step: before.index })
  }
  const mayGoBack = isStarted && (turn > 0 || record.steps.some((s) => s.index < index))
  const takeBack = () => {
    guard.forget()
    back()
  }
  useKeys({ done, back, isOn: record.finishedAt === undefined })
  if (record.finishedAt !== undefined)
    return <ChairEnd chair={chair} run={run} tide={live?.tide} onReopen={() => take(reopened())} />
  if (step === undefined || cue === undefined) return null
  const hands = <MotionDrawing motion={motionOf(step)} label="How hands move" />
  const where = <SectionIsland step={step} cue={cue} turn={turn} />
  const band = live?.band?.step === index ? live.band : plannedBand(chair, index)
  const since = minutesSince(record.startedAt, now)
  const level = levelNow(live, planned.tide, since)
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
          onBack={back}
        />
        <Heads own={day.id} now={now} />
        {!isStarted && <Waiting days={others} />}
      </div>
      <div className="flex min-h-0 flex-col">
        <div className="short:grid-cols-[minmax(0,1fr)_6.5rem] grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_6.5rem] grid-rows-[minmax(0,1fr)] sm:grid-cols-[minmax(0,1fr)_9rem_10rem_7rem] lg:grid-cols-[minmax(0,1fr)_14rem_17rem_9.5rem]">
          <StepWords chair={chair} run={run} index={index} turn={turn}>
            {isSmall && behind}
            {isTiny && strip}
          </StepWords>
          <div className="short:hidden hidden min-h-0 content-center p-2 sm:grid">{hands}</div>
          <div className="short:hidden hidden min-h-0 p-2 sm:block">{where}</div>
          <Gauge lengths={level.lengths} roots={level.roots} low={band?.low} high={band?.high}>
            {counts ? where : hands}
          </Gauge>
        </div>
        {live?.ask?.step === index && run.delivered && (
          <AskBox ask={live.ask} onAnswer={(kind) => take({ kind, step: live.ask?.step ?? index })} />
        )}
        {!isSmall && behind}
        {isPaused && (
          <p role="status" className="px-4 pb-1 text-lg leading-tight font-semibold sm:px-6 sm:text-xl">
            {pauseWords(live)}
          </p>
        )}
        {!isTiny && strip}
        <TimerRow clocks={running} now={now} onAnswer={(timer) => take({ kind: 'ANSWERED', timer })} />
      </div>
      <DoneTarget
        isStarted={isStarted}
        isPaused={isPaused}
        isOpen={guard.isOpen}
        section={counts && isStarted ? { turn, of: cue.sections } : undefined}
        onDone={done}
        onTakeBack={guard.mayRegret && !isPaused && mayGoBack ? takeBack : undefined}
      />
    </div>
  )

  function reopened() {
    return { kind: 'BACK' as const, step: record.steps.at(-1)?.index ?? 0 }
  }
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

function minutesSince(start: string | undefined, now: Date): number {
  return start === undefined ? 0 : Math.max(0, (now.getTime() - Date.parse(start)) / 60_000)
}

/** What the bottle says, until the server has said what holds here. */
function plannedBand({ planned }: Chair, index: number) {
  const worn = planned.amounts.filter((a) => a.step === index).at(-1)?.product
  if (worn === undefined || (worn.windowLow <= 0 && worn.windowHigh >= 100)) return undefined
  return { low: worn.windowLow, high: worn.windowHigh }
}

/** Between two answers of the server the water is read off the last tide; without any, off the plan's. */
function levelNow(live: Live | undefined, planned: Live['tide'], minute: number) {
  if (live === undefined)
    return { lengths: waterAt(planned, 'lengths', minute), roots: waterAt(planned, 'roots', minute) }
  const fallen = (water: 'lengths' | 'roots') =>
    waterAt(live.tide, water, minute) - waterAt(live.tide, water, live.minute)
  return {
    lengths: Math.max(0, Math.min(100, live.lengths + fallen('lengths'))),
    roots: Math.max(0, Math.min(100, live.roots + fallen('roots'))),
  }
}
