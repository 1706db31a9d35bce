import type {
  ActionCard,
  ChairEvent,
  Family,
  Finding,
  FollowingDay,
  Hair,
  Intake,
  Limits,
  Moved,
  NightCare,
  PhotoKept,
  ReadingTaken,
  Routine,
  Scores,
  Step,
  Tests,
  Tide,
  Zone,
} from './types'
import said from './words.json'
import { signed } from '../ui/figure'

/** What hands do, as it is called and drawn. */
type Drawn = { label: string; motion: string }

export type Option<T extends string> = { value: T; label: string }

type OwnedTool = NonNullable<Limits['tools']>[number]

/** The words of a field, to choose from, in their order. */
export function options<T extends string>(words: Readonly<Record<T, string>>): readonly Option<T>[] {
  return keysOf(words).map((value) => ({ value, label: words[value] }))
}

function mapped<K extends string>(words: Record<K, string>, to: (word: string) => string): Record<K, string> {
  const all: Record<K, string> = { ...words }
  for (const key of keysOf(words)) all[key] = to(words[key])
  return all
}

/** The keys of a closed record. */
export function keysOf<K extends string>(record: Readonly<Record<K, unknown>>): K[] {
  return Object.keys(record) as K[] // closed: made by our own build
}

type Leveled = keyof typeof said.readings

/** The levels of a reading, each with what it is told by. */
export function levels<T extends string>(reading: Leveled): readonly Option<T>[] {
  const words: Record<string, { label: string; sign?: string }> = said.readings[reading]
  return keysOf(words).map((value) => {
    const { label, sign } = words[value] ?? { label: value }
    return { value: value as T, label: sign === undefined ? capital(label) : `${capital(label)}: ${sign}` } // closed: made by our own build
  })
}

type Seen = NonNullable<Hair['scalp']>[number]

/** What a scalp shows. */
export const SCALP: readonly Option<Seen>[] = keysOf<Seen>(said.scalp).map((value) => ({
  value,
  label: said.scalp[value].label,
}))

/** No styling until it is cleared. */
export function stopsStyling(seen: Seen): boolean {
  return said.scalp[seen].stops
}

/** What has happened to the fibre. */
export const CONDITION = options<NonNullable<Hair['condition']>[number]>(said.conditions)

/** What the chair has to mind. */
export const COMFORT = options<NonNullable<Intake['comfort']>[number]>(said.comfort)

export const COMFORT_WORD: Readonly<Record<(typeof COMFORT)[number]['value'], string>> = said.comfort

/** What build-up looks and feels like. */
export const BUILD_UP = options<NonNullable<Tests['buildUpSigns']>[number]>(said.buildUp)

export type Wish = keyof typeof said.wishes

/** What may be wanted, in the order it is asked for. */
export const WISHES: readonly { wish: Wish; label: string; hint: string | undefined }[] = keysOf(
  said.wishes,
).map((wish) => {
  const { label, hint }: { label: string; hint?: string } = said.wishes[wish]
  return { wish, label: capital(label), hint }
})

/** The parts of the work, in their order. */
export const PHASE: Readonly<Record<ActionCard['phase'], string>> = mapped(said.phases, capital)

/** What a step may say, as it is asked for. */
export const STEP_FIELD: Readonly<Record<keyof typeof said.stepFields, string>> = mapped(
  said.stepFields,
  capital,
)

/** What is seen at the chair. */
export const SIGN: Readonly<Record<NonNullable<ChairEvent['sign']>, string>> = said.signs

/** The five readings. */
export const READING: Readonly<Record<keyof typeof said.readingNames, string>> = said.readingNames

/** From where a head is photographed. */
export const PHOTO_VIEW: Readonly<Record<PhotoKept['view'], string>> = said.views

/** What keeps a style going, as a log calls it. */
export const REFRESHES = options<NonNullable<FollowingDay['refreshed']>[number]>(said.refreshes)

/** What an ingredient is to hair. */
export const FAMILY: Readonly<Record<Family, { label: string; mark?: string }>> = said.families

/** The moments on the tide that hands wait for. */
export const MARK: Readonly<Record<Tide['marks'][number]['what'], string>> = said.marks

/** Where a number or a rule comes from. */
export const SOURCE: Readonly<Record<Finding['source'], string>> = mapped(said.sources, capital)

/** What made somebody read the hair again. */
export const OCCASION: Readonly<Record<NonNullable<ReadingTaken['occasion']>, string>> = said.occasions

/** How likely two products curdle on each other. */
export const FLAKES = mapped(said.flakes, (word) => `${capital(word)}.`)

/** What the fingers saw of two products. */
export const RUBBED = options(said.rubbed)

/** What the air does to hair, by its dew point. */
export const AIRS = options(said.airs)

/** How much of a wish, from 0 to 3. */
export const DEGREES: readonly string[] = said.degrees

/** What the zones are called. */
export const ZONE_LABEL: Record<Zone, string> = said.zones

export const SCORE_LABEL: Record<keyof Scores, string> = mapped(said.scores, capital)

/** What may be at hand; where nothing is said, all of it is. */
export const TOOLS: readonly Option<OwnedTool>[] = options<OwnedTool>(said.tools)

/** Score by score, with its sign. */
export function moves(moved: readonly Moved[]): string {
  return moved.map(({ score, by }) => `${SCORE_LABEL[score]} ${signed(by)}`).join(' · ')
}

const ACTION: Record<Step['action'], Drawn> = said.actions

const TECHNIQUE: Record<NonNullable<Step['technique']>, Drawn> = said.techniques

/** What an action is called, as a line begins. */
function actionName(step: Step): string {
  return capital(ACTION[step.action].label)
}

/** How hands move in a step; of a group, the last they do on each section: the shaping. */
export function motionOf(step: Step): string {
  const inner = step.steps?.at(-1)
  if (inner !== undefined) return motionOf(inner)
  return step.technique === undefined ? ACTION[step.action].motion : TECHNIQUE[step.technique].motion
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
  if (step.technique !== undefined) parts.push(TECHNIQUE[step.technique].label)
  if (step.sections !== undefined) parts.push(step.sections === 1 ? '1 section' : `${step.sections} sections`)
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
  const action = actionName(step)
  if (worn === undefined) return onItsHalf(action, step)
  return onItsHalf(step.action === 'APPLY' ? worn : `${action}, ${worn}`, step)
}

/** What is done on one half of the head only says on which. */
export function onItsHalf(words: string, { half }: Step): string {
  return half === undefined ? words : `${words} (${said.fields.half[half]} half)`
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
  return said.wetness.find(({ fromPercent }) => percent >= fromPercent)?.word ?? 'dry'
}

/** "1 h 40", "25 min". */
export function minutesText(minutes: number): string {
  const whole = Math.round(minutes)
  if (whole < 100) return `${whole} min`
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}

/** What keeps the shape overnight, in a word or two. */
export const NIGHTS: readonly Option<NightCare>[] = keysOf<NightCare>(said.nights).map((value) => ({
  value,
  label: said.nights[value].brief,
}))

/** What is done at home from day to day, a line each. */
export function keeping(routine: Routine): string[] {
  const morning =
    routine.dailyRefresh === true ? 'Each morning: shake, mist the outside, leave it to dry.' : undefined
  const night = routine.nightCare
  const covered =
    night === undefined || night === 'NONE' ? undefined : `At night: ${said.nights[night].label}.`
  return [covered, morning].filter((line) => line !== undefined)
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
