import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { pairQuery } from '../../api/queries'
import type { ShelfItem } from '../../api/types'
import { FLAKES, RUBBED } from '../../api/words'
import { Choice } from '../../ui/Choice'
import { Select } from '../../ui/Select'
import { figure } from '../../ui/figure'

const SHARES = [
  { value: '0.5', label: '1 : 1' },
  { value: '0.67', label: '2 : 1' },
  { value: '0.33', label: '1 : 2' },
] as const

/** Which layers go together, by the labels, and what the fingers said. */
export function GoesWith({ item, items }: { item: ShelfItem; items: readonly ShelfItem[] }) {
  const others = items.filter((other) => other.id !== item.id && other.product.stockMl !== 0)
  const [share, setShare] = useState<(typeof SHARES)[number]['value']>('0.5')
  const [over, setOver] = useState<number | undefined>(undefined)
  const pair = useQuery({ ...pairQuery(item.id, over ?? 0, Number(share)), enabled: over !== undefined }).data
  const queries = useQueryClient()
  const rub = useMutation({
    mutationFn: (outcome: (typeof RUBBED)[number]['value']) =>
      answered(api.PUT('/api/shelf/rub-tests', { body: { underId: item.id, overId: over ?? 0, outcome } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['products', 'pair'] }),
  })
  return (
    <section className="grid gap-2" aria-label="Goes with">
      <Select
        label="Over it goes"
        value={over === undefined ? '' : String(over)}
        options={[
          { value: '', label: 'choose a product' },
          ...others.map((other) => ({ value: String(other.id), label: other.product.name })),
        ]}
        onChange={(id) => setOver(id === '' ? undefined : Number(id))}
      />
      {over !== undefined && pair !== undefined && (
        <>
          <p>
            <b className="font-semibold">{FLAKES[pair.compatibility.flakes]}</b> {pair.compatibility.because}{' '}
            <span className="text-muted">{pair.compatibility.advice}</span>
          </p>
          <Choice
            label="Rubbed between the fingers, it"
            options={RUBBED}
            value={pair.rubbed?.outcome}
            onChange={(outcome) => rub.mutate(outcome)}
          />
          <Choice label="Mixed in the palm" options={SHARES} value={share} onChange={setShare} compact />
          <p>
            Mixed so: hold <b className="figures">{figure(pair.mixed.hold)}</b>, richness{' '}
            <b className="figures">{figure(pair.mixed.richness)}</b>, works at{' '}
            <b className="figures">
              {Math.round(pair.mixed.windowLow)}–{Math.round(pair.mixed.windowHigh)} % wet
            </b>
            .
          </p>
        </>
      )}
    </section>
  )
}
