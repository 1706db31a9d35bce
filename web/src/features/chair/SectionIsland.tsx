import type { Cue, Step, Zone } from '../../api/types'
import { ZONES } from '../../api/types'
import { Island } from '../../chart/Island'

/** Where hands are: the zones of the step lit, on a counted step those of the section in hand, the done ones ticked. */
export function SectionIsland({ step, cue, turn }: { step: Step; cue: Cue; turn: number }) {
  const counted = cue.zonesBySection
  const lit = new Set<Zone>(counted.length > 0 ? counted[turn] : (step.zones ?? ZONES))
  const isDone = (zone: Zone) =>
    counted.length > 0 &&
    counted.some((zones, s) => s < turn && zones.includes(zone)) &&
    !counted.some((zones, s) => s >= turn && zones.includes(zone))
  const left = (zone: Zone) => counted.filter((zones, s) => s >= turn && zones.includes(zone)).length
  return (
    <div className="sm:h-full sm:max-h-64 sm:[&>div]:h-full sm:[&>div]:w-auto">
      <Island
        title=""
        lit={lit}
        value={(zone) => {
          if (counted.length === 0) return lit.has(zone) ? '●' : ''
          return isDone(zone) ? '✓' : left(zone) > 0 ? String(left(zone)) : ''
        }}
      />
    </div>
  )
}
