import { ZONES, type Rating, type Zone, type ZoneRating } from '../../api/types'
import { isObject } from '../../ui/useStored'
import { measured, type Strand } from './Strands'

type Given = Partial<Record<keyof ZoneRating, number>>

/** Scores as they are being given: nothing is filled in beforehand. */
export type Draft = {
  castBroken?: 'yes' | 'no'
  rootsDry?: 'yes' | 'no'
  head: Given
  zones: Partial<Record<Zone, Given>>
  strands: Strand[]
  notes: string
}

export const EMPTY: Draft = { head: {}, zones: {}, strands: [], notes: '' }

function complete(given: Given): ZoneRating | undefined {
  const { definition, clumping, frizz, volume, ...more } = given
  return definition === undefined || clumping === undefined || frizz === undefined || volume === undefined
    ? undefined
    : { definition, clumping, frizz, volume, ...more }
}

/** Letters of a name that are kept. */
const MOST_NAME = 60

/** Whole scores; undefined as long as something needed is missing. */
export function toRating(draft: Draft, rater: string): Rating | undefined {
  const head = complete(draft.head)
  if (head === undefined || draft.castBroken === undefined || draft.rootsDry === undefined) return undefined
  const byZone: Rating['byZone'] = {}
  for (const zone of ZONES) byZone[zone] = { ...head, ...draft.zones[zone] }
  return {
    castBroken: draft.castBroken === 'yes',
    rootsDry: draft.rootsDry === 'yes',
    byZone,
    ...measured(draft.strands),
    ...(draft.notes === '' ? {} : { notes: draft.notes }),
    ...(rater.trim() === '' ? {} : { rater: rater.trim().slice(0, MOST_NAME) }),
  }
}

export function isDraft(value: unknown): value is Draft {
  return (
    isObject(value) && isObject(value['head']) && isObject(value['zones']) && Array.isArray(value['strands'])
  )
}
