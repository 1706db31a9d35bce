import { READING, TOOLS } from '../../api/words'
import type {
  Assessment,
  Client,
  Goal,
  Hair,
  Intake,
  Limits,
  Schools,
  Tests,
  Zone,
  ZoneReadings,
} from '../../api/types'
import { USUAL_GOAL, USUAL_LIMITS } from '../plan/planHistory'

/** Readings set by hand, or kept from last time; a reading left out follows from tests, or is assumed. */
export type Reading = Partial<Pick<Hair, 'strand' | 'porosity' | 'pattern' | 'density' | 'lengthCm'>>

export const READINGS = ['strand', 'porosity', 'pattern', 'density', 'lengthCm'] as const
export type ReadingName = (typeof READINGS)[number]

export const DAYS_SINCE = ['daysSinceWash', 'daysSinceProtein', 'daysSinceClarify'] as const
export type DaysSince = (typeof DAYS_SINCE)[number]

export type Tools = NonNullable<Limits['tools']>
/** Where a test or reading is taken: the whole head, or one zone. */
export type Scope = Zone | undefined
/** What tests say, for the whole head and for each zone that was tested apart. */
export type Found = {
  /** What stands in for a reading nobody took. */
  typical: Reading
  head: Assessment | undefined
  zones: Partial<Record<Zone, Assessment>>
}
export type Occasion = 'CHECK' | 'AFTER_BLEACH' | 'AFTER_COLOUR' | 'AFTER_TRIM' | 'SEASON'

/** What is at hand where nothing has been said. */
export const ALL_TOOLS: Tools = TOOLS.map((tool) => tool.value)

/** Everything a consult holds until it is saved. */
export type Consult = {
  head: Reading
  zones: Partial<Record<Zone, ZoneReadings>>
  tests: Tests
  zoneTests: Partial<Record<Zone, Tests>>
  /** Readings still open may be filled with the middle level, and are marked so. */
  assume: boolean
  condition: NonNullable<Hair['condition']>
  scalp: NonNullable<Hair['scalp']>
  allergies: string
  newClient: boolean
  /** Days, as typed; empty where nobody knows. */
  daysSince: Record<DaysSince, string>
  goal: Goal
  limits: Limits
  schools: Schools
  /** Words and dates beside the readings. */
  intake: Omit<Intake, 'tests' | 'zoneTests' | 'assumed'>
  notes: string
  occasion: Occasion
}

export function fromClient(client: Client): Consult {
  const hair = client.hair
  const { tests = {}, zoneTests = {}, assumed = [], ...intake } = client.intake ?? {}
  const head: Reading =
    hair === undefined
      ? {}
      : {
          strand: hair.strand,
          porosity: hair.porosity,
          pattern: hair.pattern,
          density: hair.density,
          lengthCm: hair.lengthCm,
        }
  const built: Tests = hair?.buildUp === true && tests.buildUp === undefined ? { buildUp: true } : {}
  const ruler: Tests = hair?.measured !== undefined && tests.naturalCm === undefined ? hair.measured : {}
  return {
    head: without(head, assumed),
    zones: hair?.zones ?? {},
    tests: { ...tests, ...built, ...ruler },
    zoneTests,
    assume: assumed.length > 0,
    condition: hair?.condition ?? [],
    scalp: hair?.scalp ?? [],
    allergies: (hair?.allergies ?? []).join(', '),
    newClient: hair?.newClient ?? hair === undefined,
    daysSince: {
      daysSinceWash: text(hair?.daysSinceWash),
      daysSinceProtein: text(hair?.daysSinceProtein),
      daysSinceClarify: text(hair?.daysSinceClarify),
    },
    goal: client.goal ?? USUAL_GOAL,
    limits: { tools: ALL_TOOLS, ...(client.limits ?? USUAL_LIMITS) },
    schools: client.schools ?? {},
    intake,
    notes: client.notes ?? '',
    occasion: 'CHECK',
  }
}

function text(value: number | undefined): string {
  return value === undefined ? '' : String(value)
}

/** Without what is undefined. */
export function only<T extends object>(some: T): T {
  // The same keys, less the empty ones.
  return Object.fromEntries(Object.entries(some).filter(([, value]) => value !== undefined)) as T
}

