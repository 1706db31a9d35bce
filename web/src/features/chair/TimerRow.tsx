import { FoldedRow } from '../../ui/FoldedRow'
import { countdown, type Clock } from './timers'

type TimerRowProps = { clocks: readonly Clock[]; now: Date; onAnswer: (key: string) => void }

/** All clocks that run, the next to ring first. A tap answers one that rang. */
export function TimerRow({ clocks, now, onAnswer }: TimerRowProps) {
  if (clocks.length === 0) return null
  return (
    <FoldedRow
      label="Timers"
      items={clocks}
      keyOf={(clock) => clock.key}
      least={136}
      className="border-line border-t px-4 py-1.5 sm:px-6"
    >
      {(clock) => <Timer clock={clock} now={now} onAnswer={onAnswer} />}
    </FoldedRow>
  )
}

function Timer({ clock, now, onAnswer }: { clock: Clock; now: Date; onAnswer: (key: string) => void }) {
  const left = clock.until - now.getTime()
  const isDue = clock.every === undefined && left <= 0
  return (
    <button
      type="button"
      disabled={!isDue}
      onClick={() => onAnswer(clock.key)}
      className={`border-ink relative grid min-h-12 content-center overflow-hidden border px-2.5 text-left ${isDue ? 'rings bg-ink text-paper' : 'text-ink'}`}
    >
      {!isDue && (
        <span
          aria-hidden
          className="bg-shallow absolute inset-y-0 left-0 -z-0"
          style={{ width: share(clock, now) }}
        />
      )}
      <span className="label relative leading-tight text-inherit">
        {clock.name}
        {isDue ? ' · over' : ''}
      </span>
      <span className="figures relative text-xl leading-none">
        {clock.every === undefined
          ? `${clock.isEstimate ? 'about ' : ''}${countdown(left)}`
          : `move on in ${Math.ceil(left / 1000)} s`}
        {clock.every !== undefined && clock.beats > 0 && (
          <span className="text-base"> · place {clock.beats + 1}</span>
        )}
      </span>
    </button>
  )
}

function share(clock: Clock, now: Date): string {
  const since = clock.every === undefined ? clock.since : clock.until - clock.every * 1000
  const whole = clock.until - since
  const gone = whole <= 0 ? 1 : (now.getTime() - since) / whole
  return `${Math.round(100 * Math.max(0, Math.min(1, gone)))}%`
}
