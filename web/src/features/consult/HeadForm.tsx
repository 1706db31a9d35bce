import type { Hair } from '../../api/types'
import { Caution } from '../../ui/Notice'
import { Checks } from '../../ui/Checks'
import { TextField } from '../../ui/TextField'
import type { Consult } from './consultState'

const SCALP: readonly { value: NonNullable<Hair['scalp']>[number]; label: string }[] = [
  { value: 'FLAKING', label: 'flaking' },
  { value: 'ITCHY', label: 'itchy' },
  { value: 'OILY', label: 'oily' },
  { value: 'DRY', label: 'dry' },
  { value: 'SORES', label: 'sores' },
  { value: 'SHEDDING', label: 'sudden shedding' },
  { value: 'INFESTED', label: 'lice' },
]
export const CONDITION: readonly { value: NonNullable<Hair['condition']>[number]; label: string }[] = [
  { value: 'BLEACHED', label: 'bleached' },
  { value: 'COLOURED', label: 'coloured' },
  { value: 'HEAT_DAMAGED', label: 'heat-damaged' },
  { value: 'CHEMICALLY_STRAIGHTENED', label: 'straightened' },
  { value: 'OVER_SOFT', label: 'over-soft' },
  { value: 'BRITTLE', label: 'brittle' },
]
const REFER = ['SORES', 'SHEDDING', 'INFESTED']

export function HeadForm({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
  const stops = consult.scalp.some((seen) => REFER.includes(seen))
  return (
    <>
      <Checks
        label="Condition"
        options={CONDITION}
        value={consult.condition}
        onChange={(condition) => onChange({ ...consult, condition })}
      />
      <Checks
        label="Scalp"
        options={SCALP}
        value={consult.scalp}
        onChange={(scalp) => onChange({ ...consult, scalp })}
      />
      {stops && (
        <Caution title="Do not style today.">
          <p>
            Calmly refer to a doctor or pharmacist. The plan stays closed until this is cleared. Local rules
            come first.
          </p>
        </Caution>
      )}
      <Checks
        label="In the hair now"
        options={[
          { value: 'buildUp', label: 'build-up: dull, coated, limp' },
          { value: 'newClient', label: 'first time here' },
        ]}
        value={(['buildUp', 'newClient'] as const).filter((sign) => consult[sign])}
        onChange={(ticked) =>
          onChange({
            ...consult,
            buildUp: ticked.includes('buildUp'),
            newClient: ticked.includes('newClient'),
          })
        }
      />
      <fieldset className="grid gap-1">
        <legend className="label mb-1">One lock by the ruler</legend>
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="hanging dry, cm"
            value={consult.naturalCm}
            numeric
            onChange={(naturalCm) => onChange({ ...consult, naturalCm })}
          />
          <TextField
            label="pulled straight, cm"
            value={consult.stretchedCm}
            numeric
            onChange={(stretchedCm) => onChange({ ...consult, stretchedCm })}
          />
        </div>
      </fieldset>
      <TextField
        label="Known allergies, as on a label"
        value={consult.allergies}
        onChange={(allergies) => onChange({ ...consult, allergies })}
      />
      <TextField label="Notes" value={consult.notes} onChange={(notes) => onChange({ ...consult, notes })} />
    </>
  )
}
