import type { Step } from '../../api/types'
import said from '../../api/words.json'

/** What the line of a step leaves out: with what, from where, in which position, for how long. */
export function stepDetail(step: Step): string {
  const { tool, from, position } = said.fields
  const positions = step.position === undefined ? [] : [step.position].flat()
  return [
    step.tool === undefined ? undefined : tool[step.tool],
    step.from === undefined ? undefined : `from ${from[step.from]}`,
    positions.length === 0 ? undefined : positions.map((one) => position[one]).join(', '),
    step.minutes === undefined || step.minutes < 1 ? undefined : `${step.minutes} min`,
    ...(step.steps ?? []).map(stepDetail),
  ]
    .filter((part) => part !== undefined && part !== '')
    .join(' · ')
}
