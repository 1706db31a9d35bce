import type { Step } from '../../api/types'

/** How hands or tools move in a step: what is drawn moving, and which way. */
export type Motion =
  | 'rake'
  | 'palms'
  | 'glaze'
  | 'scrunch'
  | 'coil'
  | 'brush'
  | 'press'
  | 'shake'
  | 'lift'
  | 'drops'
  | 'water'
  | 'squeeze'
  | 'cloth'
  | 'hover'
  | 'cup'
  | 'clip'
  | 'massage'
  | 'comb'
  | 'wait'
  | 'part'

const BY_TECHNIQUE: Record<NonNullable<Step['technique']>, Motion> = {
  RAKE: 'rake',
  PRAYING_HANDS: 'palms',
  GLAZE: 'glaze',
  SCRUNCH: 'scrunch',
  SMOOTH: 'palms',
  PAT: 'press',
  SPRAY: 'drops',
  DROPS: 'drops',
}

const BY_ACTION: Record<Step['action'], Motion> = {
  OIL_SCALP: 'massage',
  DETANGLE: 'comb',
  CLEANSE: 'massage',
  CLARIFY: 'massage',
  CONDITION: 'palms',
  MASK: 'palms',
  PROTEIN: 'palms',
  RINSE: 'water',
  SQUISH: 'scrunch',
  SQUEEZE: 'squeeze',
  REWET: 'water',
  COVER: 'cloth',
  WAIT: 'wait',
  SECTION: 'part',
  APPLY: 'palms',
  SMOOTH: 'palms',
  SCRUNCH: 'scrunch',
  PRESS: 'press',
  COIL: 'coil',
  SHINGLE: 'coil',
  BRUSH_STYLE: 'brush',
  TWIST: 'coil',
  DIVIDE_CLUMPS: 'rake',
  LIFT_ROOTS: 'lift',
  SHAKE_ROOTS: 'shake',
  SET_PART: 'part',
  MICROPLOP: 'squeeze',
  PLOP: 'cloth',
  WET_PLOP: 'cloth',
  CLIP_ROOTS: 'clip',
  UNCLIP: 'clip',
  HOVER: 'hover',
  CUP: 'cup',
  HAMMOCK: 'cup',
  HOOD: 'hover',
  FAN: 'hover',
  AIR: 'wait',
  BREAK_CAST: 'scrunch',
  PICK: 'lift',
  FLUFF: 'shake',
  STRETCH: 'hover',
  PIN_UP: 'clip',
  MIST: 'drops',
  COVER_NIGHT: 'cloth',
  EACH_SECTION: 'palms',
}

/** Of a group, the last thing hands do on each section: the shaping. */
export function motionOf(step: Step): Motion {
  const inner = step.steps?.at(-1)
  if (inner !== undefined) return motionOf(inner)
  return step.technique === undefined ? BY_ACTION[step.action] : BY_TECHNIQUE[step.technique]
}
