import { Later } from './later'
import type { AtTheWater } from './useAtTheWater'
import type { Open, Plan } from './usePlan'

/** In the place of the tabs: another routine laid over, a trial, or the step in hand; null where nothing is. */
export function inHand(water: AtTheWater, plan: Plan, open: Open, shown: number | undefined) {
  const { routine, judgement } = open
  const { other, trial } = water
  if (other !== undefined)
    return (
      <Later.Beside
        name={other.name}
        compared={water.beside}
        onTake={() => water.take(other.routine)}
        onLeave={water.unlay}
      />
    )
  if (trial !== undefined)
    return (
      <Later.Halves
        routine={routine}
        index={trial.index}
        inner={trial.inner}
        shelf={plan.shelf}
        onTake={water.change}
        onLeave={() => water.tryOn(undefined)}
      />
    )
  const step = shown === undefined ? undefined : routine.steps[shown]
  if (shown === undefined || step === undefined) return null
  return (
    <Later.StepPanel
      setting={plan.setting}
      routine={routine}
      index={shown}
      step={step}
      judgement={judgement}
      why={open.why}
      shelf={plan.shelf}
      onChange={water.change}
      onMend={water.take}
      onSelect={water.select}
      onClose={() => water.close(shown)}
      onLeaveOut={() => water.leaveOut(shown)}
      onPreview={water.lay}
      onHalves={(index, inner) => water.tryOn({ index, inner })}
    />
  )
}
