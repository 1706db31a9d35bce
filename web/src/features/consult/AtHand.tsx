import { Checks } from '../../ui/Checks'
import { TextField } from '../../ui/TextField'
import { DAYS_SINCE, type Consult, type DaysSince, type Tools } from './consultState'

const TOOLS: readonly { value: Tools[number]; label: string }[] = [
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
const SINCE: Record<DaysSince, string> = {
  daysSinceWash: 'wash',
  daysSinceProtein: 'protein',
  daysSinceClarify: 'clarifying',
}

/** How long since, and what there is to work with. */
export function AtHand({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
  return (
    <>
      <fieldset>
        <legend className="label mb-1">Days since the last</legend>
        <div className="grid max-w-md grid-cols-3 gap-3">
          {DAYS_SINCE.map((field) => (
            <TextField
              key={field}
              label={SINCE[field]}
              numeric
              value={consult.daysSince[field]}
              onChange={(days) =>
                onChange({ ...consult, daysSince: { ...consult.daysSince, [field]: days } })
              }
            />
          ))}
        </div>
      </fieldset>
      <Checks
        label="Tools at hand"
        options={TOOLS}
        value={consult.tools}
        onChange={(tools) => onChange({ ...consult, tools })}
      />
    </>
  )
}
