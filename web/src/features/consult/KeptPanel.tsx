import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { readingsQuery } from '../../api/queries'
import type { Change, Client } from '../../api/types'
import { hairLine, OCCASION, ZONE_LABEL } from '../../api/words'

/** Every reading ever taken, with what changed since the one before. */
export function KeptPanel({ client }: { client: Client }) {
  const readings = useQuery(readingsQuery(client.id)).data ?? []
  if (readings.length === 0) {
    return <p>Nothing kept yet. The first reading is kept when you save; later ones show what changed.</p>
  }
  return (
    <>
      <ol className="grid gap-3">
        {readings.map((reading) => (
          <li key={reading.id} className="border-ink border-l-2 pl-3">
            <p className="font-semibold">
              <time className="figures" dateTime={reading.takenAt}>
                {new Date(reading.takenAt).toLocaleDateString()}
              </time>{' '}
              {reading.occasion === undefined ? '' : OCCASION[reading.occasion]}
            </p>
            <p className="text-muted">{hairLine(reading.hair)}</p>
            {reading.note !== undefined && <p>{reading.note}</p>}
            <ul>
              {reading.changes.map((change) => (
                <li key={`${change.zone ?? ''}${change.field}`}>{changeLine(change)}</li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
      {client.referrals.length > 0 && (
        <section aria-label="Referrals">
          <h3 className="label mb-1">Referrals</h3>
          {client.referrals.map((referral) => (
            <p key={referral.id}>
              <span className="figures">{new Date(referral.openedAt).toLocaleDateString()}</span>{' '}
              {referral.seen}
              {referral.clearedAt === undefined
                ? ', open'
                : `; cleared ${new Date(referral.clearedAt).toLocaleDateString()}: ${referral.clearedNote ?? ''}`}
            </p>
          ))}
        </section>
      )}
      <Link to="../log" className="justify-self-start underline">
        Past wash days
      </Link>
    </>
  )
}

function changeLine({ zone, field, from, to }: Change): string {
  return `${zone === undefined ? '' : `${ZONE_LABEL[zone]}: `}${field} ${from.toLowerCase()} → ${to.toLowerCase()}`
}
