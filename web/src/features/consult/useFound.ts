import { useQueries, useQuery } from '@tanstack/react-query'
import { assessQuery, typicalQuery } from '../../api/queries'
import { ZONES, type Tests } from '../../api/types'
import { only, type Consult, type Found } from './consultState'

/** What the tests of a consult come to, for the head and for each zone tested apart. */
export function useFound(consult: Consult): { found: Found | undefined; error: Error | null } {
  const typical = useQuery(typicalQuery).data
  const head = useQuery(assessQuery(asked(consult.tests, consult.head.pattern)))
  const zones = useQueries({
    queries: ZONES.map((zone) =>
      assessQuery(asked(consult.zoneTests[zone] ?? {}, consult.zones[zone]?.pattern)),
    ),
  })
  const error = head.error ?? zones.find((zone) => zone.error !== null)?.error ?? null
  if (typical === undefined) return { found: undefined, error }
  const found: Found = {
    typical,
    head: isEmpty(consult.tests) ? undefined : head.data,
    zones: only(
      Object.fromEntries(
        ZONES.map((zone, i) => [zone, isEmpty(consult.zoneTests[zone]) ? undefined : zones[i]?.data]),
      ),
    ),
  }
  return { found, error }
}

function isEmpty(tests: Tests | undefined): boolean {
  return tests === undefined || Object.keys(tests).length === 0
}

/** A pattern seen by eye is weighed with the ruler. */
function asked(tests: Tests, pattern: Tests['pattern']): Tests {
  return isEmpty(tests) || pattern === undefined ? tests : { ...tests, pattern }
}
