import { countdown, type Clock } from './timers'

type TimerRowProps = { clocks: readonly Clock[]; now: Date; onAnswer: (key: string) => void }

/** All clocks that run, the next to ring first. A tap answers one that rang. */
export function TimerRow({ clocks, now, onAnswer }: TimerRowProps) {
  if (clocks.length === 0) return null
  return (
    <ul aria-label="Timers" className="border-line flex gap-2 overflow-x-auto border-t px-4 py-1.5 sm:px-6">
      {clocks.map((clock) => {
        const left = clock.until - now.getTime()
        const isDue = clock.every === undefined && left <= 0
        return (
          <li key={clock.key} className="shrink-0">
            <button
              type="button"
              disabled={!isDue}
              onClick={() => onAnswer(clock.key)}
              className={`border-ink relative grid min-h-12 min-w-28 content-center overflow-hidden border px-3 text-left ${isDue ? 'rings bg-ink text-paper' : 'text-ink'}`}
            >
              {!isDue && (
                <span
                  aria-hidden
                  className="bg-shallow absolute inset-y-0 left-0 -z-0"
                  style={{ width: share(clock, now) }}
                />
              )}
              <span className="label relative text-inherit">
                {clock.name}
                {isDue ? ' · over' : ''}
              </span>
              <span className="figures relative text-xl leading-none">
                {clock.every === undefined
                  ? `${clock.isEstimate ? 'about ' : ''}${countdown(left)}`
                  : `${Math.ceil(left / 1000)} s · move on, ${clock.beats}`}
              </span>
            </button>
          </li>
        )
      })}
    </ul>
  )
}

function share(clock: Clock, now: Date): string {
  const since = clock.every === undefined ? clock.since : clock.until - clock.every * 1000
  const whole = clock.until - since
  const gone = whole <= 0 ? 1 : (now.getTime() - since) / whole
  return `${Math.round(100 * Math.max(0, Math.min(1, gone)))}%`
}
