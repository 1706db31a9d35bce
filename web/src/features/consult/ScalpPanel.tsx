import { COMFORT, CONDITION, SCALP, stopsStyling, ZONE_LABEL } from '../../api/words'
import { Caution } from '../../ui/Notice'
import { Checks } from '../../ui/Checks'
import { TextField } from '../../ui/TextField'
import { AllergyMeaning } from './AllergyMeaning'
import { only, withReading, without, type Consult, type Scope } from './consultState'

type ScalpPanelProps = { consult: Consult; scope: Scope; onChange: (next: Consult) => void }

/** Condition, scalp, allergies, comfort: what has to be minded. Seen, never diagnosed. */
export function ScalpPanel({ consult, scope, onChange }: ScalpPanelProps) {
  const stops = consult.scalp.some(stopsStyling)
  const put = (change: Partial<Consult['intake']>) =>
    onChange({ ...consult, intake: only({ ...consult.intake, ...change }) })
  return (
    <>
      <Checks
        label={scope === undefined ? 'Condition of the head' : `Condition of the ${ZONE_LABEL[scope]}`}
        options={CONDITION}
        value={
          scope === undefined ? consult.condition : (consult.zones[scope]?.condition ?? consult.condition)
        }
        onChange={(condition) =>
          onChange(
            scope === undefined ? { ...consult, condition } : withReading(consult, scope, { condition }),
          )
        }
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
            Calmly refer to a doctor or pharmacist. The plan stays closed until somebody clears it with a
            note. Local rules come first.
          </p>
        </Caution>
      )}
      {consult.scalp.includes('SHEDDING') && (
        <Caution title="Sudden shedding: refer to a doctor.">
          <p>Where the client wishes to go on: gentle hands, little heat, no tension.</p>
        </Caution>
      )}
      <TextField
        label="Known allergies, in the client’s words"
        value={consult.allergies}
        onChange={(allergies) => onChange({ ...consult, allergies })}
      />
      <AllergyMeaning said={consult.allergies} onSay={(allergies) => onChange({ ...consult, allergies })} />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Patch test on"
          type="date"
          value={consult.intake.patchTestOn ?? ''}
          onChange={(day) => onChange(withText(consult, 'patchTestOn', day))}
        />
        <TextField
          label="Patch test of"
          value={consult.intake.patchTestOf ?? ''}
          onChange={(what) => onChange(withText(consult, 'patchTestOf', what))}
        />
      </div>
      <p className="text-muted text-sm">
        A known sensitivity or a new product: 48 hours on the skin first. Nut, wheat and fragrance are named
        wherever a label carries them.
      </p>
      <Checks
        label="Comfort"
        options={COMFORT}
        value={consult.intake.comfort ?? []}
        onChange={(comfort) => put({ comfort })}
      />
      <TextField
        label="Comfort, in words"
        value={consult.intake.comfortNotes ?? ''}
        onChange={(words) => onChange(withText(consult, 'comfortNotes', words))}
      />
    </>
  )
}

type Worded =
  | 'patchTestOn'
  | 'patchTestOf'
  | 'comfortNotes'
  | 'inHairNow'
  | 'workedBefore'
  | 'failedBefore'
  | 'event'
  | 'eventAt'

/** With one of the consult's words set, or taken out where it is emptied. */
export function withText(consult: Consult, field: Worded, value: string): Consult {
  const others = without(consult.intake, [field])
  return { ...consult, intake: value === '' ? others : { ...others, [field]: value } }
}
