import { lazy } from 'react'

const LOADERS = {
  today: () => import('../features/today/TodayPage').then((m) => ({ default: m.TodayPage })),
  newClient: () => import('../features/clients/NewClientPage').then((m) => ({ default: m.NewClientPage })),
  clients: () => import('../features/clients/ClientsPage').then((m) => ({ default: m.ClientsPage })),
  shelf: () => import('../features/shelf/ShelfPage').then((m) => ({ default: m.ShelfPage })),
  consult: () => import('../features/consult/ConsultPage').then((m) => ({ default: m.ConsultPage })),
  plan: () => import('../features/plan/PlanPage').then((m) => ({ default: m.PlanPage })),
  chair: () => import('../features/chair/ChairPage').then((m) => ({ default: m.ChairPage })),
  aftercare: () => import('../features/diary/AftercarePage').then((m) => ({ default: m.AftercarePage })),
  learn: () => import('../features/learn/LearnPage').then((m) => ({ default: m.LearnPage })),
  practice: () => import('../features/practice/PracticePage').then((m) => ({ default: m.PracticePage })),
  log: () => import('../features/log/LogPage').then((m) => ({ default: m.LogPage })),
}

/** The places of the app, each loaded when it is first gone to. */
export const Places = {
  Today: lazy(LOADERS.today),
  NewClient: lazy(LOADERS.newClient),
  Clients: lazy(LOADERS.clients),
  Shelf: lazy(LOADERS.shelf),
  Consult: lazy(LOADERS.consult),
  Plan: lazy(LOADERS.plan),
  Chair: lazy(LOADERS.chair),
  Log: lazy(LOADERS.log),
  Aftercare: lazy(LOADERS.aftercare),
  Learn: lazy(LOADERS.learn),
  Practice: lazy(LOADERS.practice),
}

/** Fetches those not gone to yet: the next is then there at once, and there without the server too. */
export async function loadAllPlaces(): Promise<void> {
  await Promise.all(Object.values(LOADERS).map((load) => load()))
}
