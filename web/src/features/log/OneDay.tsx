import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from '../../api/client'
import { washTideQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import { TideChart } from '../../chart/TideChart'
import { Waiting } from '../../ui/Notice'
import { DaysAfter } from './DaysAfter'
import { Drawn } from './Drawn'
import { Photos } from './Photos'
import { RatingForm } from './RatingForm'
import { Scored } from './Scored'
import { withRead } from './Strands'
import { useRating } from './useRating'

type OneDayProps = {
  day: WashDay
  /** The wash before it, for its scores: shown only once this one has its own. */
  before: WashDay | undefined
  /** All washes of this head, the latest first. */
  days: readonly WashDay[]
  /** Its scores are being given, for the first time or anew. */
  isScoring: boolean
  onScoring: (on: boolean) => void
  onRemoved: () => void
}

/** One wash: its water as planned and done, its scores, the days after. */
export function OneDay({ day, before, days, isScoring, onScoring, onRemoved }: OneDayProps) {
  const tide = useQuery(washTideQuery(day.id)).data
  const scores = useRating(day, () => onScoring(false))
  const { draft, setDraft } = scores
  const queries = useQueryClient()
  const remove = useMutation({
    mutationFn: () => api.DELETE('/api/wash-days/{id}', { params: { path: { id: day.id } } }),
    onSuccess: async () => {
      onRemoved()
      await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
    },
  })
  return (
    <>
      {isScoring ? (
        <RatingForm scores={scores} />
      ) : (
        <Scored day={day} before={before} onAgain={() => onScoring(true)} />
      )}
      {!isScoring && <DaysAfter day={day.id} />}
      <Photos
        day={day}
        days={days}
        {...(isScoring
          ? { onStrand: (read) => setDraft({ ...draft, strands: withRead(draft.strands, read) }) }
          : {})}
      />
      <div className="border-ink border-t">
        {tide === undefined ? (
          <Waiting what="Drawing the tide" />
        ) : (
          <>
            <TideChart
              tide={tide.planned.tide}
              actual={tide.actual}
              routine={day.routine}
              amounts={tide.planned.amounts}
              findings={[]}
              height={230}
            />
            <p className="text-muted px-4 pb-1 text-sm">
              In colour as planned; the thin lines as it was done.
            </p>
          </>
        )}
      </div>
      <Drawn day={day.id} />
      <p className="px-4 pb-3 text-sm">
        <button type="button" className="underline" onClick={() => remove.mutate()}>
          Take this wash out of the log
        </button>
      </p>
    </>
  )
}
