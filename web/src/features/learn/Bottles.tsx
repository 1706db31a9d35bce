import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { bottlesLearnedQuery } from '../../api/learningQueries'
import { shelfQuery } from '../../api/queries'
import type { BottleLearned, LabelFound, ShelfItem } from '../../api/types'
import said from '../../api/words.json'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { figure } from '../../ui/figure'

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
            {data.map((bottle) => (
              <Line
                key={bottle.bottle}
                bottle={bottle}
                item={items.find((item) => item.product.name === bottle.bottle)}
              />
            ))}
          </tbody>
        </table>
      </div>
    </details>
  )
}

function Line({ bottle, item }: { bottle: BottleLearned; item: ShelfItem | undefined }) {
  const product = item?.product
  return (
    <tr className="border-line border-t border-dotted">
      <th scope="row" className="py-1 pr-3 text-left font-semibold">
        {bottle.bottle}
      </th>
      <td className="pr-3 whitespace-nowrap">{said.bottleVerdicts[bottle.verdict]}</td>
      <td className="figures pr-3">
        {bottle.words}
        {bottle.label.map((found) => (
          <Found key={found.words} found={found} item={item} />
        ))}
      </td>
      <td className="figures pr-3 text-right">
        {product?.priceCents === undefined ? '–' : figure(product.priceCents / 100, 2)}
      </td>
      <td className="figures pr-3 text-right">
        {product?.stockMl === undefined ? '–' : Math.round(product.stockMl)}
      </td>
    </tr>
  )
}

/** What the log shows of a label; one tap writes it on the bottle, and every plan goes by it. */
function Found({ found, item }: { found: LabelFound; item: ShelfItem | undefined }) {
  const queries = useQueryClient()
  const { hold, richness, windowLow } = found
  const write = useMutation({
    mutationFn: ({ id, version, product, shelfId, facts }: ShelfItem) =>
      answered(
        api.PUT('/api/shelf/items/{id}', {
          params: { path: { id }, header: { 'If-Match': `"${version}"` } },
          body: {
            product: {
              ...product,
              hold: hold ?? product.hold,
              richness: richness ?? product.richness,
              windowLow: windowLow ?? product.windowLow,
            },
            shelfId,
            facts: { ...facts, ...(windowLow === undefined ? {} : { windowFrom: 'LEARNED' as const }) },
          },
        }),
      ),
    onSettled: () => queries.invalidateQueries(),
  })
  const proposal = proposed(found)
  return (
    <span className="flex flex-wrap items-center gap-x-3 py-0.5">
      <b className="font-semibold">{found.words}</b>
      {proposal !== undefined && item !== undefined && (
        <Button disabled={write.isPending} onClick={() => write.mutate(item)}>
          {`Say ${proposal} on the bottle`}
        </Button>
      )}
      {write.error !== null && <Failure error={write.error} />}
    </span>
  )
}

/** What would be written on the bottle; undefined where nothing would. */
function proposed({ hold, richness, windowLow }: LabelFound): string | undefined {
  if (hold !== undefined) return `hold ${hold}`
  if (richness !== undefined) return `richness ${richness}`
  return windowLow === undefined ? undefined : `from ${windowLow} %`
}
