import { answered, api } from './client'
import type { Client, ClientDraft } from './types'

/** Saves the client with something changed, as it stands otherwise. */
export async function saveClient(client: Client, change: Partial<ClientDraft>): Promise<Client> {
  const { name, hair, schools, notes, intake, goal, limits } = client
  return answered(
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
