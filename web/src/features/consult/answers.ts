import type { TestCard, Tests } from '../../api/types'
import type { Option } from '../../api/words'

type Test = TestCard['test']

export type ChosenKey = 'strandRoll' | 'mist' | 'float' | 'scalpShows' | 'stretch'
export type MeasuredKey =
  | 'minutesToWet'
  | 'hoursToAirDry'
  | 'ponytailCm'
  | 'naturalCm'
  | 'stretchedCm'
  | 'curlDiameterMm'
  | 'turnsPer10cm'

type Chosen = { key: ChosenKey; label: string; options: readonly Option<string>[] }

function chosen<K extends ChosenKey>(
  key: K,
  label: string,
  words: Record<NonNullable<Tests[K]>, string>,
): Chosen {
  const options = Object.entries<string>(words).map(([value, word]) => ({ value, label: word }))
  return { key, label, options }
}

/** Tests answered by one of a few words. */
export const CHOSEN: Partial<Record<Test, Chosen>> = {
  STRAND_ROLL: chosen('strandRoll', 'Felt', { NOTHING: 'nothing', SOMETHING: 'something', CLEAR: 'clearly' }),
  MIST: chosen('mist', 'The mist', {
    BEADS: 'beads sit',
    SOAKS_SLOWLY: 'sinks slowly',
    GONE_AT_ONCE: 'gone at once',
  }),
  FLOAT: chosen('float', 'The strand', { FLOATS: 'floats', SINKS_SLOWLY: 'sinks slowly', SINKS: 'sinks' }),
  SCALP_LOOK: chosen('scalpShows', 'Scalp shows', { LITTLE: 'little', SOME: 'some', MUCH: 'much' }),
  STRETCH: chosen('stretch', 'Let go, it', { RETURNS: 'returns', STAYS_LONG: 'stays long', SNAPS: 'snaps' }),
}

type Measured = { key: MeasuredKey; label: string; unit: string; min: number; max: number }

/** Tests answered by a number, or two. */
export const MEASURED: Partial<Record<Test, readonly Measured[]>> = {
  TIME_TO_WET: [{ key: 'minutesToWet', label: 'Minutes to wet', unit: 'min', min: 0, max: 60 }],
  DRY_TIME: [{ key: 'hoursToAirDry', label: 'Hours to dry', unit: 'h', min: 0, max: 96 }],
  PONYTAIL: [{ key: 'ponytailCm', label: 'Girth', unit: 'cm', min: 0.5, max: 40 }],
  RULER: [
    { key: 'naturalCm', label: 'Hanging dry', unit: 'cm', min: 0.1, max: 200 },
    { key: 'stretchedCm', label: 'Pulled straight', unit: 'cm', min: 0.1, max: 200 },
  ],
  CURL: [
    { key: 'curlDiameterMm', label: 'Across one curl', unit: 'mm', min: 0.5, max: 200 },
    { key: 'turnsPer10cm', label: 'Turns in 10 cm', unit: 'turns', min: 0, max: 100 },
  ],
}
