import { useQuery } from '@tanstack/react-query'
import { learningQuery } from '../../api/learningQueries'
import { airQuery, checkQuery, productsQuery, suggestQuery, type Setting } from '../../api/queries'
import type {
  Air,
  Client,
  Correction,
  Hair,
  Judgement,
  Product,
  Reason,
  Routine,
  Schools,
  Suggestions,
} from '../../api/types'
import { useStored } from '../../ui/useStored'
import { useLookAhead } from './useLookAhead'
import { isPlanDraft, planKey, shortened, USUAL_GOAL, USUAL_LIMITS, type PlanDraft } from './planHistory'
import { reasonsOf } from './planState'

export type Open = {
  name: string
  /** As hands have left it; the judgement follows within a moment. */
  routine: Routine
  judgement: Judgement
  /** What the judgement is of. */
  judged: Routine
  why: Reason[]
  /** Changed since it was suggested: what was worked out for the plan as a whole no longer holds. */
  isByHand: boolean
}

export type Plan = {
  draft: PlanDraft
  setDraft: (next: PlanDraft | undefined) => void
  setting: Setting
  suggestions: Suggestions | undefined
  /** What is on the water now; undefined until the first answer. */
  open: Open | undefined
  error: Error | null
  busy: boolean
  shelf: Product[]
  /** What the log has taught of this head; undefined where there is nothing. */
  learned: Correction | undefined
}

const MILD: Air = { temperatureC: 22, relativeHumidity: 52 }
const NOTHING: Product[] = []
const NO_SIDE: Schools = {}

/** The plan of a client whose hair has been read. */
export function usePlan(client: Client, hair: Hair): Plan {
  const [stored, setDraft] = useStored(planKey(client.id), isPlanDraft, shortened)
  const draft: PlanDraft = stored ?? {
    goal: client.goal ?? USUAL_GOAL,
    limits: client.limits ?? USUAL_LIMITS,
    pick: 0,
    past: [],
  }
  const reading = useQuery(airQuery).data
  const air =
    reading === undefined
      ? MILD
      : { temperatureC: reading.temperatureC, relativeHumidity: reading.relativeHumidity }
  const shelf = useQuery(productsQuery(client.id))
  const worn = client.intake?.worn
  const learning = useLearned(client)
  const setting: Setting = {
    hair,
    goal: draft.goal,
    air: draft.air ?? (worn === undefined ? air : { ...air, outdoors: worn }),
    schools: draft.schools ?? client.schools ?? NO_SIDE,
    limits: draft.limits,
    ...(learning.correction === undefined || draft.byTheBook === true
      ? {}
      : { learned: learning.correction }),
  }
  const suggested = useQuery({
    ...suggestQuery(setting, shelf.data ?? NOTHING),
    enabled: shelf.data !== undefined && learning.isKnown,
  })
  useLookAhead(setting, shelf.data ?? NOTHING, suggested.isSuccess && !suggested.isPlaceholderData)
  const suggestion = suggested.data?.suggestions[draft.pick] ?? suggested.data?.suggestions[0]
  const edited = draft.routine
  const check = useQuery({
    ...checkQuery(setting, edited ?? { formatVersion: 1, steps: [] }),
    enabled: edited !== undefined && learning.isKnown,
  })
  return {
    draft,
    setDraft,
    setting,
    suggestions: suggested.data,
    open: opened(),
    error: shelf.error ?? suggested.error ?? (edited === undefined ? null : check.error),
    busy: suggested.isFetching || check.isFetching,
    shelf: shelf.data ?? NOTHING,
    learned: learning.correction,
  }

  function opened(): Plan['open'] {
    if (edited !== undefined) {
      // Until the first answer comes what was there stays on the water.
      const drawn =
        check.data ??
        (suggestion === undefined ? undefined : { routine: suggestion.routine, judgement: suggestion })
      if (drawn === undefined) return undefined
      return {
        name: suggestion === undefined ? 'By hand' : `${suggestion.name}, changed`,
        routine: edited,
        judgement: drawn.judgement,
        judged: drawn.routine,
        // What was worked out for the plan as it was suggested is asked anew: see WhyStep and AsItStands.
        why: reasonsOf(suggestion, edited).filter(({ source }) => source !== 'OURS'),
        isByHand: true,
      }
    }
    return suggestion === undefined
      ? undefined
      : {
          name: suggestion.name,
          routine: suggestion.routine,
          judgement: suggestion,
          judged: suggestion.routine,
          why: suggestion.why,
          isByHand: false,
        }
  }
}

/** What the log has taught of this head; a plan does not wait for it where it cannot be had. */
function useLearned(client: Client): { correction: Correction | undefined; isKnown: boolean } {
  const { data, isPending } = useQuery({ ...learningQuery(client.id), retry: false })
  return {
    correction: data === undefined || data.correction.taught.length === 0 ? undefined : data.correction,
    isKnown: !isPending,
  }
}
