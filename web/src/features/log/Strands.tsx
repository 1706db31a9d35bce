import { ZONES, type Rating, type Zone } from '../../api/types'
import { ZONE_LABEL } from '../../api/words'
import { Button } from '../../ui/Button'
import { Select } from '../../ui/Select'
import { numberFault, numberIn } from '../../ui/numberText'
import { TextField } from '../../ui/TextField'
import { figure } from '../../ui/figure'

/** A strand as it is typed in. */
export type Strand = { zone: Zone; naturalCm: string; stretchedCm: string }

const ZONE_OPTIONS = ZONES.map((zone) => ({ value: zone, label: ZONE_LABEL[zone] }))
const NEW: Strand = { zone: 'CROWN', naturalCm: '', stretchedCm: '' }

/** As far as the server takes a length. */
const LENGTH = { label: 'It', unit: 'cm', min: 0.1, max: 200 }

/** No hair hangs longer than it can be pulled. */
function hangsLonger({ naturalCm, stretchedCm }: Strand): string | undefined {
  const [natural, stretched] = [numberIn(naturalCm), numberIn(stretchedCm)]
  return natural !== undefined && stretched !== undefined && natural > stretched
    ? 'Pulled straight it is no shorter than it hangs.'
    : undefined
}

type StrandsProps = { strands: Strand[]; onChange: (strands: Strand[]) => void }

/** Shrinkage by the ruler: several strands, each where it grows. */
export function Strands({ strands, onChange }: StrandsProps) {
  const rows = strands.length === 0 ? [NEW] : strands
  const put = (i: number, change: Partial<Strand>) =>
    onChange(rows.map((row, k) => (k === i ? { ...row, ...change } : row)))
  return (
    <fieldset className="grid gap-2">
      <legend className="label mb-1">Shrinkage by the ruler</legend>
      {rows.map((row, i) => (
        <div key={i} className="grid grid-cols-[1fr_4.2rem_4.2rem] items-end gap-2">
          <Select
            label={`Strand ${i + 1}`}
            options={ZONE_OPTIONS}
            value={row.zone}
            onChange={(zone) => put(i, { zone })}
          />
          <TextField
            label="hangs, cm"
            numeric
            value={row.naturalCm}
            fault={numberFault(row.naturalCm, LENGTH)}
            onChange={(naturalCm) => put(i, { naturalCm })}
          />
          <TextField
            label="pulled, cm"
            numeric
            value={row.stretchedCm}
            fault={numberFault(row.stretchedCm, LENGTH) ?? hangsLonger(row)}
            onChange={(stretchedCm) => put(i, { stretchedCm })}
          />
        </div>
      ))}
      <Button
        className="justify-self-start"
        disabled={!isTyped(rows.at(-1) ?? NEW)}
        onClick={() => onChange([...rows, { ...NEW, zone: nextZone(rows) }])}
      >
        Another strand
      </Button>
    </fieldset>
  )
}

/** A length of a strand as a ruler on a photograph read it, hanging or pulled straight. */
export type StrandRead = { zone: Zone; length: 'naturalCm' | 'stretchedCm'; centimetres: number }

/** With what was read, in the row of its zone. */
export function withRead(strands: readonly Strand[], { zone, length, centimetres }: StrandRead): Strand[] {
  const own = strands.findLast((strand) => strand.zone === zone)
  const read = { ...(own ?? { ...NEW, zone }), [length]: figure(centimetres) }
  return own === undefined ? [...strands, read] : strands.map((strand) => (strand === own ? read : strand))
}

function isTyped(row: Strand): boolean {
  return row.naturalCm !== '' && row.stretchedCm !== ''
}

/** The zone nobody has measured yet, while there is one. */
function nextZone(rows: readonly Strand[]): Zone {
  return ZONES.find((zone) => rows.every((row) => row.zone !== zone)) ?? 'CROWN'
}

/** What goes into the log: strands with both lengths. */
export function measured(rows: readonly Strand[]): Pick<Rating, 'strands'> {
  const strands = rows.filter(isTyped).map((row) => ({
    zone: row.zone,
    measured: { naturalCm: centimetres(row.naturalCm), stretchedCm: centimetres(row.stretchedCm) },
  }))
  return strands.length === 0 ? {} : { strands }
}

function centimetres(text: string): number {
  return Number(text.replace(',', '.'))
}