/** Without some of its keys. */
export function without<T extends object>(some: T, keys: readonly string[]): T {
  return Object.fromEntries(Object.entries(some).filter(([key]) => !keys.includes(key))) as T
}

/** A reading of the whole head and where it comes from. */
export type Known = { value: string | number | undefined; from: 'hand' | 'test' | 'assumed' | 'open' }

export function known(consult: Consult, found: Found, field: ReadingName): Known {
  const byHand = consult.head[field]
  if (byHand !== undefined) return { value: byHand, from: 'hand' }
  const tested = found.head?.hair[field]
  if (tested !== undefined) return { value: tested, from: 'test' }
  return consult.assume
    ? { value: found.typical[field], from: 'assumed' }
    : { value: undefined, from: 'open' }
}

/** What one zone reads: its own by hand, by its own tests, else the head's. */
export function inZone(consult: Consult, found: Found, zone: Zone, field: ReadingName) {
  return consult.zones[zone]?.[field] ?? found.zones[zone]?.hair[field] ?? known(consult, found, field).value
}

/** The whole head's five readings, undefined where one is still open. */
function headReadings(consult: Consult, found: Found): Required<Reading> | undefined {
  const tested = found.head?.hair ?? {}
  const all = { ...(consult.assume ? found.typical : {}), ...only(tested), ...only(consult.head) }
  const { strand, porosity, pattern, density, lengthCm } = all
  return strand === undefined ||
    porosity === undefined ||
    pattern === undefined ||
    density === undefined ||
    lengthCm === undefined
    ? undefined
    : { strand, porosity, pattern, density, lengthCm }
}

export function missing(consult: Consult, found: Found): string[] {
  return READINGS.filter((field) => known(consult, found, field).from === 'open').map((f) => READING[f])
}

export function assumedFields(consult: Consult, found: Found): ReadingName[] {
  return READINGS.filter((field) => known(consult, found, field).from === 'assumed')
}

/** Zones that read otherwise than the head. */
export function differing(consult: Consult, found: Found): ReadonlySet<Zone> {
  const zones = new Set<Zone>()
  for (const [zone, own] of Object.entries(allZones(consult, found))) {
    if (isZone(zone) && Object.keys(own).length > 0) zones.add(zone)
  }
  return zones
}

function isZone(word: string): word is Zone {
  return ['HAIRLINE', 'CROWN', 'LEFT', 'RIGHT', 'BACK', 'NAPE'].includes(word)
}

/** Each zone's own readings: by hand before by test, and nothing that only repeats the head. */
function allZones(consult: Consult, found: Found): Partial<Record<Zone, ZoneReadings>> {
  const zones: Partial<Record<Zone, ZoneReadings>> = {}
  const tested = Object.entries(found.zones).map(([zone, of]) => [zone, ofTests(of)] as const)
  for (const [zone, own] of [...tested, ...Object.entries(consult.zones)]) {
    if (isZone(zone)) zones[zone] = { ...zones[zone], ...own }
  }
  for (const [zone, own] of Object.entries(zones)) {
    if (!isZone(zone)) continue
    const differs = Object.entries(own).filter(
      ([field, value]) => !READINGS.some((r) => r === field && known(consult, found, r).value === value),
    )
    zones[zone] = Object.fromEntries(differs)
  }
  return zones
}

function ofTests({ hair }: Assessment): ZoneReadings {
  const { strand, porosity, pattern, density, lengthCm, measured, condition } = hair
  return only({
    strand,
    porosity,
    pattern,
    density,
    lengthCm,
    measured,
    condition: condition === undefined ? undefined : [condition],
  }) as ZoneReadings
}

/** One by one; a comma within a name, as in 1,3-diol, parts nothing. */
export function allergyWords(said: string): string[] {
  return said
    .split(/[;\n]|,(?!\d)/)
    .map((word) => word.trim())
    .filter((word) => word !== '')
}

