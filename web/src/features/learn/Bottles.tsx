import { useQuery } from '@tanstack/react-query'
import { bottlesLearnedQuery } from '../../api/learningQueries'
import { shelfQuery } from '../../api/queries'

const VERDICT = {
  EARNS_ITS_PLACE: 'earns its place',
  WAITS: 'waits',
  LET_GO: 'let go',
} as const

/** Every bottle of the salon against what its label said, with what is left of it and what it cost. */
export function Bottles() {
  const { data } = useQuery(bottlesLearnedQuery)
  const items = useQuery(shelfQuery).data ?? []
  if (data === undefined || data.length === 0) return null
  return (
    <details className="border-ink border-t px-4 py-2">
      <summary className="label min-h-[24px] cursor-pointer">
        The bottles of the salon: what earns its place
      </summary>
      <div className="overflow-x-auto">
        <table className="w-full text-[0.95rem]">
          <thead>
            <tr className="text-muted text-left">
              <th className="py-1 pr-3 font-medium">Bottle</th>
              <th className="pr-3 font-medium">Verdict</th>
              <th className="pr-3 font-medium">Against its label</th>
              <th className="pr-3 text-right font-medium">Price</th>
              <th className="pr-3 text-right font-medium">Left, ml</th>
            </tr>
          </thead>
          <tbody>
            {data.map((bottle) => {
              const product = items.find((item) => item.product.name === bottle.bottle)?.product
              return (
                <tr key={bottle.bottle} className="border-line border-t border-dotted">
                  <th scope="row" className="py-1 pr-3 text-left font-semibold">
                    {bottle.bottle}
                  </th>
                  <td className="pr-3 whitespace-nowrap">{VERDICT[bottle.verdict]}</td>
                  <td className="figures pr-3">
                    {bottle.words}
                    {bottle.label.map((found) => (
                      <b key={found} className="block font-semibold">
                        {found}
                      </b>
                    ))}
                  </td>
                  <td className="figures pr-3 text-right">
                    {product?.priceCents === undefined ? '–' : (product.priceCents / 100).toFixed(2)}
                  </td>
                  <td className="figures pr-3 text-right">
                    {product?.stockMl === undefined ? '–' : Math.round(product.stockMl)}
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </details>
  )
}
