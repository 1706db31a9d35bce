import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { rubricQuery } from '../../api/queries'
import { ZONES, type Zone } from '../../api/types'
import { ZONE_LABEL } from '../../api/words'
import { Island } from '../../chart/Island'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'
import { atWrongField } from '../../ui/wrongField'
import { SCORES } from './dayWords'
import { ScoreSlider } from './ScoreSlider'
import type { Draft } from './ratingDraft'
import { Strands } from './Strands'
import type { Scoring } from './useRating'

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'Not yet' },
] as const
/** Given where somebody looked. */
const MORE = ['softness', 'hold', 'weight', 'shine'] as const
type Score = (typeof SCORES)[number] | (typeof MORE)[number]

/** Four scores, the whole head first and then where it differs. Nothing is filled in beforehand. */
export function RatingForm({ scores }: { scores: Scoring }) {
  const { draft, setDraft, rater, setRater, rating, save } = scores
  const [zone, setZone] = useState<Zone | undefined>(undefined)
  const [shown, setShown] = useState<Score>('definition')
  const [isMore, setMore] = useState(MORE.some((score) => draft.head[score] !== undefined))
  const rubric = useQuery(rubricQuery).data ?? []
  const value = (score: Score) =>
    zone === undefined ? draft.head[score] : (draft.zones[zone]?.[score] ?? draft.head[score])
  const give = (score: Score, points: number) => {
    setShown(score)
    if (zone === undefined) setDraft({ ...draft, head: { ...draft.head, [score]: points } })
    else setDraft({ ...draft, zones: { ...draft.zones, [zone]: { ...draft.zones[zone], [score]: points } } })
  }
  return (
    <section aria-label="Score this wash" className="grid gap-5 p-4 xl:grid-cols-[15rem_1fr_17rem]">
      <TooEarly draft={draft} onChange={setDraft} />
      <div className="grid content-start gap-3">
        <Island
          title={shown}
          value={(z) => draft.zones[z]?.[shown] ?? draft.head[shown]}
          selected={zone}
          onSelect={(z) => setZone(z === zone ? undefined : z)}
          marked={new Set(ZONES.filter((z) => draft.zones[z] !== undefined))}
        />
        <p className="text-muted text-sm">Score the whole head, then touch a zone that came out otherwise.</p>
      </div>
      <div className="grid content-start gap-3">
        <h2 className="text-lg font-semibold">
          {zone === undefined ? 'The whole head' : `Only the ${ZONE_LABEL[zone]}`}
        </h2>
        {[...SCORES, ...(isMore ? MORE : [])].map((score) => (
          <ScoreSlider
            key={`${score}/${zone ?? ''}`}
            name={score}
            rubric={rubric.find((r) => r.name === score)}
            value={value(score)}
            onChange={(points) => give(score, points)}
          />
        ))}
        {!isMore && (
          <button type="button" className="justify-self-start underline" onClick={() => setMore(true)}>
            Softness, hold, weight and shine too
          </button>
        )}
      </div>
      <Kept draft={draft} onChange={setDraft} rater={rater} onRater={setRater} rating={rating} save={save} />
    </section>
  )
}

type DraftProps = { draft: Draft; onChange: (draft: Draft) => void }

/** Two questions first: judged too early, a wash is not what it will be. */
function TooEarly({ draft, onChange }: DraftProps) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-2 xl:col-span-3">
      <Choice
        label="Cast broken?"
        options={YES_NO}
        value={draft.castBroken}
        onChange={(castBroken) => onChange({ ...draft, castBroken })}
      />
      <Choice
        label="Roots fully dry?"
        options={YES_NO}
        value={draft.rootsDry}
        onChange={(rootsDry) => onChange({ ...draft, rootsDry })}
      />
      {(draft.castBroken === 'no' || draft.rootsDry === 'no') && (
        <p className="text-caution max-w-md font-medium">
          <span aria-hidden>⚑ </span>
          Too early for a verdict: under the cast frizz hides, and wet roots lie flat. Scored now, it is
          marked as early and asked for again.
        </p>
      )}
    </div>
  )
}

type KeptProps = DraftProps & Pick<Scoring, 'rater' | 'rating' | 'save'> & { onRater: (name: string) => void }

/** What a ruler and words add, and the touch that keeps it. */
function Kept({ draft, onChange, rater, onRater, rating, save }: KeptProps) {
  return (
    <div className="grid content-start gap-3">
      <Strands strands={draft.strands} onChange={(strands) => onChange({ ...draft, strands })} />
      <TextField
        label="What went well or wrong, where"
        value={draft.notes}
        onChange={(notes) => onChange({ ...draft, notes })}
      />
      <TextField label="Scored by" value={rater} onChange={onRater} />
      {save.error !== null && <Failure error={save.error} />}
      <Button
        main
        className="min-h-11"
        disabled={rating === undefined || save.isPending}
        onClick={() => rating !== undefined && !atWrongField() && save.mutate(rating)}
      >
        Keep it in the log
      </Button>
      {rating === undefined && (
        <p className="text-muted text-sm">Four scores for the whole head and the two questions are needed.</p>
      )}
    </div>
  )
}