/** The head as the server takes it; undefined while a reading is missing. */
export function toHair(consult: Consult, found: Found): Hair | undefined {
  const head = headReadings(consult, found)
  if (head === undefined) return undefined
  const zones = Object.fromEntries(
    Object.entries(allZones(consult, found)).filter(([, own]) => Object.keys(own).length > 0),
  )
  const allergies = allergyWords(consult.allergies)
  const days = Object.fromEntries(
    DAYS_SINCE.flatMap((field) =>
      consult.daysSince[field].trim() === ''
        ? []
        : [[field, Number(consult.daysSince[field].replace(',', '.'))]],
    ),
  )
  const tested = found.head?.hair
  const condition = new Set(consult.condition)
  if (tested?.condition !== undefined) condition.add(tested.condition)
  return only({
    ...head,
    zones,
    condition: [...condition],
    scalp: consult.scalp,
    allergies,
    buildUp: tested?.buildUp ?? false,
    newClient: consult.newClient,
    ...((consult.intake.comfort ?? []).includes('CHILD') ? { child: true } : {}),
    ...days,
    measured: tested?.measured,
  }) as Hair
}

export function toIntake(consult: Consult, found: Found): Intake {
  const zoneTests = Object.fromEntries(
    Object.entries(consult.zoneTests).filter(([, tests]) => Object.keys(tests).length > 0),
  )
  return only({
    ...consult.intake,
    tests: Object.keys(consult.tests).length === 0 ? undefined : consult.tests,
    zoneTests,
    assumed: assumedFields(consult, found),
  }) as Intake
}

/** Sets one reading for the head, or for one zone; a zone that now agrees with the head is no longer an exception. */
export function withReading(consult: Consult, zone: Scope, change: ZoneReadings): Consult {
  if (zone === undefined) return { ...consult, head: { ...consult.head, ...change } }
  const all: ZoneReadings = { ...consult.zones[zone], ...change }
  const own: ZoneReadings = Object.fromEntries(
    Object.entries(all).filter(
      ([field, value]) => !READINGS.some((r) => r === field && consult.head[r] === value),
    ),
  )
  return { ...consult, zones: { ...consult.zones, [zone]: own } }
}

/** With a reading taken back: what tests say of it, or nothing, stands again. */
export function withoutReading(consult: Consult, zone: Scope, field: ReadingName): Consult {
  if (zone === undefined) return { ...consult, head: without(consult.head, [field]) }
  return { ...consult, zones: { ...consult.zones, [zone]: without(consult.zones[zone] ?? {}, [field]) } }
}

/** Answers given or, where undefined, taken back. */
export type TestChange = { [K in keyof Tests]: Tests[K] | undefined }

/** Which reading a test speaks of. */
const SPEAKS_OF: Partial<Record<keyof Tests, ReadingName>> = {
  strandRoll: 'strand',
  strandMicrometres: 'strand',
  mist: 'porosity',
  float: 'porosity',
  minutesToWet: 'porosity',
  hoursToAirDry: 'porosity',
  ponytailCm: 'density',
  scalpShows: 'density',
  stretchedCm: 'lengthCm',
  curlDiameterMm: 'pattern',
  turnsPer10cm: 'pattern',
}

/** With a test answered (or taken back): what was set by hand before gives way to what the test finds. */
export function withTest(consult: Consult, zone: Scope, change: TestChange): Consult {
  const fields = Object.keys(change).flatMap((key) => SPEAKS_OF[key as keyof Tests] ?? [])
  const given = new Set(Object.keys(change))
  const kept = (before: Tests | undefined): Tests =>
    only({ ...without(before ?? {}, [...given]), ...change }) as Tests
  if (zone === undefined) {
    return { ...consult, head: without(consult.head, fields), tests: kept(consult.tests) }
  }
  return {
    ...consult,
    zones: { ...consult.zones, [zone]: without(consult.zones[zone] ?? {}, fields) },
    zoneTests: { ...consult.zoneTests, [zone]: kept(consult.zoneTests[zone]) },
  }
}

/** With one zone as the head again. */
export function asTheHead(consult: Consult, zone: Zone): Consult {
  return {
    ...consult,
    zones: { ...consult.zones, [zone]: {} },
    zoneTests: { ...consult.zoneTests, [zone]: {} },
  }
}
