import { useQueries } from '@tanstack/react-query'
import { whyQuery, type Setting } from '../../api/queries'
import type { Routine } from '../../api/types'
import { shortName } from '../../api/words'

type AsItStandsProps = {
  setting: Setting
  routine: Routine
  onSelect: (index: number) => void
}

/** What each step of a routine changed by hand brings as it stands now, found by leaving it out: of those that bring anything. */
export function AsItStands({ setting, routine, onSelect }: AsItStandsProps) {
  const asked = useQueries({
    queries: routine.steps.map((_, index) => whyQuery(setting, routine, index)),
  })
  const said = routine.steps.flatMap((step, index) => {
    const why = asked[index]?.data
    return why === undefined || !why.matters ? [] : [{ step, index, without: why.without }]
  })
  if (said.length === 0) return null
  return (
    <ul className="grid gap-1.5" aria-label="Each step as it stands">
      {said.map(({ step, index, without }) => (
        <li key={index}>
          <button
            type="button"
            onClick={() => onSelect(index)}
            className="min-h-[24px] text-left underline decoration-dotted underline-offset-2 hover:decoration-solid"
          >
            Without step {index + 1}, {shortName(step)}:
          </button>{' '}
          {without}.
        </li>
      ))}
    </ul>
  )
}
