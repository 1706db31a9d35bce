import type { Limits } from '../../api/types'
import { Button } from '../../ui/Button'
import { Caution } from '../../ui/Notice'
import { LEAST_MINUTES } from './nearby'

type EventAheadProps = {
  event: { name: string; minute: number } | undefined
  /** Minutes until the last step is done. */
  minutes: number
  limits: Limits
  onLimits: (limits: Limits) => void
}

/** What the hair is done for comes before the hair is done: said while there is time to plan another way. */
export function EventAhead({ event, minutes, limits, onLimits }: EventAheadProps) {
  if (event === undefined || event.minute >= minutes) return null
  const by = Math.floor(event.minute)
  return (
    <Caution title={`This ends ${Math.ceil(minutes - event.minute)} min too late for ${event.name}.`}>
      {by >= LEAST_MINUTES && by < limits.minutes && (
        <Button className="mt-1.5" onClick={() => onLimits({ ...limits, minutes: by })}>
          Be done by then
        </Button>
      )}
    </Caution>
  )
}
