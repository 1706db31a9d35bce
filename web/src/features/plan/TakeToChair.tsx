import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import type { Client } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { rememberGoal } from './keep'
import type { Plan } from './usePlan'

/** The plan becomes a wash day; nothing that must stop goes to the chair. */
export function TakeToChair({ client, plan, onTaken }: { client: Client; plan: Plan; onTaken: () => void }) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const { open, setting } = plan
  const take = useMutation({
    mutationFn: () => {
      if (open === undefined) throw new Error('There is no plan to take yet')
      return answered(
        api.POST('/api/clients/{id}/wash-days', {
          params: { path: { id: client.id } },
          body: { name: open.name, ...setting, routine: open.routine },
        }),
      )
    },
    onSuccess: async () => {
      await rememberGoal(client, plan)
      await queries.invalidateQueries({ queryKey: ['client', client.id] })
      onTaken()
      await queries.invalidateQueries({ queryKey: ['client', client.id, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
      await navigate('../chair')
    },
  })
  const stopped =
    open === undefined ||
    open.routine.steps.length === 0 ||
    open.judgement.findings.some((f) => f.severity === 'STOP')
  return (
    <>
      <Button
        main
        className="min-h-11 px-6"
        disabled={stopped || take.isPending}
        onClick={() => take.mutate()}
      >
        Take it to the chair
      </Button>
      {take.error !== null && <Failure error={take.error} />}
    </>
  )
}
