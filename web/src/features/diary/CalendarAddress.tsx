import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'

type CalendarAddressProps = {
  /** Where the calendar is had as a file. */
  file: string
  /** Of the address that answers; undefined while none was made. */
  path: string | undefined
  make: () => Promise<unknown>
  revoke: () => Promise<unknown>
  queryKey: QueryKey
}

/** A calendar in another program: as a file, or at an address only who knows it can read. */
export function CalendarAddress({ file, path, make, revoke, queryKey }: CalendarAddressProps) {
  const queries = useQueryClient()
  const address = useMutation({
    mutationFn: () => (path === undefined ? make() : revoke()),
    onSuccess: () => queries.invalidateQueries({ queryKey, exact: true }),
  })
  return (
    <>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <a href={file} download className="underline">
          As a file
        </a>
        <Button disabled={address.isPending} onClick={() => address.mutate()}>
          {path === undefined ? 'Make a secret address' : 'Revoke the address'}
        </Button>
      </p>
      {path !== undefined && (
        <p className="figures bg-shallow px-2 py-1 text-[0.9rem] break-all">
          {window.location.origin}
          {path}
        </p>
      )}
      {address.error !== null && <Failure error={address.error} />}
    </>
  )
}
