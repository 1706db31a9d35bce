import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Measurement, PhotoKept } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { numberFault, numberIn } from '../../ui/numberText'
import { TextField } from '../../ui/TextField'
import { measuredQuery } from './measuredQuery'
import { readCentimetres, type Ends } from './ruler'
import type { StrandRead } from './Strands'
import { figure } from '../../ui/figure'

type RulerReadProps = {
  photo: PhotoKept
  measured: Measurement
  ends: Ends
  onStrand: ((read: StrandRead) => void) | undefined
}

/** As the server takes it. */
const LENGTH = { label: 'It', unit: 'cm', min: 0.5, max: 200 }

const MILLIMETRES = 10

const LENGTHS = [
  { length: 'naturalCm', words: 'as it hangs' },
  { length: 'stretchedCm', words: 'pulled straight' },
] as const

/** What the line reads; where nothing tells the scale, how long it is says it for good. */
export function RulerRead({ photo, measured, ends, onStrand }: RulerReadProps) {
  const [isAnew, setAnew] = useState(false)
  const [taken, setTaken] = useState('')
  const read = readCentimetres(ends, measured)
  if (read === undefined || isAnew)
    return <Setting photo={photo.key} ends={ends} onSet={() => setAnew(false)} />
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <p role="status" className="figures text-2xl">
        {figure(read)} cm
      </p>
      <p className="text-muted">
        {measured.ruler === undefined
          ? 'Scale by the sheet.'
          : 'Scale set by hand: only what is as far from the camera reads true.'}{' '}
        A strand held beside it, hanging and pulled straight, gives its shrinkage.
      </p>
      {onStrand !== undefined &&
        LENGTHS.map(({ length, words }) => (
          <Button
            key={length}
            onClick={() => {
              onStrand({ zone: photo.zone, length, centimetres: read })
              setTaken(`${figure(read)} cm ${words}, in the scores of this wash.`)
            }}
          >
            A strand {words}
          </Button>
        ))}
      {taken !== '' && <p role="status">{taken}</p>}
      {measured.ruler !== undefined && <Button onClick={() => setAnew(true)}>Set the scale anew</Button>}
    </div>
  )
}

type SettingProps = { photo: string; ends: Ends; onSet: () => void }

function Setting({ photo, ends: [from, to], onSet }: SettingProps) {
  const [typed, setTyped] = useState('')
  const queries = useQueryClient()
  const centimetres = numberIn(typed)
  const fault = numberFault(typed, LENGTH)
  const set = useMutation({
    mutationFn: (length: number) =>
      answered(
        api.PUT('/api/wash-days/photos/{key}/ruler', {
          params: { path: { key: photo } },
          body: { fromX: from.x, fromY: from.y, toX: to.x, toY: to.y, millimetres: length * MILLIMETRES },
        }),
      ),
    onSuccess: (measured) => {
      queries.setQueryData(measuredQuery(photo).queryKey, measured)
      onSet()
    },
  })
  return (
    <form
      className="grid max-w-2xl gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (centimetres !== undefined && fault === undefined) set.mutate(centimetres)
      }}
    >
      <p>
        Tap both ends of something whose length you know, as near to the camera as the hair: a comb, the width
        of a clip.
      </p>
      <div className="flex items-end gap-3">
        <span className="w-28">
          <TextField label="It is, cm" numeric value={typed} fault={fault} onChange={setTyped} />
        </span>
        <Button
          main
          type="submit"
          disabled={centimetres === undefined || fault !== undefined || set.isPending}
        >
          Set the scale
        </Button>
      </div>
      {set.error !== null && <Failure error={set.error} />}
    </form>
  )
}
