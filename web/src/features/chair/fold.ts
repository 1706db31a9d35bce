import type { ChairEvent, ChairRecord, StepDone } from '../../api/types'

/**
 * What the events of a run add up to: the same state machine as core's, so that the chair goes on while the server is
 * gone. A test feeds both the same runs.
 *
 * @param sections how many sections each step of the routine has, 0 where it has none
 */
export function recordOf(sections: readonly number[], events: readonly ChairEvent[]): ChairRecord {
  const known = new Set<string>()
  const fold = empty()
  for (const event of [...events].sort(inTime)) {
    const step = event.step
    if (known.has(event.id)) continue
    known.add(event.id)
    if (step !== undefined && step >= sections.length) continue
    take(fold, sections, event)
  }
  return { ...fold, steps: [...fold.steps].sort((a, b) => a.index - b.index) }
}

function empty(): ChairRecord {
  return {
    steps: [],
    pauses: [],
    dropped: [],
    given: [],
    swapped: [],
    notes: [],
    looks: [],
    righted: [],
    answered: [],
  }
}

function inTime(a: ChairEvent, b: ChairEvent): number {
  return (
    Date.parse(a.at) - Date.parse(b.at) ||
    (a.seq ?? 0) - (b.seq ?? 0) ||
    (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)
  )
}

function take(fold: ChairRecord, sections: readonly number[], event: ChairEvent): void {
  const { at, kind } = event
  const step = event.step ?? -1
  switch (kind) {
    case 'BEGIN':
      if (fold.open === undefined && fold.steps.length === 0) next(fold, sections, -1, at)
      return
    case 'DONE':
    case 'SKIP':
      return end(fold, sections, step, at, kind === 'SKIP')
    case 'BACK':
      return back(fold, sections, step)
    case 'SECTION':
      return section(fold, sections, step, event.section ?? -1, at)
    case 'DROP':
      if (own(fold, step) === undefined && !fold.dropped.includes(step))
        fold.dropped = [...fold.dropped, step].sort((a, b) => a - b)
      return
    case 'RESTORE':
      fold.dropped = fold.dropped.filter((dropped) => dropped !== step)
      return
    case 'AMOUNT':
      fold.given = replaced(fold.given, { ...place(event), ratio: event.ratio ?? 1 })
      return
    case 'SWAP':
      if (event.product !== undefined)
        fold.swapped = replaced(fold.swapped, { ...place(event), product: event.product })
      return
    case 'NOTE':
      return note(fold, event)
    case 'LOOK':
      if (event.look !== undefined) fold.looks.push({ at, look: event.look })
      return
    case 'MISTED':
    case 'SQUEEZED':
    case 'LEFT':
      fold.righted.push({ at, step, did: kind })
      return
    case 'PAUSE':
      if (fold.open !== undefined && (fold.pauses.length === 0 || fold.pauses.at(-1)?.to !== undefined))
        fold.pauses.push({ from: at })
      return
    case 'RESUME':
      return resume(fold, at)
    case 'ANSWERED':
      if (event.timer !== undefined && !fold.answered.includes(event.timer))
        fold.answered = [...fold.answered, event.timer].sort()
      return
    case 'FINISH':
      return finish(fold, at)
    default:
      kind satisfies never
  }
}

function own(fold: ChairRecord, index: number): StepDone | undefined {
  return fold.steps.find((step) => step.index === index)
}

/** Opens the first step after one that is neither done nor dropped; with none left the run is over. */
function next(fold: ChairRecord, sections: readonly number[], after: number, at: string): void {
  for (let i = after + 1; i < sections.length; i++) {
    if (fold.dropped.includes(i) || own(fold, i) !== undefined) continue
    fold.open = i
    fold.steps.push({ index: i, startedAt: at, skipped: false, sectionEnds: [] })
    fold.startedAt = fold.steps.reduce((a, b) => (a.index < b.index ? a : b)).startedAt
    return
  }
  delete fold.open
  fold.finishedAt = at
  resume(fold, at)
}

function end(fold: ChairRecord, sections: readonly number[], index: number, at: string, skipped: boolean) {
  const step = own(fold, index)
  if (fold.open !== index || step === undefined) return // another device was quicker
  step.endedAt = at
  step.skipped = skipped
  resume(fold, at)
  next(fold, sections, index, at)
}

function back(fold: ChairRecord, sections: readonly number[], index: number): void {
  const step = own(fold, index)
  if (step === undefined) return
  if (fold.open === index) {
    step.sectionEnds = step.sectionEnds.slice(0, -1)
    return
  }
  fold.steps = fold.steps.filter((other) => other.index <= index)
  delete step.endedAt
  step.skipped = false
  const count = sections[index] ?? 0
  if (count > 0 && step.sectionEnds.length === count) step.sectionEnds = step.sectionEnds.slice(0, -1)
  fold.open = index
  delete fold.finishedAt
}

function section(fold: ChairRecord, sections: readonly number[], index: number, done: number, at: string) {
  const step = own(fold, index)
  if (fold.open !== index || step === undefined || done !== step.sectionEnds.length) return
  step.sectionEnds = [...step.sectionEnds, at]
  if (step.sectionEnds.length >= (sections[index] ?? 0)) end(fold, sections, index, at, false)
}

function place(event: ChairEvent): { step: number; inner?: number } {
  const step = event.step ?? 0
  return event.inner === undefined ? { step } : { step, inner: event.inner }
}

function replaced<T extends { step: number; inner?: number }>(all: readonly T[], one: T): T[] {
  const at = all.findIndex((other) => other.step === one.step && other.inner === one.inner)
  return at < 0 ? [...all, one] : all.map((other, i) => (i === at ? one : other))
}

function note(fold: ChairRecord, { at, zone, sign }: ChairEvent): void {
  if (zone === undefined || sign === undefined) return
  const rest = fold.notes.filter((other) => other.zone !== zone || other.sign !== sign)
  fold.notes = rest.length < fold.notes.length ? rest : [...rest, { at, zone, sign }]
}

function resume(fold: ChairRecord, at: string): void {
  const last = fold.pauses.at(-1)
  if (last !== undefined && last.to === undefined) fold.pauses[fold.pauses.length - 1] = { ...last, to: at }
}

function finish(fold: ChairRecord, at: string): void {
  if (fold.steps.length === 0 || fold.finishedAt !== undefined) return
  const step = fold.open === undefined ? undefined : own(fold, fold.open)
  if (step !== undefined) step.endedAt = at
  delete fold.open
  fold.finishedAt = at
  resume(fold, at)
}
