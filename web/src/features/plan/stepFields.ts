import type { ActionCard, Step } from '../../api/types'
import { without } from '../../api/without'
import type { Option } from '../../ui/Choice'

export type StepField = ActionCard['fields'][number]

/** The words a field may take; what an action makes of them is core's. */
type Words = {
  [
    F in 'technique' | 'tool' | 'half' | 'heat' | 'speed' | 'brushDirection' | 'extent' | 'water' | 'from'
  ]: readonly Option<NonNullable<Step[F]>>[]
}

export type WordField = keyof Words

export const WORD_LABEL: Record<WordField, string> = {
  technique: 'Technique',
  tool: 'With',
  half: 'Half of the head',
  heat: 'Heat',
  speed: 'Speed',
  brushDirection: 'Brush',
  extent: 'How far',
  water: 'Water',
  from: 'From',
}

export const WORDS: Words = {
  technique: [
    { value: 'RAKE', label: 'raked' },
    { value: 'PRAYING_HANDS', label: 'praying hands' },
    { value: 'GLAZE', label: 'glazed' },
    { value: 'SCRUNCH', label: 'scrunched in' },
    { value: 'SMOOTH', label: 'smoothed' },
    { value: 'PAT', label: 'patted on' },
    { value: 'SPRAY', label: 'sprayed' },
    { value: 'DROPS', label: 'in drops' },
  ],
  tool: [
    { value: 'FINGERS', label: 'fingers' },
    { value: 'BRUSH', label: 'brush' },
    { value: 'COMB', label: 'comb' },
    { value: 'TSHIRT', label: 'T-shirt' },
    { value: 'MICROFIBRE', label: 'microfibre' },
    { value: 'TURBAN', label: 'turban' },
    { value: 'ROUGH_TOWEL', label: 'rough towel' },
    { value: 'PICK', label: 'pick' },
    { value: 'CAP', label: 'cap' },
  ],
  half: [
    { value: 'LEFT', label: 'left' },
    { value: 'RIGHT', label: 'right' },
  ],
  heat: [
    { value: 'COOL', label: 'cool' },
    { value: 'WARM', label: 'warm' },
    { value: 'HOT', label: 'hot' },
  ],
  speed: [
    { value: 'LOW', label: 'low' },
    { value: 'MEDIUM', label: 'medium' },
    { value: 'HIGH', label: 'high' },
  ],
  brushDirection: [
    { value: 'UP_AND_OUT', label: 'up and out' },
    { value: 'DOWN', label: 'down' },
    { value: 'FORWARD', label: 'forward' },
  ],
  extent: [
    { value: 'FULL', label: 'whole length' },
    { value: 'MID_TO_ENDS', label: 'middle to ends' },
  ],
  water: [
    { value: 'COOL', label: 'cool' },
    { value: 'WARM', label: 'warm' },
  ],
  from: [
    { value: 'ENDS', label: 'the ends' },
    { value: 'ROOTS', label: 'the roots' },
  ],
}

export const WORD_FIELDS = Object.keys(WORDS) as WordField[]

export const PARTS: readonly Option<NonNullable<Step['parts']>[number]>[] = [
  { value: 'SCALP', label: 'scalp' },
  { value: 'ROOTS', label: 'roots' },
  { value: 'LENGTHS', label: 'lengths' },
  { value: 'ENDS', label: 'ends' },
]

type Position = NonNullable<Step['position']>[number]

export const POSITIONS: readonly Option<Position>[] = [
  { value: 'UPRIGHT', label: 'upright' },
  { value: 'SIDE', label: 'to the side' },
  { value: 'UPSIDE_DOWN', label: 'upside down' },
  { value: 'RECLINED', label: 'reclined' },
]

/** With a field set, or taken out where there is nothing to say. */
export function put<F extends keyof Step>(step: Step, field: F, value: Step[F] | undefined): Step {
  const rest = without(step, field) as Step
  return value === undefined ? rest : { ...rest, [field]: value }
}
