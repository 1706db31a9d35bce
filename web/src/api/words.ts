import type { Hair, Limits, Moved, NightCare, Routine, Scores, Step, Zone } from './types'

export const ZONE_LABEL: Record<Zone, string> = {
  HAIRLINE: 'hairline',
  CROWN: 'crown',
  LEFT: 'left',
  RIGHT: 'right',
  BACK: 'back',
  NAPE: 'nape',
}

export const SCORE_LABEL: Record<keyof Scores, string> = {
  definition: 'Definition',
  clumping: 'Clumping',
  frizz: 'Frizz',
  shrinkagePercent: 'Shrinkage %',
  volume: 'Volume',
  softness: 'Softness',
  hold: 'Hold',
  weight: 'Weight',
  days: 'Days',
}

/** What may be at hand; where nothing is said, all of it is. */
export const TOOLS: readonly { value: NonNullable<Limits['tools']>[number]; label: string }[] = [
  { value: 'DIFFUSER', label: 'diffuser' },
  { value: 'COOL_SETTING', label: 'cool setting' },
  { value: 'HOODED_DRYER', label: 'hooded dryer' },
  { value: 'BRUSH', label: 'brush' },
  { value: 'COMB', label: 'comb' },
  { value: 'PICK', label: 'pick' },
  { value: 'CLIPS', label: 'clips' },
  { value: 'CAP', label: 'cap' },
  { value: 'TSHIRT', label: 'T-shirt' },
]

/** Score by score, with its sign. */
export function moves(moved: readonly Moved[]): string {
  return moved
    .map(({ score, by }) => `${SCORE_LABEL[score]} ${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(1)}`)
    .join(' · ')
}

const ACTION: Record<Step['action'], string> = {
  OIL_SCALP: 'Oil the scalp',
  DETANGLE: 'Detangle',
  CLEANSE: 'Cleanse',
  CLARIFY: 'Clarify',
  CONDITION: 'Condition',
  MASK: 'Mask',
  PROTEIN: 'Protein',
  RINSE: 'Rinse',
  SQUISH: 'Squish in water',
  SQUEEZE: 'Squeeze out',
  REWET: 'Re-wet',
  COVER: 'Cover',
  WAIT: 'Wait',
  SECTION: 'Section off',
  APPLY: 'Apply',
  SMOOTH: 'Smooth',
  SCRUNCH: 'Scrunch',
  PRESS: 'Press',
  COIL: 'Finger coil',
  SHINGLE: 'Shingle',
  BRUSH_STYLE: 'Brush-style',
  TWIST: 'Twist',
  DIVIDE_CLUMPS: 'Divide clumps',
  LIFT_ROOTS: 'Lift the roots',
  SHAKE_ROOTS: 'Shake the roots',
  SET_PART: 'Set the parting',
  MICROPLOP: 'Microplop',
  PLOP: 'Plop',
  WET_PLOP: 'Wet-plop',
  CLIP_ROOTS: 'Clip the roots',
  UNCLIP: 'Clips out',
  HOVER: 'Hover',
  CUP: 'Cup',
  HAMMOCK: 'Hammock',
  HOOD: 'Hood',
  FAN: 'Fan',
  AIR: 'Air dry',
  BREAK_CAST: 'Break the cast',
  PICK: 'Pick the roots',
  FLUFF: 'Fluff',
  STRETCH: 'Stretch',
  PIN_UP: 'Pin up',
  MIST: 'Mist',
  COVER_NIGHT: 'Cover for the night',
  EACH_SECTION: 'Section by section',
}

const TECHNIQUE: Record<NonNullable<Step['technique']>, string> = {
  RAKE: 'raked',
  PRAYING_HANDS: 'praying hands',
  GLAZE: 'glazed',
  SCRUNCH: 'scrunched in',
  SMOOTH: 'smoothed',
  PAT: 'patted on',
  SPRAY: 'sprayed',
  DROPS: 'in drops',
}

/** What a step puts on, or undefined. */
export function wornName(step: Step): string | undefined {
  return step.product?.name ?? step.mix?.map((part) => part.product.name).join(' + ')
}

