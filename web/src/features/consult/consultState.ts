import type { Client, Hair, Limits, Zone, ZoneReadings } from '../../api/types'

/** A consult under way: readings may still be missing, zones hold only what differs. */
export type Reading = Partial<Pick<Hair, 'strand' | 'porosity' | 'pattern' | 'density' | 'lengthCm'>>

export const DAYS_SINCE = ['daysSinceWash', 'daysSinceProtein', 'daysSinceClarify'] as const
export type DaysSince = (typeof DAYS_SINCE)[number]

export type Tools = NonNullable<Limits['tools']>

/** What is at hand where nothing has been said. */
export const ALL_TOOLS: Tools = [
  'DIFFUSER',
  'COOL_SETTING',
  'HOODED_DRYER',
  'BRUSH',
  'COMB',
  'PICK',
  'CLIPS',
  'CAP',
  'TSHIRT',
]

export type Consult = {
  head: Reading
  zones: Partial<Record<Zone, ZoneReadings>>
  condition: NonNullable<Hair['condition']>
  scalp: NonNullable<Hair['scalp']>
  allergies: string
  buildUp: boolean
  newClient: boolean
  /** Days, as typed; empty where nobody knows. */
  daysSince: Record<DaysSince, string>
  tools: Tools
  naturalCm: string
  stretchedCm: string
  notes: string
}

export function fromClient(client: Client): Consult {
  const hair = client.hair
  return {
    head:
      hair === undefined
        ? {}
        : {
            strand: hair.strand,
            porosity: hair.porosity,
            pattern: hair.pattern,
            density: hair.density,
            lengthCm: hair.lengthCm,
          },
    zones: hair?.zones ?? {},
    condition: hair?.condition ?? [],
    scalp: hair?.scalp ?? [],
    allergies: (hair?.allergies ?? []).join(', '),
    buildUp: hair?.buildUp ?? false,
    newClient: hair?.newClient ?? hair === undefined,
    daysSince: {
      daysSinceWash: text(hair?.daysSinceWash),
      daysSinceProtein: text(hair?.daysSinceProtein),
      daysSinceClarify: text(hair?.daysSinceClarify),
    },
    tools: client.limits?.tools ?? ALL_TOOLS,
    naturalCm: hair?.measured === undefined ? '' : String(hair.measured.naturalCm),
    stretchedCm: hair?.measured === undefined ? '' : String(hair.measured.stretchedCm),
    notes: client.notes ?? '',
  }
}

function text(value: number | undefined): string {
  return value === undefined ? '' : String(value)
}

export const READINGS = ['strand', 'porosity', 'pattern', 'density', 'lengthCm'] as const

export function missing(consult: Consult): string[] {
  const names = {
    strand: 'strand',
    porosity: 'porosity',
    pattern: 'pattern',
    density: 'density',
    lengthCm: 'length',
  }
  return READINGS.filter((field) => consult.head[field] === undefined).map((field) => names[field])
}

/** The head as the server takes it; undefined while a reading is missing. */
export function toHair(consult: Consult): Hair | undefined {
  const { strand, porosity, pattern, density, lengthCm } = consult.head
  if (
    strand === undefined ||
    porosity === undefined ||
    pattern === undefined ||
    density === undefined ||
    lengthCm === undefined
  ) {
    return undefined
  }
  const zones = Object.fromEntries(
    Object.entries(consult.zones).filter(([, own]) => Object.keys(own).length > 0),
  )
  const allergies = consult.allergies
    .split(/[,;\n]/)
    .map((word) => word.trim())
    .filter((word) => word !== '')
  const days = Object.fromEntries(
    DAYS_SINCE.flatMap((field) =>
      consult.daysSince[field].trim() === ''
        ? []
        : [[field, Number(consult.daysSince[field].replace(',', '.'))]],
    ),
  )
  const measured =
    consult.naturalCm !== '' && consult.stretchedCm !== ''
      ? { measured: { naturalCm: Number(consult.naturalCm), stretchedCm: Number(consult.stretchedCm) } }
      : {}
  return {
    strand,
    porosity,
    pattern,
    density,
    lengthCm,
    zones,
    condition: consult.condition,
    scalp: consult.scalp,
    allergies,
    buildUp: consult.buildUp,
    newClient: consult.newClient,
    ...days,
    ...measured,
  }
}

/** Sets one reading for the head, or for one zone; a zone that now agrees with the head is no longer an exception. */
export function withReading(consult: Consult, zone: Zone | undefined, change: ZoneReadings): Consult {
  if (zone === undefined) return { ...consult, head: { ...consult.head, ...change } }
  const all: ZoneReadings = { ...consult.zones[zone], ...change }
  const own: ZoneReadings = Object.fromEntries(
    Object.entries(all).filter(
      ([field, value]) => !READINGS.some((r) => r === field && consult.head[r] === value),
    ),
  )
  return { ...consult, zones: { ...consult.zones, [zone]: own } }
}
