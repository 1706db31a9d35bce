import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { rubricQuery } from '../../api/queries'
import { ZONES, type Rating, type WashDay, type Zone, type ZoneRating } from '../../api/types'
import { ZONE_LABEL } from '../../api/words'
import { Island } from '../../chart/Island'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'
import { atWrongField } from '../../ui/wrongField'
import { isObject, useStored } from '../../ui/useStored'
import { SCORES } from './dayWords'
import { ScoreSlider } from './ScoreSlider'
import { measured, Strands, type Strand } from './Strands'

type Given = Partial<Record<keyof ZoneRating, number>>

type Draft = {
  castBroken?: 'yes' | 'no'
  rootsDry?: 'yes' | 'no'
  head: Given
  zones: Partial<Record<Zone, Given>>
  strands: Strand[]
  notes: string
}

const EMPTY: Draft = { head: {}, zones: {}, strands: [], notes: '' }
const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'Not yet' },
] as const
/** Given where somebody looked. */
const MORE = ['softness', 'hold', 'weight', 'shine'] as const
type Score = (typeof SCORES)[number] | (typeof MORE)[number]

/** Four scores, the whole head first and then where it differs. Nothing is filled in beforehand. */
export function RatingForm({ day, onSaved }: { day: WashDay; onSaved: () => void }) {
  const [stored, setDraft] = useStored(`rating:${day.id}`, isDraft)
  const draft = stored ?? EMPTY
  const [zone, setZone] = useState<Zone | undefined>(undefined)
  const [shown, setShown] = useState<Score>('definition')
  const [isMore, setMore] = useState(MORE.some((score) => draft.head[score] !== undefined))
  const rubric = useQuery(rubricQuery).data ?? []
  const queries = useQueryClient()
  const rating = toRating(draft)
  const save = useMutation({
    mutationFn: (body: Rating) =>
      answered(
        api.PUT('/api/wash-days/{id}/rating', {
          params: { path: { id: day.id }, header: { 'If-Match': `"${day.version}"` } },
          body,
        }),
      ),
    // Somebody was quicker: what stands there now is fetched, and saving once more goes over it knowingly.
    onError: () => queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] }),
    onSuccess: async () => {
      setDraft(undefined)
      onSaved()
      await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['wash-day', day.id] })
      await queries.invalidateQueries({ queryKey: ['wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
    },
  })
  const value = (score: Score) =>
    zone === undefined ? draft.head[score] : (draft.zones[zone]?.[score] ?? draft.head[score])
  const give = (score: Score, points: number) => {
    setShown(score)
    if (zone === undefined) setDraft({ ...draft, head: { ...draft.head, [score]: points } })
    else setDraft({ ...draft, zones: { ...draft.zones, [zone]: { ...draft.zones[zone], [score]: points } } })
  }
  return (
    <section aria-label="Score this wash" className="grid gap-5 p-4 xl:grid-cols-[15rem_1fr_17rem]">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2 xl:col-span-3">
        <Choice
          label="Cast broken?"
          options={YES_NO}
          value={draft.castBroken}
          onChange={(castBroken) => setDraft({ ...draft, castBroken })}
        />
        <Choice
          label="Roots fully dry?"
          options={YES_NO}
          value={draft.rootsDry}
          onChange={(rootsDry) => setDraft({ ...draft, rootsDry })}
        />
        {(draft.castBroken === 'no' || draft.rootsDry === 'no') && (
          <p className="text-caution max-w-md font-medium">
            <span aria-hidden>⚑ </span>
            Too early for a verdict: under the cast frizz hides, and wet roots lie flat. Scored now, it is
            marked as early and asked for again.
          </p>
        )}
      </div>
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
      <div className="grid content-start gap-3">
        <Strands strands={draft.strands} onChange={(strands) => setDraft({ ...draft, strands })} />
        <TextField
          label="What went well or wrong, where"
          value={draft.notes}
          onChange={(notes) => setDraft({ ...draft, notes })}
        />
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
          <p className="text-muted text-sm">
            Four scores for the whole head and the two questions are needed.
          </p>
        )}
      </div>
    </section>
  )
}

function complete(given: Given): ZoneRating | undefined {
  const { definition, clumping, frizz, volume, ...more } = given
  return definition === undefined || clumping === undefined || frizz === undefined || volume === undefined
    ? undefined
    : { definition, clumping, frizz, volume, ...more }
}

function toRating(draft: Draft): Rating | undefined {
  const head = complete(draft.head)
  if (head === undefined || draft.castBroken === undefined || draft.rootsDry === undefined) return undefined
  const byZone: Rating['byZone'] = {}
  for (const zone of ZONES) byZone[zone] = { ...head, ...draft.zones[zone] }
  return {
    castBroken: draft.castBroken === 'yes',
    rootsDry: draft.rootsDry === 'yes',
    byZone,
    ...measured(draft.strands),
    ...(draft.notes === '' ? {} : { notes: draft.notes }),
  }
}

function isDraft(value: unknown): value is Draft {
  return (
    isObject(value) && isObject(value['head']) && isObject(value['zones']) && Array.isArray(value['strands'])
  )
}
