import type { DeskLine } from '../../api/types'

/** Where one tap on a line of the desk leads. */
export function pathOf({ tap, clientId }: DeskLine): string {
  return clientId === undefined ? '/shelf' : `/clients/${clientId}/${tap.toLowerCase()}`
}
