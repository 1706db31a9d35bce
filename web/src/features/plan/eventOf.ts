import type { Client } from '../../api/types'

/** Events further off than this do not bear on today's water, in minutes. */
const NEAR = 3 * 24 * 60

/** What the client's hair is done for, as minutes after the work begins; undefined where none is near. */
export function eventOf(
  client: Client,
  beginsAt: string | undefined,
): { name: string; minute: number } | undefined {
  const at = client.intake?.eventAt
  if (at === undefined) return undefined
  const event = new Date(at)
  const begin = new Date()
  const [hours, minutes] = (beginsAt ?? '').split(':').map(Number)
  if (hours !== undefined && minutes !== undefined) begin.setHours(hours, minutes, 0, 0)
  const minute = (event.getTime() - begin.getTime()) / 60_000
  if (minute < 0 || minute > NEAR) return undefined
  const day =
    event.toDateString() === begin.toDateString()
      ? ''
      : `${event.toLocaleDateString('en-GB', { weekday: 'short' })} `
  const clock = event.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  return { name: `${client.intake?.event ?? 'the event'} ${day}${clock}`, minute }
}
