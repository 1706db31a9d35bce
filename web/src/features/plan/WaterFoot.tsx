import type { Client } from '../../api/types'
import { Button } from '../../ui/Button'
import { picked } from './planHistory'
import { TakeToChair } from './TakeToChair'
import type { AtTheWater } from './useAtTheWater'
import type { Plan } from './usePlan'

type WaterFootProps = { client: Client; plan: Plan; water: AtTheWater }

/** What is done with the plan as it stands. */
export function WaterFoot({ client, plan, water }: WaterFootProps) {
  const { draft, setDraft } = plan
  const { selected, undo, redo } = water
  return (
    <>
      <TakeToChair client={client} plan={plan} onTaken={() => setDraft(undefined)} />
      <Button disabled={draft.past.length === 0} onClick={undo}>
        Undo
      </Button>
      <Button disabled={(draft.future ?? []).length === 0} onClick={redo}>
        Redo
      </Button>
      {draft.routine !== undefined && (
        <Button className="max-sm:hidden" onClick={() => setDraft(picked(draft, draft.pick, selected))}>
          As suggested
        </Button>
      )}
    </>
  )
}
