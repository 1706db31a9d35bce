import type { Live } from '../../api/types'
import { pausedMs } from './timers'
import type { ChairRun } from './useChair'
import { figure } from '../../ui/figure'

type StepClockProps = { run: ChairRun; live: Live | undefined; now: Date; index: number }

/** How long this step has taken, and when all will be over. */
export function StepClock({ run, live, now, index }: StepClockProps) {
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
      {each !== undefined && <span className="ml-3">{figure(each)} min a section</span>}
      {end !== undefined && (
        <span className="ml-3">
          over at {end.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
        </span>
      )}
    </>
  )
}
