import { useStored } from '../../ui/useStored'

/**
 * How far a look moves the water that was worked out, 0 to 1, as the practice of whoever is named on this device says; kept here, for
 * the chair goes on without a network. Undefined where that person has not practised: then all the way.
 */
export function useHandTrust() {
  const [person] = useStored('practice-person', isText)
  return useStored(`chair-trust ${person ?? ''}`, isShare)
}

function isText(value: unknown): value is string {
  return typeof value === 'string'
}

function isShare(value: unknown): value is number {
  return typeof value === 'number' && value >= 0 && value <= 1
}
