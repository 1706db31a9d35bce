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
import { isObject, useStored } from '../../ui/useStored'
import { ScoreSlider } from './ScoreSlider'

type Given = Partial<Record<keyof ZoneRating, number>>

type Draft = {
  castBroken?: 'yes' | 'no'
  rootsDry?: 'yes' | 'no'
  head: Given
  zones: Partial<Record<Zone, Given>>
  naturalCm: string
  stretchedCm: string
  notes: string
}

const EMPTY: Draft = { head: {}, zones: {}, naturalCm: '', stretchedCm: '', notes: '' }
const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'Not yet' },
] as const
const SCORES = ['definition', 'clumping', 'frizz', 'volume'] as const

/** Four scores, the whole head first and then where it differs. Nothing is filled in beforehand. */
export function RatingForm({ day, onSaved }: { day: WashDay; onSaved: () => void }) {
  const [stored, setDraft] = useStored(`rating:${day.id}`, isDraft)
  const draft = stored ?? EMPTY
  const [zone, setZone] = useState<Zone | undefined>(undefined)
  const [shown, setShown] = useState<(typeof SCORES)[number]>('definition')
  const rubric = useQuery(rubricQuery).data ?? []
  const queries = useQueryClient()
  const rating = toRating(draft)
  const save = useMutation({
    mutationFn: (body: Rating) =>
      answered(api.PUT('/api/wash-days/{id}/rating', { params: { path: { id: day.id } }, body })),
    onSuccess: async () => {
      setDraft(undefined)
      onSaved()
      await queries.invalidateQueries({ queryKey: ['client', day.clientId, 'wash-days'] })
      await queries.invalidateQueries({ queryKey: ['today'] })
    },
  })
  const value = (score: (typeof SCORES)[number]) =>
    zone === undefined ? draft.head[score] : (draft.zones[zone]?.[score] ?? draft.head[score])
  const give = (score: (typeof SCORES)[number], points: number) => {
    setShown(score)
    if (zone === undefined) setDraft({ ...draft, head: { ...draft.head, [score]: points } })
    else setDraft({ ...draft, zones: { ...draft.zones, [zone]: { ...draft.zones[zone], [score]: points } } })
  }
  return (
    <section aria-label="Score this wash" className="grid gap-5 p-4 xl:grid-cols-[15rem_1fr_15rem]">
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
        {SCORES.map((score) => (
          <ScoreSlider
            key={`${score}/${zone ?? ''}`}
            name={score}
            rubric={rubric.find((r) => r.name === score)}
            value={value(score)}
            onChange={(points) => give(score, points)}
          />
        ))}
      </div>
      <div className="grid content-start gap-3">
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
        <fieldset className="grid grid-cols-2 items-end gap-3">
          <legend className="label mb-1">Shrinkage by the ruler</legend>
          <TextField
            label="hanging dry, cm"
            numeric
            value={draft.naturalCm}
            onChange={(naturalCm) => setDraft({ ...draft, naturalCm })}
          />
          <TextField
            label="pulled straight, cm"
            numeric
            value={draft.stretchedCm}
            onChange={(stretchedCm) => setDraft({ ...draft, stretchedCm })}
          />
        </fieldset>
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
          onClick={() => rating !== undefined && save.mutate(rating)}
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
  const { definition, clumping, frizz, volume } = given
  return definition === undefined || clumping === undefined || frizz === undefined || volume === undefined
    ? undefined
    : { definition, clumping, frizz, volume }
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
    ...(draft.naturalCm !== '' && draft.stretchedCm !== ''
      ? {
          measured: {
            naturalCm: Number(draft.naturalCm.replace(',', '.')),
            stretchedCm: Number(draft.stretchedCm.replace(',', '.')),
          },
        }
      : {}),
    ...(draft.notes === '' ? {} : { notes: draft.notes }),
  }
}

function isDraft(value: unknown): value is Draft {
  return (
    isObject(value) &&
    isObject(value['head']) &&
    isObject(value['zones']) &&
    typeof value['naturalCm'] === 'string'
  )
}
