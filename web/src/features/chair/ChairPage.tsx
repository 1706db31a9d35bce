import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link, useSearchParams } from 'react-router'
import { chairQuery, washDaysQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import { aCount, useAddressed } from '../../ui/useAddressed'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { ChairScreen } from './ChairScreen'

export function ChairPage() {
  const client = useClient()
  const { data, error } = useQuery(washDaysQuery(client.id))
  const asked = Number(useSearchParams()[0].get('day'))
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Setting up the chair" />
  const open = data.filter((d) => d.finishedAt === undefined)
  // The end of a run stays where it is over a reload; another one is opened by its own address.
  const day = data.find((d) => d.id === asked) ?? open[0]
  if (day === undefined) {
    return (
      <Empty title="Nothing at the chair">
        <p>Choose a routine on the plan and take it here: it then runs step by step, with its clock.</p>
        <Link to="../plan" className="underline">
          Go to the plan
        </Link>
      </Empty>
    )
  }
  return <ChairOf key={day.id} id={day.id} others={open.filter((d) => d.id !== day.id)} />
}

function ChairOf({ id, others }: { id: number; others: readonly WashDay[] }) {
  const [, setAddress] = useAddressed('day', aCount)
  useEffect(() => setAddress(id), [id, setAddress])
  const { data, error } = useQuery(chairQuery(id))
  if (data === undefined)
    return error === null ? <Waiting what="Setting up the chair" /> : <Failure error={error} />
  return <ChairScreen chair={data} others={others} />
}
