import type { Fault } from '../../api/types'
import { faultPlace } from './faultPlace'

/** What keeps a line of a file from being taken in. */
export function Faults({ faults }: { faults: readonly Fault[] }) {
  return faults.map((fault) => (
    <span key={fault.pointer + fault.message} className="text-caution block pl-5">
      {faultPlace(fault.pointer)}: {fault.message}
    </span>
  ))
}
