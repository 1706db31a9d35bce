import type { Client, Hair, Zone, ZoneReadings } from '../../api/types'

/** A consult under way: readings may still be missing, zones hold only what differs. */
export type Reading = Partial<Pick<Hair, 'strand' | 'porosity' | 'pattern' | 'density' | 'lengthCm'>>

export type Consult = {
  head: Reading
  zones: Partial<Record<Zone, ZoneReadings>>
  condition: NonNullable<Hair['condition']>
  scalp: NonNullable<Hair['scalp']>
  allergies: string
  buildUp: boolean
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
    naturalCm: hair?.measured === undefined ? '' : String(hair.measured.naturalCm),
    stretchedCm: hair?.measured === undefined ? '' : String(hair.measured.stretchedCm),
    notes: client.notes ?? '',
  }
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
export function toHair(consult: Consult, before: Hair | undefined): Hair | undefined {
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
  const measured =
    consult.naturalCm !== '' && consult.stretchedCm !== ''
      ? { measured: { naturalCm: Number(consult.naturalCm), stretchedCm: Number(consult.stretchedCm) } }
      : {}
  return {
    ...(before ?? {}),
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
    ...measured,
  }
}

/** Sets one reading for the head, or for one zone; a zone that now agrees with the head is no longer an exception. */
export function withReading(consult: Consult, zone: Zone | undefined, change: Reading): Consult {
  if (zone === undefined) return { ...consult, head: { ...consult.head, ...change } }
  const all: ZoneReadings = { ...consult.zones[zone], ...change }
  const own: ZoneReadings = Object.fromEntries(
    Object.entries(all).filter(
      ([field, value]) => !READINGS.some((r) => r === field && consult.head[r] === value),
    ),
  )
  return { ...consult, zones: { ...consult.zones, [zone]: own } }
}
