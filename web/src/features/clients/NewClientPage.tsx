import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { useStored } from '../../ui/useStored'
import { useTitle } from '../../ui/useTitle'

export function NewClientPage() {
  const [name, setName] = useStored('new-client', isText)
  useTitle('New client')
  const navigate = useNavigate()
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: () => answered(api.POST('/api/clients', { body: { name: name ?? '' } })),
    onSuccess: async (client) => {
      setName(undefined)
      await queries.invalidateQueries({ queryKey: ['today'] })
      await navigate(`/clients/${client.id}/consult`)
    },
  })
  return (
    <form
      className="sheet mt-6 grid max-w-xl gap-4 p-6"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate()
      }}
    >
      <h1 className="text-2xl font-semibold">New client</h1>
      <label className="grid gap-1">
        <span className="label">Name</span>
        <input
          value={name ?? ''}
          autoFocus
          onChange={(event) => setName(event.target.value)}
          autoComplete="off"
          className="border-ink bg-paper min-h-11 border px-3 text-lg"
        />
      </label>
      {add.error !== null && <Failure error={add.error} />}
      <Button
        main
        type="submit"
        disabled={(name ?? '').trim() === '' || add.isPending}
        className="justify-self-start"
      >
        Read the hair
      </Button>
    </form>
  )
}

function isText(value: unknown): value is string {
  return typeof value === 'string'
}
