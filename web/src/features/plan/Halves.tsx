import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Product, Routine } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { Select } from '../../ui/Select'
import { useClient } from '../clients/ClientFrame'
import { beginTrial } from '../learn/beginTrial'

type HalvesProps = {
  routine: Routine
  index: number
  /** Which of the steps inside it, where it is a group; absent for the step itself. */
  inner: number | undefined
  shelf: readonly Product[]
  onTake: (routine: Routine) => void
  onLeave: () => void
}

/** One head split for a trial: what it will tell, and what it will not. */
export function Halves({ routine, index, inner, shelf, onTake, onLeave }: HalvesProps) {
  const client = useClient()
  const queries = useQueryClient()
  const step = routine.steps[index]
  const own = (inner === undefined ? step : step?.steps?.[inner])?.product
  const others = shelf.filter((p) => p.role === own?.role && p.name !== own.name)
  const [name, setName] = useState(others[0]?.name ?? '')
  const other = others.find((p) => p.name === name)
  const split = useMutation({
    mutationFn: (product: Product) =>
      answered(
        api.POST('/api/routines/halves', {
          body: { routine, step: index, ...(inner === undefined ? {} : { inner }), product },
        }),
      ),
  })
  // A head that is split is a trial: Learn reads it off the log from the first wash on.
  const begin = useMutation({
    mutationFn: async (routine: Routine) => {
      if (own !== undefined && other !== undefined) await beginTrial(client.id, own.name, other.name)
      return routine
    },
    onSuccess: (routine) => {
      void queries.invalidateQueries({ queryKey: ['client', client.id, 'trials'] })
      onTake(routine)
    },
  })
  if (other === undefined)
    return (
      <div className="grid justify-items-start gap-2">
        <p>There is no other {own?.role.toLowerCase().replace('_', '-')} on the shelf to try against it.</p>
        <Button onClick={onLeave}>Close</Button>
      </div>
    )
  return (
    <section aria-label="Two halves" className="grid justify-items-start gap-2">
      <p>
        Left half with <b className="font-semibold">{own?.name}</b>, right half with another; all else alike.
      </p>
      <Select
        label="Right half"
        options={others.map((p) => ({ value: p.name, label: p.name }))}
        value={name}
        onChange={setName}
      />
      {split.error !== null && <Failure error={split.error} />}
      {begin.error !== null && <Failure error={begin.error} />}
      {split.data === undefined ? (
        <Button onClick={() => split.mutate(other)}>What would it tell?</Button>
      ) : (
        <>
          <p>{split.data.tells}</p>
          <p className="text-muted">{split.data.tellsNot}</p>
          <Button main disabled={begin.isPending} onClick={() => begin.mutate(split.data.routine)}>
            Split the head
          </Button>
        </>
      )}
      <Button onClick={onLeave}>Leave it whole</Button>
    </section>
  )
}
