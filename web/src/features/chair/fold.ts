import type { ChairEvent, ChairRecord, Step, StepDone } from '../../api/types'
import { inOrder } from './clocks'

/**
 * What the events of a run add up to: the same state machine as core's, so that the chair goes on while the server is
 * gone. A test feeds both the same runs.
 *
 * @param steps of the routine
 */
export function recordOf(steps: readonly Step[], events: readonly ChairEvent[]): ChairRecord {
  const { events: ordered, mended } = inOrder(events)
  const fold: Fold = { ...empty(), mended, routine: steps, wanted: new Set() }
  for (const event of ordered) {
    if (event.step === undefined || event.step < steps.length) take(fold, event)
  }
  return recorded(fold)
}

/** @param wanted steps asked for again after they were left out */
type Fold = ChairRecord & { routine: readonly Step[]; wanted: Set<number> }

function recorded(fold: Fold): ChairRecord {
  const { open, startedAt, finishedAt, pauses, given, swapped, notes, looks, righted, answered, mended } =
    fold
  return {
    steps: [...fold.steps].sort((a, b) => a.index - b.index),
    ...(open === undefined ? {} : { open }),
    ...(startedAt === undefined ? {} : { startedAt }),
    ...(finishedAt === undefined ? {} : { finishedAt }),
    pauses,
    dropped: fold.routine.flatMap((_, i) =>
      fold.dropped.includes(i) || (own(fold, i) === undefined && takesOutNothing(fold, i)) ? [i] : [],
    ),
    given,
    swapped,
    notes,
    looks,
    righted,
    answered,
    mended,
  }
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
    mended: [],
  }
}

function take(fold: Fold, event: ChairEvent): void {
  const { at, kind } = event
  const step = event.step ?? -1
  switch (kind) {
    case 'BEGIN':
      if (fold.open === undefined && fold.steps.length === 0) next(fold, -1, at)
      return
    case 'DONE':
    case 'SKIP':
      return end(fold, step, at, kind === 'SKIP')
    case 'BACK':
      return back(fold, step)
    case 'SECTION':
      return section(fold, step, event.section ?? -1, at)
    case 'DROP':
      if (own(fold, step) !== undefined) return
      fold.wanted.delete(step)
      if (!fold.dropped.includes(step)) fold.dropped = [...fold.dropped, step].sort((a, b) => a - b)
      return
    case 'RESTORE':
      fold.dropped = fold.dropped.filter((dropped) => dropped !== step)
      fold.wanted.add(step)
      return
    case 'AMOUNT':
      fold.given = replaced(fold.given, { ...place(event), ratio: event.ratio ?? 1 })
      return
    case 'SWAP':
      return swap(fold, event)
    case 'NOTE':
      return note(fold, event)
    case 'LOOK':
      if (event.look !== undefined)
        fold.looks.push({
          at,
          look: event.look,
          ...(event.trust === undefined ? {} : { trust: event.trust }),
        })
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
function next(fold: Fold, after: number, at: string): void {
  for (let i = after + 1; i < fold.routine.length; i++) {
    if (fold.dropped.includes(i) || own(fold, i) !== undefined || takesOutNothing(fold, i)) continue
    fold.open = i
    fold.steps.push({ index: i, startedAt: at, skipped: false, sectionEnds: [] })
    fold.startedAt = fold.steps.reduce((a, b) => (a.index < b.index ? a : b)).startedAt
    return
  }
  delete fold.open
  fold.finishedAt = at
  resume(fold, at)
}

/** Clips that were to go in before, and of which none did. */
function takesOutNothing(fold: Fold, index: number): boolean {
  if (fold.routine[index]?.action !== 'UNCLIP' || fold.wanted.has(index)) return false
  const clips = fold.routine.flatMap((step, i) => (i < index && step.action === 'CLIP_ROOTS' ? [i] : []))
  return clips.length > 0 && clips.every((i) => fold.dropped.includes(i) || own(fold, i)?.skipped === true)
}

function end(fold: Fold, index: number, at: string, skipped: boolean) {
  const step = own(fold, index)
  if (fold.open !== index || step === undefined) return // another device was quicker
  step.endedAt = at
  step.skipped = skipped
  resume(fold, at)
  next(fold, index, at)
}

function back(fold: Fold, index: number): void {
  const step = own(fold, index)
  if (step === undefined) return
  if (fold.open === index) {
    step.sectionEnds = step.sectionEnds.slice(0, -1)
    return
  }
  fold.steps = fold.steps.filter((other) => other.index <= index)
  delete step.endedAt
  step.skipped = false
  const count = sectionsOf(fold, index)
  if (count > 0 && step.sectionEnds.length === count) step.sectionEnds = step.sectionEnds.slice(0, -1)
  fold.open = index
  delete fold.finishedAt
}

function section(fold: Fold, index: number, done: number, at: string) {
  const step = own(fold, index)
  if (fold.open !== index || step === undefined || done !== step.sectionEnds.length) return
  step.sectionEnds = [...step.sectionEnds, at]
  if (step.sectionEnds.length >= sectionsOf(fold, index)) end(fold, index, at, false)
}

function sectionsOf(fold: Fold, index: number): number {
  return fold.routine[index]?.sections ?? 0
}

/** In the middle of a step only what is still to be done; once it is over, all of it was with the other product. */
function swap(fold: Fold, event: ChairEvent): void {
  const { product } = event
  if (product === undefined) return
  const at = place(event)
  const fromSection = fold.open === at.step ? (own(fold, at.step)?.sectionEnds.length ?? 0) : 0
  const before = fold.swapped.filter(
    (other) => other.step !== at.step || other.inner !== at.inner || other.fromSection < fromSection,
  )
  fold.swapped = [...before, { ...at, product, fromSection }]
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
  if (step !== undefined) {
    step.endedAt = at
    step.skipped = step.sectionEnds.length > 0 // left in the middle
  }
  delete fold.open
  fold.finishedAt = at
  resume(fold, at)
}
