import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import { bottlesLearnedQuery } from '../../api/learningQueries'
import { shelfQuery } from '../../api/queries'
import type { BottleLearned, LabelFound, ShelfItem } from '../../api/types'
import said from '../../api/words.json'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { figure } from '../../ui/figure'
import { OnKinds } from './OnKinds'

/** A line under the other where it is wide, a block each on a phone. */
const COLUMNS =
  'grid grid-cols-[minmax(0,1fr)_auto] gap-x-3 sm:grid-cols-[11rem_7rem_minmax(0,1fr)_4rem_4rem]'

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
      <div className="text-[0.95rem]">
        <p aria-hidden className={`${COLUMNS} text-muted hidden py-1 font-medium sm:grid`}>
          <span>Bottle</span>
          <span>Verdict</span>
          <span>Against its label</span>
          <span className="text-right">Price</span>
          <span className="text-right">Left, ml</span>
        </p>
        <ul aria-label="Bottles">
          {data.map((bottle) => (
            <Line
              key={bottle.bottle}
              bottle={bottle}
              item={items.find((item) => item.product.name === bottle.bottle)}
            />
          ))}
        </ul>
      </div>
    </details>
  )
}

function Line({ bottle, item }: { bottle: BottleLearned; item: ShelfItem | undefined }) {
  const { priceCents, stockMl } = item?.product ?? {}
  return (
    <li aria-label={bottle.bottle} className={`${COLUMNS} border-line border-t border-dotted py-1`}>
      <b className="font-semibold">{bottle.bottle}</b>
      <span className="justify-self-end sm:justify-self-start">{said.bottleVerdicts[bottle.verdict]}</span>
      <div className="figures col-span-2 sm:col-span-1">
        <p>{bottle.words}</p>
        {bottle.label.map((found) => (
          <Found key={found.words} found={found} item={item} />
        ))}
        <OnKinds bottle={bottle} />
      </div>
      <span className="figures sm:text-right">
        <span className="text-muted sm:sr-only">price </span>
        {priceCents === undefined ? '–' : figure(priceCents / 100, 2)}
      </span>
      <span className="figures text-right">
        {stockMl === undefined ? '–' : Math.round(stockMl)}
        <span className="text-muted sm:sr-only"> ml left</span>
      </span>
    </li>
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
