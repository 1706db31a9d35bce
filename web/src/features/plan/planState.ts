import type { Reason, Routine, Step } from '../../api/types'
import { without } from '../../api/without'

export function withStep(routine: Routine, index: number, step: Step): Routine {
  return { ...routine, steps: routine.steps.map((own, i) => (i === index ? step : own)) }
}

export function withoutStep(routine: Routine, index: number): Routine {
  return { ...routine, steps: routine.steps.filter((_, i) => i !== index) }
}

export function inserted(routine: Routine, index: number, step: Step): Routine {
  return { ...routine, steps: [...routine.steps.slice(0, index), step, ...routine.steps.slice(index)] }
}

/** With a step moved to another place; unchanged where there is none. */
export function movedStep(routine: Routine, index: number, to: number): Routine {
  const steps = [...routine.steps]
  const [step] = steps.splice(index, 1)
  if (step === undefined || to < 0 || to > steps.length) return routine
  steps.splice(to, 0, step)
  return { ...routine, steps }
}

/** A step and the one after it, done section by section. */
export function grouped(routine: Routine, index: number): Routine {
  const [first, second] = routine.steps.slice(index, index + 2)
  if (first === undefined || second === undefined) return routine
  const inner = [first, second].flatMap((step) => step.steps ?? [own(step)])
  const frame: Step = {
    action: 'EACH_SECTION',
    sections: Math.max(2, first.sections ?? second.sections ?? 4),
    steps: inner,
  }
  return { ...routine, steps: [...routine.steps.slice(0, index), frame, ...routine.steps.slice(index + 2)] }
}

/** Minutes inside a section are that section's: the whole head's no longer fit. */
function own(step: Step): Step {
  return without(step, 'sections', 'minutes')
}

/** The steps of a section, done on the whole head one after the other. */
export function ungrouped(routine: Routine, index: number): Routine {
  const frame = routine.steps[index]
  if (frame?.steps === undefined) return routine
  const { sections } = frame
  const opened = frame.steps.map((step) => {
    const rest = without(step, 'minutes')
    return sections === undefined ? rest : { ...rest, sections }
  })
  return {
    ...routine,
    steps: [...routine.steps.slice(0, index), ...opened, ...routine.steps.slice(index + 1)],
  }
}

/**
 * What a suggestion says of the steps of a routine made from it: of each step that still stands as it was suggested, wherever
 * it stands now. A step that was changed has no reason of the old one's.
 */
export function reasonsOf(
  suggested: { routine: Routine; why: readonly Reason[] } | undefined,
  routine: Routine,
): Reason[] {
  if (suggested === undefined) return []
  const now = standing(
    suggested.routine.steps.map((step) => JSON.stringify(step)),
    routine.steps.map((step) => JSON.stringify(step)),
  )
  return suggested.why.flatMap((reason) => {
    if (reason.step === undefined) return [reason]
    const step = now[reason.step] ?? -1
    return step < 0 ? [] : [{ ...reason, step }]
  })
}

/** Where a step of the one routine stands in the other; undefined where it does not. */
export function placeIn(other: Routine, routine: Routine, index: number): number | undefined {
  const place = standing(
    routine.steps.map((step) => JSON.stringify(step)),
    other.steps.map((step) => JSON.stringify(step)),
  )[index]
  return place === undefined || place < 0 ? undefined : place
}

/** Where each of the old stands among the new, −1 where it does not: most of them in their order, else wherever they went. */
function standing(old: readonly string[], now: readonly string[]): number[] {
  const most = Array.from({ length: old.length + 1 }, () => new Array<number>(now.length + 1).fill(0))
  const at = (i: number, k: number) => most[i]?.[k] ?? 0
  for (let i = old.length - 1; i >= 0; i--)
    for (let k = now.length - 1; k >= 0; k--)
      (most[i] ?? [])[k] = old[i] === now[k] ? at(i + 1, k + 1) + 1 : Math.max(at(i + 1, k), at(i, k + 1))
  const stands = old.map(() => -1)
  for (let i = 0, k = 0; i < old.length && k < now.length;)
    if (old[i] === now[k]) stands[i++] = k++
    else if (at(i + 1, k) >= at(i, k + 1)) i++
    else k++
  const taken = new Set(stands)
  return stands.map((place, i) => {
    if (place >= 0) return place
    const moved = now.findIndex((own, k) => own === old[i] && !taken.has(k))
    taken.add(moved)
    return moved
  })
}
