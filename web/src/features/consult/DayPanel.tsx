import { BUILD_UP } from '../../api/words'
import { Checks } from '../../ui/Checks'
import { TextField } from '../../ui/TextField'
import { numberFault } from '../../ui/numberText'
import { DAYS_SINCE, withTest, type Consult, type DaysSince } from './consultState'
import { withText } from './ScalpPanel'

const SINCE: Record<DaysSince, string> = {
  daysSinceWash: 'wash',
  daysSinceProtein: 'protein',
  daysSinceClarify: 'clarifying',
}
/** As far back as anybody remembers. */
const DAYS = { unit: 'days', min: 0, max: 3650 }
/** What is in the hair today and what came before. */
export function DayPanel({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
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
              fault={numberFault(consult.daysSince[field], { ...DAYS, label: 'It' })}
              onChange={(days) =>
                onChange({ ...consult, daysSince: { ...consult.daysSince, [field]: days } })
              }
            />
          ))}
        </div>
      </fieldset>
      <Checks
        label="Signs of build-up"
        options={BUILD_UP}
        value={consult.tests.buildUpSigns ?? []}
        onChange={(signs) =>
          onChange(
            withTest(consult, undefined, {
              buildUpSigns: signs.length === 0 ? undefined : signs,
              buildUp: undefined,
            }),
          )
        }
      />
      <Checks
        label="Visit"
        options={[{ value: 'new', label: 'first time here' }]}
        value={consult.newClient ? ['new'] : []}
        onChange={(ticked) => onChange({ ...consult, newClient: ticked.length > 0 })}
      />
      <TextField
        label="In the hair now"
        value={consult.intake.inHairNow ?? ''}
        onChange={(words) => onChange(withText(consult, 'inHairNow', words))}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="What worked before"
          value={consult.intake.workedBefore ?? ''}
          onChange={(words) => onChange(withText(consult, 'workedBefore', words))}
        />
        <TextField
          label="What failed before"
          value={consult.intake.failedBefore ?? ''}
          onChange={(words) => onChange(withText(consult, 'failedBefore', words))}
        />
      </div>
      <TextField label="Notes" value={consult.notes} onChange={(notes) => onChange({ ...consult, notes })} />
    </>
  )
}
