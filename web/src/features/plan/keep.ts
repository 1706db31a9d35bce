import type { QueryClient } from '@tanstack/react-query'
import { saveClient } from '../../api/saveClient'
import type { Client } from '../../api/types'
import type { Plan } from './usePlan'

/** The goal of this time is where the next begins. Somebody else's newer version of the client is left alone. */
export async function rememberGoal(client: Client, { draft }: Plan): Promise<void> {
  await saveClient(client, { goal: draft.goal, limits: draft.limits }).catch(() => undefined)
}

/** This client's side from now on. */
export async function keepSchool(
  client: Client,
  key: string,
  side: string,
  queries: QueryClient,
): Promise<void> {
  await saveClient(client, { schools: { ...client.schools, [key]: side } })
  await queries.invalidateQueries({ queryKey: ['client', client.id] })
}
