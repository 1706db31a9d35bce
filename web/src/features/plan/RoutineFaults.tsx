import { ApiError } from '../../api/client'
import { Caution, Failure } from '../../ui/Notice'

/** Why a brought routine cannot be used, each fault at its step. */
export function RoutineFaults({ error }: { error: Error }) {
  const faults = error instanceof ApiError ? error.faults : []
  if (faults.length === 0) return <Failure error={error} />
  return (
    <Caution
      title={`${faults.length === 1 ? 'One thing' : `${faults.length} things`} to mend in it first. What is on the water stays.`}
    >
      <ul className="mt-1 grid gap-1">
        {faults.map((fault) => (
          <li key={fault.pointer + fault.message}>
            <b>{placeOf(fault.pointer)}</b> {fault.message}
          </li>
        ))}
      </ul>
    </Caution>
  )
}

/** The step a fault is at, as it is counted in the list; what is inside a group as "6, part 2". */
function placeOf(pointer: string): string {
  const [, index, inner] = /\/steps\/(\d+)(?:\/steps\/(\d+))?/.exec(pointer) ?? []
  if (index === undefined) return ''
  const part = inner === undefined ? '' : `, part ${Number(inner) + 1}`
  return `Step ${Number(index) + 1}${part}:`
}
