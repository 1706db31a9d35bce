import { useStored } from '../../ui/useStored'

/**
 * How far a look moves the water that was worked out, 0 to 1, as the practice of whoever works on this device says; kept here, for
 * the chair goes on without a network. Undefined where nobody practised: then all the way.
 */
export function useHandTrust() {
  return useStored('chair-trust', isShare)
}

function isShare(value: unknown): value is number {
  return typeof value === 'number' && value >= 0 && value <= 1
}
