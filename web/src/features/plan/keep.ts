import type { QueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { Client, ClientDraft } from '../../api/types'
import type { Plan } from './usePlan'

/** Saves the client with something changed, as it stands otherwise. */
async function save(client: Client, change: Partial<ClientDraft>): Promise<void> {
  const { name, hair, schools, notes, intake, goal, limits } = client
  await answered(
    api.PUT('/api/clients/{id}', {
      params: { path: { id: client.id }, header: { 'If-Match': `"${client.version}"` } },
      body: {
        name,
        ...(goal === undefined ? {} : { goal }),
        ...(limits === undefined ? {} : { limits }),
        ...(hair === undefined ? {} : { hair }),
        ...(schools === undefined ? {} : { schools }),
        ...(notes === undefined ? {} : { notes }),
        ...(intake === undefined ? {} : { intake }),
        ...change,
      },
    }),
  )
}

/** The goal of this time is where the next begins. Somebody else's newer version of the client is left alone. */
export async function rememberGoal(client: Client, { draft }: Plan): Promise<void> {
  await save(client, { goal: draft.goal, limits: draft.limits }).catch(() => undefined)
}

/** This client's side from now on. */
export async function keepSchool(
  client: Client,
  key: string,
  side: string,
  queries: QueryClient,
): Promise<void> {
  await save(client, { schools: { ...client.schools, [key]: side } })
  await queries.invalidateQueries({ queryKey: ['client', client.id] })
}
