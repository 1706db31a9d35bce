import { useQueryClient } from '@tanstack/react-query'
import type { Client } from '../../api/types'
import { useSame } from '../../ui/useSame'
import { AsItStands } from './AsItStands'
import { AtTheWater as Said } from './AtTheWater'
import { EventAhead } from './EventAhead'
import { eventOf } from './eventOf'
import { keepSchool } from './keep'
import { Later } from './later'
import { asInstrumentsSay, asked } from './planHistory'
import { Resting } from './Resting'
import type { AtTheWater } from './useAtTheWater'
import type { Open, Plan } from './usePlan'

/** What is said at the water and what may be asked there, a tab each. */
export function useWaterTabs(client: Client, plan: Plan, open: Open, below: Open, water: AtTheWater) {
  const { draft, setDraft, setting, shelf } = plan
  const { selected, take, lay } = water
  const { routine } = open
  const event = eventOf(client, draft.beginsAt)
  const queries = useQueryClient()
  // What is memoised below is drawn again only where what it says is another.
  const onTake = useSame(take)
  const onLay = useSame(lay)
  const onSelect = useSame(water.select)
  return [
    {
      value: 'water',
      label: 'At the water',
      content: (
        <div className="grid gap-2">
          <EventAhead
            event={event}
            minutes={below.judgement.minutes}
            limits={draft.limits}
            onLimits={(limits) => setDraft(asked(draft, { limits }, selected))}
          />
          <Resting client={client} setting={setting} />
          <Said
            judgement={below.judgement}
            why={below.why}
            asItStands={
              below.isByHand ? (
                <AsItStands setting={setting} routine={below.routine} onSelect={onSelect} />
              ) : undefined
            }
            onMend={onTake}
            onPreview={onLay}
            onSelect={onSelect}
          />
        </div>
      ),
    },
    {
      value: 'schools',
      label: 'Schools',
      content: (
        <Later.Schools
          setting={setting}
          shelf={shelf}
          onPreview={lay}
          onToday={(key, side) =>
            setDraft(asked(draft, { schools: { ...setting.schools, [key]: side } }, selected))
          }
          onClient={(key, side) => void keepSchool(client, key, side, queries)}
        />
      ),
    },
    {
      value: 'air',
      label: 'Air',
      content: (
        <Later.Air
          air={setting.air}
          typed={draft.air !== undefined}
          setting={setting}
          shelf={shelf}
          onTyped={(air) => setDraft(asked(draft, { air }, selected))}
          onInstruments={() => setDraft(asInstrumentsSay(draft, selected))}
        />
      ),
    },
    {
      value: 'kept',
      label: 'Templates',
      content: <Later.Templates setting={setting} shelf={shelf} routine={routine} onTake={take} />,
    },
    {
      value: 'along',
      label: 'Take along',
      content: <Later.TakeAlong setting={setting} routine={routine} onTake={take} />,
    },
  ]
}
