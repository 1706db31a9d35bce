import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { assumptionsQuery, productsQuery, testCardsQuery, type Setting } from '../../api/queries'
import { Unfinished } from '../../ui/Notice'
import type { Client, Product } from '../../api/types'

const NONE: Product[] = []

/** What the plan rests on that nobody has read: the assumption that matters most, and the one test worth doing. */
export function Resting({ client, setting }: { client: Client; setting: Setting }) {
  const assumed = client.intake?.assumed ?? []
  const shelf = useQuery(productsQuery(client.id)).data ?? NONE
  const resting = useQuery(assumptionsQuery(setting, shelf, assumed)).data
  const cards = useQuery(testCardsQuery).data ?? []
  if (assumed.length === 0 || resting === undefined) return null
  const test = cards.find((card) => card.test === resting.test)
  const names = resting.assumed.map((a) => (a.field === 'lengthCm' ? 'length' : a.field)).join(', ')
  return (
    <article className="border-ink border-l-4 border-dashed pl-3">
      <p className="font-semibold">
        <span aria-hidden>◌ </span>
        {resting.words ??
          `Assumed: ${names}. ${resting.unfinished === undefined ? 'No other level would change this plan.' : ''}`}
      </p>
      <Unfinished words={resting.unfinished} />
      {test !== undefined && (
        <p>
          Of {names}, that one matters most. Worth {test.seconds} seconds now:{' '}
          <Link to="../consult" className="underline">
            {test.label.toLowerCase()}
          </Link>
          . {test.whatToDo}
        </p>
      )}
    </article>
  )
}
