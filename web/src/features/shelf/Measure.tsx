import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Product } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { NumberField } from '../../ui/NumberField'

/** Ten pumps on a scale give the ml of one. */
export function Measure({ product, onMeasured }: { product: Product; onMeasured: (ml: number) => void }) {
  const [doses, setDoses] = useState(10)
  const [grams, setGrams] = useState<number | undefined>(undefined)
  const unit = product.doseUnit?.name ?? 'pump'
  const measure = useMutation({
    mutationFn: () =>
      answered(
        api.POST('/api/shelf/measure', { body: { unit, role: product.role, doses, grams: grams ?? 0 } }),
      ),
    onSuccess: (dose) => onMeasured(dose.ml),
  })
  const weigh = useMutation({
    mutationFn: () => answered(api.GET('/api/scale')),
    onSuccess: (reading) => setGrams(reading.grams),
  })
  return (
    <details>
      <summary className="label">Weigh it: so many of a {unit} on a scale</summary>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <NumberField
          label="How many"
          unit={`× ${unit}`}
          min={1}
          max={100}
          value={doses}
          onChange={setDoses}
        />
        <NumberField label="They weigh" unit="g" min={0.01} max={5000} value={grams} onChange={setGrams} />
        <Button onClick={() => weigh.mutate()}>
          Read the scale{weigh.data === undefined ? '' : ` (${weigh.data.from})`}
        </Button>
        <Button disabled={grams === undefined} onClick={() => measure.mutate()}>
          Work out one {unit}
        </Button>
      </div>
      {measure.error !== null && <Failure error={measure.error} />}
    </details>
  )
}
