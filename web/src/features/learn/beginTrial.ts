import { answered, api } from '../../api/client'
import type { TrialPlan } from '../../api/types'

/** Agrees a trial of one thing against another; which scores, and how many pairs it takes, the salon says. */
export async function beginTrial(
  client: number,
  used: string,
  tried: string,
  way: TrialPlan['way'] = 'HALVES',
): Promise<void> {
  const running = await answered(api.GET('/api/clients/{id}/trials', { params: { path: { id: client } } }))
  const same = ({ plan }: (typeof running)[number]) =>
    plan.stoppedAt === undefined && plan.used === used && plan.tried === tried
  if (running.some(same)) return
  await answered(
    api.POST('/api/clients/{id}/trials', {
      params: { path: { id: client } },
      body: { used, tried, way, startedAt: new Date().toISOString() },
    }),
  )
}
