import type { Product } from '../../api/types'

export const NEW_PRODUCT: Product = {
  name: '',
  role: 'GEL',
  hold: 5,
  richness: 2,
  windowLow: 55,
  windowHigh: 96,
}
