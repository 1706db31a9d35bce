import type { Family, Product, Role } from '../../api/types'

export const ROLES: readonly { value: Role; label: string }[] = [
  { value: 'LEAVE_IN', label: 'leave-in' },
  { value: 'PRIMER', label: 'primer' },
  { value: 'CREAM', label: 'cream' },
  { value: 'OIL', label: 'oil' },
  { value: 'GEL', label: 'gel' },
  { value: 'MOUSSE', label: 'mousse' },
  { value: 'SPRAY', label: 'spray' },
  { value: 'HEAT_PROTECTANT', label: 'heat protectant' },
  { value: 'EDGE', label: 'edge gel' },
  { value: 'SHINE', label: 'shine mist' },
  { value: 'DRY_SHAMPOO', label: 'dry shampoo' },
  { value: 'CLEANSER', label: 'cleanser' },
  { value: 'CLARIFIER', label: 'clarifier' },
  { value: 'CONDITIONER', label: 'conditioner' },
  { value: 'MASK', label: 'mask' },
  { value: 'PROTEIN', label: 'protein' },
]

export function roleLabel(role: Role): string {
  return ROLES.find((r) => r.value === role)?.label ?? role
}

/** Two letters for each family, so that a marked-up label is read without colour. */
export const FAMILY: Record<Family, { mark: string; label: string }> = {
  WATER: { mark: 'Wa', label: 'water' },
  PROTEIN: { mark: 'Pr', label: 'protein' },
  AMINO_ACID: { mark: 'Aa', label: 'amino acid' },
  HUMECTANT: { mark: 'Hu', label: 'humectant' },
  FILM_FORMER: { mark: 'Ff', label: 'film former' },
  THICKENER: { mark: 'Th', label: 'thickener' },
  OIL: { mark: 'Oi', label: 'oil' },
  BUTTER: { mark: 'Bu', label: 'butter' },
  WAX: { mark: 'Wx', label: 'wax' },
  MINERAL_OIL: { mark: 'Mi', label: 'mineral oil' },
  SILICONE: { mark: 'Si', label: 'silicone that stays' },
  SILICONE_VOLATILE: { mark: 'Sv', label: 'silicone that leaves' },
  SILICONE_SOLUBLE: { mark: 'So', label: 'soluble silicone' },
  SULFATE: { mark: 'Su', label: 'sulfate' },
  STRONG_SURFACTANT: { mark: 'St', label: 'strong surfactant' },
  MILD_SURFACTANT: { mark: 'Ms', label: 'mild surfactant' },
  DRYING_ALCOHOL: { mark: 'Da', label: 'drying alcohol' },
  FATTY_ALCOHOL: { mark: 'Fa', label: 'fatty alcohol' },
  PARABEN: { mark: 'Pb', label: 'paraben' },
  PRESERVATIVE: { mark: 'Pv', label: 'preservative' },
  CONDITIONER: { mark: 'Co', label: 'conditioner' },
  EMULSIFIER: { mark: 'Em', label: 'emulsifier' },
  CHELATOR: { mark: 'Ch', label: 'chelator' },
  PH: { mark: 'pH', label: 'acidity' },
  FRAGRANCE: { mark: 'Fr', label: 'fragrance' },
  ALLERGEN: { mark: 'Al', label: 'named allergen' },
  ALLERGEN_2023: { mark: 'An', label: 'newer allergen' },
  VITAMIN: { mark: 'Vi', label: 'vitamin' },
  UV_FILTER: { mark: 'Uv', label: 'sun filter' },
  PROPELLANT: { mark: 'Pp', label: 'propellant' },
  COLOURANT: { mark: 'Ci', label: 'colour' },
  EXTRACT: { mark: 'Ex', label: 'extract' },
  OTHER: { mark: '··', label: 'other' },
}

export const NEW_PRODUCT: Product = {
  name: '',
  role: 'GEL',
  hold: 5,
  richness: 2,
  windowLow: 55,
  windowHigh: 96,
}
