import { Popover } from 'radix-ui'
import type { Limits } from '../../api/types'
import { without } from '../../api/without'
import { TOOLS } from '../../api/words'
import { Checks } from '../../ui/Checks'
import { NumberField } from '../../ui/NumberField'
import { limitBy, toolsHere, withTools } from './nearby'

type LimitsBoxProps = { limits: Limits; onChange: (limits: Limits) => void }

/** What else must hold: dry by when, hands for how long, at what cost, with which tools. */
export function LimitsBox({ limits, onChange }: LimitsBoxProps) {
  const set = [limits.mustBeDryBy, limits.chairMinutes, limits.maxCostCents, limits.tools].filter(
    (limit) => limit !== undefined,
  ).length
  return (
    <Popover.Root>
      <Popover.Trigger className="border-ink bg-paper h-8 border px-2.5 text-[0.95rem] hover:bg-shallow">
        Limits{set === 0 ? '' : `: ${set}`}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="Limits"
          align="end"
          sideOffset={6}
          collisionPadding={8}
          className="bg-paper border-ink z-20 grid w-[min(26rem,calc(100vw-1rem))] gap-3 border p-4"
        >
          <NumberField
            label="Must be dry within"
            unit="minutes"
            min={10}
            max={1440}
            value={limits.mustBeDryBy}
            onChange={(mustBeDryBy) => onChange({ ...limits, mustBeDryBy })}
            onClear={() => onChange(without(limits, 'mustBeDryBy'))}
            onStep={(steps) => onChange(limitBy(limits, 'mustBeDryBy', steps))}
          />
          <NumberField
            label="Hands-on at most"
            unit="minutes"
            min={10}
            max={1440}
            value={limits.chairMinutes}
            onChange={(chairMinutes) => onChange({ ...limits, chairMinutes })}
            onClear={() => onChange(without(limits, 'chairMinutes'))}
            onStep={(steps) => onChange(limitBy(limits, 'chairMinutes', steps))}
          />
          <NumberField
            label="Products at most"
            unit="in money"
            min={0.1}
            max={1000}
            value={limits.maxCostCents === undefined ? undefined : limits.maxCostCents / 100}
            onChange={(cost) => onChange({ ...limits, maxCostCents: Math.round(cost * 100) })}
            onClear={() => onChange(without(limits, 'maxCostCents'))}
            onStep={(steps) => onChange(limitBy(limits, 'maxCostCents', steps))}
          />
          <Checks
            label={limits.tools === undefined ? 'Tools here today: all' : 'Tools here today'}
            options={TOOLS}
            value={toolsHere(limits)}
            onChange={(tools) => onChange(withTools(limits, tools))}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
