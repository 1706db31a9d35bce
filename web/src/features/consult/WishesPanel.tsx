import { Checks } from '../../ui/Checks'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { TextField } from '../../ui/TextField'
import { TOOLS, WISHES } from '../../api/words'
import { without, type Consult } from './consultState'
import { withText } from './ScalpPanel'

const DEGREES = [
  { value: '0', label: '0 no matter' },
  { value: '1', label: '1' },
  { value: '2', label: '2' },
  { value: '3', label: '3 above all' },
] as const
/** What is wanted, how long there is, what there is to work with, and where it will be worn. */
export function WishesPanel({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
  const { goal, limits, intake } = consult
  const limit = (change: Partial<Consult['limits']>) =>
    onChange({ ...consult, limits: { ...limits, ...change } })
  return (
    <>
      <div className="grid gap-x-4 gap-y-2 xl:grid-cols-2">
        {WISHES.map(({ wish, label, hint }) => (
          <Choice
            key={wish}
            label={label}
            {...(hint === undefined ? {} : { hint })}
            options={DEGREES}
            value={DEGREES.find((d) => d.value === String(goal[wish] ?? goal.definition))?.value}
            onChange={(degree) => onChange({ ...consult, goal: { ...goal, [wish]: Number(degree) } })}
          />
        ))}
      </div>
      <div className="flex flex-wrap gap-4">
        <NumberField
          label="Minutes there are"
          unit="min"
          min={15}
          max={4320}
          value={limits.minutes}
          onChange={(minutes) => limit({ minutes })}
        />
        <NumberField
          label="Of these hands-on"
          unit="min"
          min={0}
          max={4320}
          value={limits.chairMinutes}
          onChange={(chairMinutes) => limit({ chairMinutes })}
          onClear={() => {
            onChange({ ...consult, limits: without(limits, ['chairMinutes']) })
          }}
        />
      </div>
      <Checks
        label="Tools at hand"
        options={TOOLS}
        value={limits.tools ?? []}
        onChange={(tools) => limit({ tools })}
      />
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField
          label="Event"
          value={intake.event ?? ''}
          onChange={(words) => onChange(withText(consult, 'event', words))}
        />
        <TextField
          label="Its day and hour"
          type="datetime-local"
          value={intake.eventAt?.slice(0, 16) ?? ''}
          onChange={(at) => onChange(withText(consult, 'eventAt', at))}
        />
      </div>
      <WornThere consult={consult} onChange={onChange} />
    </>
  )
}

function WornThere({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
  const { intake } = consult
  const { worn } = intake
  return (
    <fieldset>
      <legend className="label mb-1">Where it will be worn, if other than this room</legend>
      <div className="flex flex-wrap gap-4">
        <NumberField
          label="Out there"
          unit="°C"
          min={-40}
          max={55}
          value={worn?.temperatureC}
          onChange={(temperatureC) => wear({ temperatureC, relativeHumidity: worn?.relativeHumidity ?? 60 })}
          onClear={() => wear(undefined)}
        />
        <NumberField
          label="Humidity there"
          unit="%"
          min={0}
          max={100}
          value={worn?.relativeHumidity}
          onChange={(relativeHumidity) => wear({ temperatureC: worn?.temperatureC ?? 20, relativeHumidity })}
          onClear={() => wear(undefined)}
        />
      </div>
    </fieldset>
  )

  function wear(there: Consult['intake']['worn'] | undefined) {
    const others = without(intake, ['worn'])
    onChange({ ...consult, intake: there === undefined ? others : { ...others, worn: there } })
  }
}
