import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { foundQuery } from '../../api/queries'
import type { BottleLearned } from '../../api/types'
import { SCORE_LABEL } from '../../api/words'
import { signed } from '../../ui/figure'
import { shortDate } from './learnWords'

type OnKind = BottleLearned['onKinds'][number]

/** What a kind of hair is told by. */
const TOLD = ['definition', 'frizz', 'volume'] as const

/** On which hair a bottle did better or worse than said; each kind opens the washes it rests on. */
export function OnKinds({ bottle }: { bottle: BottleLearned }) {
  const [open, setOpen] = useState(false)
  const kinds = bottle.onKinds
  return (
    <>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="min-h-[24px] text-left underline decoration-dotted underline-offset-2 hover:decoration-solid"
      >
        {kinds.length === 1 ? 'One kind of hair' : `${kinds.length} kinds of hair`}: {bottle.kindsWords}
      </button>
      {open && (
        <ul className="grid gap-1 py-1">
          {kinds.map((kind) => (
            <Kind key={kind.kind} kind={kind} bottle={bottle.bottle} />
          ))}
        </ul>
      )}
    </>
  )
}

function moved(kind: OnKind) {
  return TOLD.flatMap((score) => kind.scores.filter((one) => one.score === score))
}

function Kind({ kind, bottle }: { kind: OnKind; bottle: string }) {
  const washes = useInfiniteQuery(foundQuery({ product: bottle })).data?.pages.flatMap((page) => page.lines)
  const ids = new Set(kind.scores.flatMap(({ known }) => known.ids))
  const own = (washes ?? []).filter((line) => ids.has(String(line.id)))
  // The latest of the bottle are found; the rest stand in the log.
  const earlier = washes === undefined ? 0 : kind.washes - own.length
  return (
    <li>
      <b className="font-semibold">On {kind.kind}</b>, {kind.washes} {kind.washes === 1 ? 'wash' : 'washes'}:{' '}
      {moved(kind)
        .map(
          ({ score, known }) =>
            `${SCORE_LABEL[score]} ${signed(known.points)} (${signed(known.low)} to ${signed(known.high)})`,
        )
        .join(', ')}
      .{' '}
      {own.map((line, i) => (
        <span key={line.id}>
          {i > 0 && ', '}
          <Link
            to={`/clients/${line.clientId}/log?day=${line.id}`}
            title={line.client}
            className="whitespace-nowrap underline"
          >
            {shortDate(line.at)}
          </Link>
        </span>
      ))}
      {earlier > 0 && `${own.length > 0 ? ' and ' : ''}${earlier} earlier`}
    </li>
  )
}
