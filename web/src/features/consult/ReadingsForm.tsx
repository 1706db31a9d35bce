import type { Hair, ZoneReadings } from '../../api/types'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import type { Reading } from './consultState'

type ReadingsFormProps = {
  head: Reading
  /** A zone's own readings; undefined while the whole head is set. */
  own: ZoneReadings | undefined
  onChange: (change: Reading) => void
}

const STRAND: readonly { value: Hair['strand']; label: string }[] = [
  { value: 'FINE', label: 'Fine: feels like nothing' },
  { value: 'MEDIUM', label: 'Medium' },
  { value: 'COARSE', label: 'Coarse: clearly felt' },
]
const POROSITY: readonly { value: Hair['porosity']; label: string }[] = [
  { value: 'LOW', label: 'Low: mist beads' },
  { value: 'MEDIUM', label: 'Medium' },
  { value: 'HIGH', label: 'High: gone at once' },
]
const DENSITY: readonly { value: Hair['density']; label: string }[] = [
  { value: 'LOW', label: 'Low: scalp shows' },
  { value: 'MEDIUM', label: 'Medium' },
  { value: 'HIGH', label: 'High: none shows' },
]
const PATTERNS = ['1', '2A', '2B', '2C', '3A', '3B', '3C', '4A', '4B', '4C'] as const

export function ReadingsForm({ head, own, onChange }: ReadingsFormProps) {
  const hint = (field: keyof Reading) =>
    own === undefined ? {} : { hint: own[field] === undefined ? 'as on the head' : 'its own' }
  return (
    <>
      <Choice
        label="Strand, rolled between finger and thumb"
        options={STRAND}
        value={own?.strand ?? head.strand}
        onChange={(strand) => onChange({ strand })}
        {...hint('strand')}
      />
      <Choice
        label="Porosity, misted clean and dry"
        options={POROSITY}
        value={own?.porosity ?? head.porosity}
        onChange={(porosity) => onChange({ porosity })}
        {...hint('porosity')}
      />
      <Choice
        label="Curl pattern"
        options={PATTERNS.map((value) => ({ value, label: value === '1' ? '1 straight' : value }))}
        value={own?.pattern ?? head.pattern}
        onChange={(pattern) => onChange({ pattern })}
        {...hint('pattern')}
      />
      <Choice
        label="Density"
        options={DENSITY}
        value={own?.density ?? head.density}
        onChange={(density) => onChange({ density })}
        {...hint('density')}
      />
      <NumberField
        label="Length, pulled straight"
        unit="cm"
        min={0.5}
        max={200}
        value={own?.lengthCm ?? head.lengthCm}
        onChange={(lengthCm) => onChange({ lengthCm })}
        {...hint('lengthCm')}
      />
    </>
  )
}
