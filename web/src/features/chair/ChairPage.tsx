import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { chairQuery, washDaysQuery } from '../../api/queries'
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
  const day = open.find((d) => d.id === asked) ?? open[0]
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
  return <ChairOf key={day.id} id={day.id} />
}

function ChairOf({ id }: { id: number }) {
  const { data, error } = useQuery(chairQuery(id))
  if (data === undefined)
    return error === null ? <Waiting what="Setting up the chair" /> : <Failure error={error} />
  return <ChairScreen chair={data} />
}
