import type { LabelReading, Product } from '../../api/types'

/** The label in one look: what the product will do. */
export function Traits({ reading, product }: { reading: LabelReading; product: Product }) {
  const { traits, allergens, unknown } = reading
  const said: string[] = []
  if (traits.protein === 'YES') said.push('protein early: strengthens')
  if (traits.protein === 'TRACE') said.push('protein in traces only')
  said.push(`humectants ${traits.humectants.toLowerCase()}`)
  said.push(`film formers ${traits.filmFormers.toLowerCase()}`)
  said.push(`oils ${traits.oils.toLowerCase()}`)
  if (traits.silicones === 'SOLUBLE') said.push('silicone that water takes off')
  if (traits.silicones === 'BUILDS_UP') said.push('silicone that stays')
  if (traits.waxes) said.push('wax')
  if (traits.mineralOil) said.push('mineral oil')
  if (traits.sulfates) said.push('sulfate')
  if (traits.dryingAlcohol) said.push('drying alcohol')
  if (traits.parabens) said.push('parabens')
  if (traits.propellant) said.push('propellant: away from flame and hot elements')
  return (
    <ul className="grid gap-0.5">
      <li>
        <b className="font-semibold">{product.name === '' ? 'This bottle' : product.name}:</b>{' '}
        {said.join(' · ')}.
      </li>
      {allergens.length > 0 && <li>Fragrance allergens named: {allergens.join(', ')}.</li>}
      {unknown.length > 0 && <li>Not in the dictionary, left open: {unknown.join(', ')}.</li>}
    </ul>
  )
}
