import { useQuery } from '@tanstack/react-query'
import { onHairQuery } from '../../api/queries'
import type { Client, Product } from '../../api/types'
import { SCORE_LABEL } from '../../api/words'
import { signed } from '../../ui/figure'

/** In one look: what this bottle does on the hair it is meant for. */
export function OnHair({ product, client }: { product: Product; client: Client | undefined }) {
  const said = useQuery(onHairQuery(product, client)).data
  if (said === undefined) return null
  const whose = client?.hair === undefined ? 'a usual head of 30 cm' : client.name
  return (
    <section aria-label={`On ${whose}`} className="border-ink grid gap-1 border-y py-2">
      <h3 className="label">On {whose}</h3>
      {said.cautions.map((caution) => (
        <p key={caution} className="text-caution font-semibold">
          <span aria-hidden>⚑ </span>
          {caution}
        </p>
      ))}
      {said.changes.length > 0 && (
        <ul className="figures flex flex-wrap gap-x-4" aria-label="What it moves, against nothing at all">
          {said.changes.map(({ score, by }) => (
            <li key={score}>
              {SCORE_LABEL[score]} {signed(by)}
            </li>
          ))}
        </ul>
      )}
      <p>
        {said.says.join(' ')} <span className="figures">One wash: {said.use.dose}.</span>
      </p>
    </section>
  )
}