/** The step in one line, as a stylist would say it. */
export function stepLine(step: Step): string {
  if (step.action === 'EACH_SECTION') {
    return `Section by section, ${step.sections}: ${(step.steps ?? []).map(shortName).join(', ')}`
  }
  const parts = [shortName(step)]
  if (step.technique !== undefined) parts.push(TECHNIQUE[step.technique])
  if (step.sections !== undefined) parts.push(`${step.sections} sections`)
  if (step.brushDirection === 'UP_AND_OUT') parts.push('up and out')
  if (step.brushDirection === 'DOWN') parts.push('down')
  if (step.toWetness !== undefined) parts.push(`to ${step.toWetness} %`)
  if (step.count !== undefined)
    parts.push(step.action === 'CLIP_ROOTS' ? `${step.count} clips` : `${step.count} times`)
  if (step.heat !== undefined) parts.push(step.heat.toLowerCase())
  if (step.untilDry !== undefined) parts.push(`to ${step.untilDry} % dry`)
  if (step.zones !== undefined) parts.push(step.zones.map((z) => ZONE_LABEL[z]).join(' and '))
  return parts.join(', ')
}

/** The fewest words that still name the step. */
export function shortName(step: Step): string {
  if (step.action === 'EACH_SECTION') {
    const inner = (step.steps ?? []).filter((own) => own.action !== 'MIST' && own.action !== 'REWET')
    return inner.map((own, i) => (i === 0 ? shortName(own) : shortName(own).toLowerCase())).join(', ')
  }
  const worn = wornName(step)
  if (worn === undefined) return ACTION[step.action]
  return step.action === 'APPLY' ? worn : `${ACTION[step.action]}, ${worn}`
}

/** A head in one line. */
export function hairLine(hair: Hair): string {
  const crown = hair.zones?.CROWN?.pattern
  const pattern =
    crown !== undefined && crown !== hair.pattern ? `${hair.pattern}, crown ${crown}` : hair.pattern
  return [
    hair.strand.toLowerCase(),
    `${hair.porosity.toLowerCase()} porosity`,
    pattern,
    `${hair.density.toLowerCase()} density`,
    `${hair.lengthCm} cm`,
  ].join(' · ')
}

export function wetnessWord(percent: number): string {
  if (percent >= 90) return 'dripping'
  if (percent >= 75) return 'soaking'
  if (percent >= 60) return 'wet'
  if (percent >= 35) return 'damp'
  return percent >= 2 ? 'nearly dry' : 'dry'
}

/** "1 h 40", "25 min". */
export function minutesText(minutes: number): string {
  const whole = Math.round(minutes)
  if (whole < 100) return `${whole} min`
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}

const NIGHT: Record<NightCare, string | undefined> = {
  NONE: undefined,
  SATIN: 'At night: a satin bonnet or pillow.',
  PINEAPPLE: 'At night: a loose pineapple, with a tie that does not crease, under satin.',
}

/** What is done at home from day to day, a line each. */
export function keeping(routine: Routine): string[] {
  const morning =
    routine.dailyRefresh === true ? 'Each morning: shake, mist the outside, leave it to dry.' : undefined
  return [routine.nightCare === undefined ? undefined : NIGHT[routine.nightCare], morning].filter(
    (line) => line !== undefined,
  )
}

/** As a sentence begins. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

/** A moment of a wash: by the clock where it is said when it begins, "11:05" for "09:30" and 95 minutes. */
export function momentText(minute: number, beginsAt: string | undefined): string {
  if (beginsAt === undefined || beginsAt === '') return minutesText(minute)
  const [hours = 0, minutes = 0] = beginsAt.split(':').map(Number)
  const at = (hours * 60 + minutes + Math.round(minute)) % 1440
  return `${Math.floor(at / 60)}:${String(at % 60).padStart(2, '0')}`
}

/** One section's part, as "1½ pumps a section"; what cannot be parted says itself how often it comes. */
export function eachWords(perSection: string): string {
  return perSection.includes(' every ') ? perSection : `${perSection} a section`
}

type Named = { id: number; name: string; hair?: Hair }

/** A client's name, with a line of reading where another has the same. */
export function toldApart(one: Named, all: readonly Named[]): string {
  const isAlone = all.every((other) => other.id === one.id || other.name !== one.name)
  return isAlone ? one.name : `${one.name}, ${one.hair === undefined ? 'not read yet' : hairLine(one.hair)}`
}
