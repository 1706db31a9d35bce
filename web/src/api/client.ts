import createClient from 'openapi-fetch'
import type { paths } from './schema'
import type { Client, Fault } from './types'

/** The one door to the server; its types come from docs/openapi.json. */
export const api = createClient<paths>({ baseUrl: '/' })

/** Two equal requests to make something within so long are one hand's double touch, in ms. */
const ONE_TOUCH_MS = 2_500

/** What makes something that would then be there twice. */
const MAKING =
  /^\/api\/(clients(\/\d+\/wash-days)?|shelf\/(items|import)|shelves|templates|exchange(\/log)?)$/

let lastMade: { what: string; key: string; at: number } | undefined

// The same touch twice carries the same key, and the server does it once.
api.use({
  async onRequest({ request }) {
    if (request.method !== 'POST' || !MAKING.test(new URL(request.url).pathname)) return undefined
    const what = `${request.url} ${await request.clone().text()}`
    const now = performance.now()
    const isAgain = lastMade?.what === what && now - lastMade.at < ONE_TOUCH_MS
    const key = isAgain && lastMade !== undefined ? lastMade.key : crypto.randomUUID()
    lastMade = { what, key, at: isAgain && lastMade !== undefined ? lastMade.at : now }
    request.headers.set('Idempotency-Key', key)
    return request
  },
})

/** A problem the server described (RFC 9457), or that it could not be reached at all (status 0). */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: readonly Fault[],
    readonly current: unknown,
  ) {
    super(message)
  }
}

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The data of an answer; throws an {@link ApiError} carrying the problem otherwise. */
export async function answered<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await asked
  } catch {
    throw new ApiError(0, 'The server cannot be reached. What you have entered is kept here.', [], undefined)
  }
  if (answer.data !== undefined) return answer.data
  const problem: Record<string, unknown> = isRecord(answer.error) ? answer.error : {}
  const detail =
    typeof problem['detail'] === 'string' ? problem['detail'] : 'Something went wrong on the server.'
  const faults = Array.isArray(problem['faults']) ? problem['faults'].filter(isFault) : []
  throw new ApiError(answer.response.status, detail, faults, problem['current'])
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null
}

function isFault(value: unknown): value is Fault {
  return isRecord(value) && typeof value['pointer'] === 'string' && typeof value['message'] === 'string'
}

/** The server's version of a client, out of a stale write's problem. */
export function isClient(value: unknown): value is Client {
  return isRecord(value) && typeof value['id'] === 'number' && typeof value['version'] === 'number'
}
