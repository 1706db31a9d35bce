import { lazy } from 'react'

const LOADERS = {
  addStep: () => import('./AddStep').then((m) => ({ default: m.AddStep })),
  stepPanel: () => import('./StepPanel').then((m) => ({ default: m.StepPanel })),
  halves: () => import('./Halves').then((m) => ({ default: m.Halves })),
  beside: () => import('./Beside').then((m) => ({ default: m.Beside })),
  schools: () => import('./SchoolsPanel').then((m) => ({ default: m.SchoolsPanel })),
  air: () => import('./AirPanel').then((m) => ({ default: m.AirPanel })),
  templates: () => import('./Templates').then((m) => ({ default: m.Templates })),
  printedCard: () => import('./PrintedCard').then((m) => ({ default: m.PrintedCard })),
  takeAlong: () => import('./TakeAlong').then((m) => ({ default: m.TakeAlong })),
}

/** What stands behind a tap on the plan: not needed to draw it, so loaded right after. */
export const Later = {
  AddStep: lazy(LOADERS.addStep),
  StepPanel: lazy(LOADERS.stepPanel),
  Halves: lazy(LOADERS.halves),
  Beside: lazy(LOADERS.beside),
  Schools: lazy(LOADERS.schools),
  Air: lazy(LOADERS.air),
  Templates: lazy(LOADERS.templates),
  PrintedCard: lazy(LOADERS.printedCard),
  TakeAlong: lazy(LOADERS.takeAlong),
}

/** Begins to load it all, so that no tap waits for it. */
export function loadLater() {
  for (const load of Object.values(LOADERS)) void load()
}
