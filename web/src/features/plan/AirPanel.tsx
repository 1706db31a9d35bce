import { useQuery } from '@tanstack/react-query'
import { airChangesQuery, airQuery, outdoorsQuery, type Setting } from '../../api/queries'
import type { Air, AirReading, Product } from '../../api/types'
import { moves } from '../../api/words'
import { Button } from '../../ui/Button'
import { Unfinished } from '../../ui/Notice'
import { NumberField } from '../../ui/NumberField'

type AirPanelProps = {
  air: Air
  /** Something was typed in instead of what the instruments say. */
  typed: boolean
  setting: Setting
  shelf: Product[]
  onTyped: (air: Air) => void
  onInstruments: () => void
}

/** Today's air in words, where it comes from, and what it does to this plan. */
export function AirPanel({ air, typed, setting, shelf, onTyped, onInstruments }: AirPanelProps) {
  const room = useQuery(airQuery).data
  const outside = useQuery(outdoorsQuery).data
  const changes = useQuery(airChangesQuery(setting, shelf)).data
  return (
    <div className="grid gap-3">
      {room !== undefined && <Reading title="Room" reading={room} />}
      {outside !== undefined && <Reading title="Outside" reading={outside} />}
      {typed && changes !== undefined && (
        <p aria-live="polite">
          <b className="font-semibold">Typed in</b> {changes.words}.
        </p>
      )}
      {changes !== undefined && (
        <p>
          {changes.otherwise.length === 0
            ? 'In easy air the plan would be the same'
            : `For today’s air the plan is otherwise: ${changes.otherwise.join(', ')}`}
          {changes.moved.length > 0 && (
            <>
              ; against easy air it comes to <span className="figures">{moves(changes.moved)}</span>
            </>
          )}
          .
        </p>
      )}
      <Unfinished words={changes?.unfinished} />
      <AirFields air={air} outside={outside} onTyped={onTyped} />
      <div className="flex flex-wrap gap-2">
        {outside !== undefined && (
          <Button
            onClick={() =>
              onTyped({
                ...air,
                outdoors: {
                  temperatureC: outside.temperatureC,
                  relativeHumidity: outside.relativeHumidity,
                },
              })
            }
          >
            It is worn outside today
          </Button>
        )}
        {typed && <Button onClick={onInstruments}>Back to the instruments</Button>}
      </div>
    </div>
  )
}

type AirFieldsProps = { air: Air; outside: AirReading | undefined; onTyped: (air: Air) => void }

/** The room, and where the hair will be worn. */
function AirFields({ air, outside, onTyped }: AirFieldsProps) {
  const worn = air.outdoors
  return (
    <div className="flex flex-wrap gap-x-5 gap-y-2">
      <NumberField
        label="Room"
        unit="°C"
        min={-10}
        max={50}
        value={air.temperatureC}
        onChange={(temperatureC) => onTyped({ ...air, temperatureC })}
      />
      <NumberField
        label="Room humidity"
        unit="%"
        min={0}
        max={100}
        value={air.relativeHumidity}
        onChange={(relativeHumidity) => onTyped({ ...air, relativeHumidity })}
      />
      <NumberField
        label="Worn at"
        unit="°C"
        min={-40}
        max={55}
        value={worn?.temperatureC}
        onChange={(temperatureC) =>
          onTyped({
            ...air,
            outdoors: {
              temperatureC,
              relativeHumidity: worn?.relativeHumidity ?? outside?.relativeHumidity ?? air.relativeHumidity,
            },
          })
        }
      />
      <NumberField
        label="Worn humidity"
        unit="%"
        min={0}
        max={100}
        value={worn?.relativeHumidity}
        onChange={(relativeHumidity) =>
          onTyped({
            ...air,
            outdoors: {
              temperatureC: worn?.temperatureC ?? outside?.temperatureC ?? air.temperatureC,
              relativeHumidity,
            },
          })
        }
      />
    </div>
  )
}

function Reading({ title, reading }: { title: string; reading: AirReading }) {
  return (
    <p>
      <b className="font-semibold">{title}</b>{' '}
      <span className="figures">
        {reading.temperatureC}° {Math.round(reading.relativeHumidity)} % · dew point{' '}
        {Math.round(reading.dewPointC)}°
      </span>{' '}
      {reading.words}. <span className="text-muted text-sm">{reading.from}</span>
    </p>
  )
}
