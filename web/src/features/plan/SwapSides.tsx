import { useMutation } from '@tanstack/react-query'
import { answered, api } from '../../api/client'
import type { Routine } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'

type SwapSidesProps = {
  routine: Routine
  onChange: (routine: Routine) => void
}

/** A trial of two halves for the next wash: what was on the left goes on the right. */
export function SwapSides({ routine, onChange }: SwapSidesProps) {
  const swap = useMutation({
    mutationFn: () => answered(api.POST('/api/routines/halves/swap', { body: { routine } })),
    onSuccess: onChange,
  })
  return (
    <>
      <Button onClick={() => swap.mutate()}>Swap the sides</Button>
      {swap.error !== null && <Failure error={swap.error} />}
    </>
  )
}
