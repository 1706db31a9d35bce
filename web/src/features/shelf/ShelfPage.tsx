import { useQuery } from '@tanstack/react-query'
import { productsQuery } from '../../api/queries'
import type { Product } from '../../api/types'
import { Empty, Failure, Waiting } from '../../ui/Notice'

export function ShelfPage() {
  const { data, error } = useQuery(productsQuery)
  if (error !== null) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the shelf" />
  return (
    <>
      <h1 className="py-4 text-2xl font-semibold">Shelf</h1>
      {data.length === 0 ? (
        <Empty title="Nothing on the shelf">
          <p>
            Plans are made from what stands here. Products are added by POST /api/products; the demo brings a
            full shelf.
          </p>
        </Empty>
      ) : (
        <div className="sheet overflow-x-auto" tabIndex={0} role="region" aria-label="Products">
          <table className="w-full min-w-[46rem] text-left">
            <thead>
              <tr className="border-ink border-b">
                {['Product', 'Role', 'Hold', 'Richness', 'Works on hair', 'Dose', 'Left'].map((head) => (
                  <th key={head} scope="col" className="label px-4 py-2">
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {data.map((product) => (
                <Row key={product.id} product={product} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </>
  )
}

function Row({ product }: { product: Product }) {
  return (
    <tr className="border-line border-b last:border-b-0">
      <th scope="row" className="px-4 py-2 font-medium">
        {product.name}
      </th>
      <td className="text-muted px-4">{product.role.toLowerCase().replace('_', '-')}</td>
      <td className="figures px-4">{product.hold}</td>
      <td className="figures px-4">{product.richness}</td>
      <td className="px-4">
        <Window low={product.windowLow} high={product.windowHigh} />
      </td>
      <td className="figures px-4">
        {product.doseUnit === undefined ? '–' : `${product.doseUnit.name}, ${product.doseUnit.ml} ml`}
      </td>
      <td className="figures px-4">{product.stockMl === undefined ? '–' : `${product.stockMl} ml`}</td>
    </tr>
  )
}

/** The wetness window as a post laid on its side, dry left, dripping right. */
function Window({ low, high }: { low: number; high: number }) {
  return (
    <span className="figures flex items-center gap-2">
      <svg viewBox="0 0 104 12" className="h-3 w-28" aria-hidden>
        <rect x="2" y="5" width="100" height="2" fill="var(--water)" />
        <path
          d={`M${2 + low} 1v10M${2 + high} 1v10M${2 + low} 6H${2 + high}`}
          stroke="var(--ink)"
          strokeWidth="2"
        />
      </svg>
      {low}–{high} %
    </span>
  )
}
