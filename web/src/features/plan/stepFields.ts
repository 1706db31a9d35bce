import type { ActionCard, Step } from '../../api/types'
import { without } from '../../api/without'
import { keysOf, options } from '../../api/words'
import said from '../../api/words.json'
import type { Option } from '../../ui/Choice'

export type StepField = ActionCard['fields'][number]

/** The words a field may take; what an action makes of them is core's. */
type Words = {
  [
    F in 'technique' | 'tool' | 'half' | 'heat' | 'speed' | 'brushDirection' | 'extent' | 'water' | 'from'
  ]: readonly Option<NonNullable<Step[F]>>[]
}

export type WordField = keyof Words

export const WORDS: Words = {
  technique: options<NonNullable<Step['technique']>>(said.fields.technique),
  tool: options<NonNullable<Step['tool']>>(said.fields.tool),
  half: options<NonNullable<Step['half']>>(said.fields.half),
  heat: options<NonNullable<Step['heat']>>(said.fields.heat),
  speed: options<NonNullable<Step['speed']>>(said.fields.speed),
  brushDirection: options<NonNullable<Step['brushDirection']>>(said.fields.brushDirection),
  extent: options<NonNullable<Step['extent']>>(said.fields.extent),
  water: options<NonNullable<Step['water']>>(said.fields.water),
  from: options<NonNullable<Step['from']>>(said.fields.from),
}

export const WORD_FIELDS = keysOf(WORDS)

export const PARTS = options<NonNullable<Step['parts']>[number]>(said.fields.parts)

type Position = NonNullable<Step['position']>[number]

export const POSITIONS = options<Position>(said.fields.position)

/** With a field set, or taken out where there is nothing to say. */
export function put<F extends keyof Step>(step: Step, field: F, value: Step[F] | undefined): Step {
  const rest = without(step, field) as Step
  return value === undefined ? rest : { ...rest, [field]: value }
}
