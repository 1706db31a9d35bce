import { Slider } from 'radix-ui'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { PhotoKept, WashDay } from '../../api/types'
import { Button } from '../../ui/Button'
import { Choice } from '../../ui/Choice'
import { Select } from '../../ui/Select'
import { dateOf } from './dayWords'
import { Measured } from './Measured'
import { measuredQuery } from './measuredQuery'
import { photoPath } from './photoPath'
import { ENDS, readCentimetres, type Ends } from './ruler'
import { RulerLine } from './RulerLine'
import { RulerRead } from './RulerRead'
import type { StrandRead } from './Strands'
import { useSameView, type SameView } from './useSameView'
import { figure } from '../../ui/figure'

const WAYS = [
  { value: 'beside', label: 'Side by side' },
  { value: 'over', label: 'Over it' },
] as const

type PhotoCompareProps = {
  day: WashDay
  photo: PhotoKept
  earlier: readonly WashDay[]
  onStrand: ((read: StrandRead) => void) | undefined
  onRemove: () => void
}

/** A photograph, and the same view of another wash beside it or over it, as far as the slider says. */
export function PhotoCompare({ day, photo, earlier, onStrand, onRemove }: PhotoCompareProps) {
  const same = useSameView(earlier, photo.view)
  const [chosen, setChosen] = useState('')
  const [way, setWay] = useState<'beside' | 'over'>('beside')
  const [share, setShare] = useState(50)
  const [isLaidOver, setLaidOver] = useState(false)
  const [ends, setEnds] = useState<Ends | undefined>(undefined)
  const measured = useQuery(measuredQuery(photo.key)).data
  const overlay = measured?.overlay
  const other = same.find((one) => String(one.day.id) === chosen)
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <Select
          label="Against"
          options={[
            { value: '', label: same.length === 0 ? 'no other wash has this view' : 'nothing' },
            ...same.map((one) => ({ value: String(one.day.id), label: dateOf(one.day) })),
          ]}
          value={chosen}
          onChange={setChosen}
        />
        {other !== undefined && <Choice label="How" options={WAYS} value={way} onChange={setWay} />}
        {overlay !== undefined && (
          <Button onClick={() => setLaidOver(!isLaidOver)}>
            {isLaidOver ? 'The picture alone' : 'Show what was measured'}
          </Button>
        )}
        {measured !== undefined && (
          <Button
            aria-pressed={ends !== undefined}
            onClick={() => setEnds(ends === undefined ? ENDS : undefined)}
          >
            {ends === undefined ? 'Ruler' : 'Put the ruler away'}
          </Button>
        )}
        <Button className="ml-auto" onClick={onRemove}>
          Remove this photograph
        </Button>
      </div>
      <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="grid content-start gap-3">
          <div className="bg-shallow relative mx-auto h-[56dvh] w-full max-w-2xl overflow-hidden">
            <img
              src={photoPath(photo.key)}
              alt={`As it was on ${dateOf(day)}`}
              className="h-full w-full object-contain"
            />
            {isLaidOver && overlay !== undefined && (
              <img
                src={overlay}
                alt="What was measured: outline, strays and the gaps between clumps"
                className="absolute inset-0 h-full w-full object-contain"
              />
            )}
            {other !== undefined && <OtherWash other={other} way={way} share={share} />}
            {ends !== undefined && measured !== undefined && (
              <RulerLine
                pixels={measured.pixels}
                ends={ends}
                reading={readingOf(readCentimetres(ends, measured))}
                onEnds={setEnds}
              />
            )}
          </div>
          {ends !== undefined && measured !== undefined && (
            <RulerRead photo={photo} measured={measured} ends={ends} onStrand={onStrand} />
          )}
          {other !== undefined && <Share of={dateOf(other.day)} percent={share} onChange={setShare} />}
        </div>
        <Measured photo={photo} day={day} />
      </div>
    </div>
  )
}

function readingOf(centimetres: number | undefined): string {
  return centimetres === undefined ? 'no scale yet' : `${figure(centimetres)} cm`
}

type OtherWashProps = { other: SameView; way: 'beside' | 'over'; share: number }

/** The same view of another wash, up to the edge or through it. */
function OtherWash({ other, way, share }: OtherWashProps) {
  return (
    <>
      <img
        src={photoPath(other.key)}
        alt={`As it was on ${dateOf(other.day)}`}
        className="absolute inset-0 h-full w-full object-contain"
        style={way === 'beside' ? { clipPath: `inset(0 ${100 - share}% 0 0)` } : { opacity: share / 100 }}
      />
      {way === 'beside' && (
        <span aria-hidden className="bg-ink absolute inset-y-0 w-0.5" style={{ left: `${share}%` }} />
      )}
    </>
  )
}

/** How much of the other wash is seen. */
function Share({
  of,
  percent,
  onChange,
}: {
  of: string
  percent: number
  onChange: (percent: number) => void
}) {
  return (
    <Slider.Root
      min={0}
      max={100}
      value={[percent]}
      onValueChange={([next = percent]) => onChange(next)}
      className="relative mx-auto flex h-10 w-full max-w-2xl touch-none items-center"
    >
      <Slider.Track className="border-ink bg-paper relative h-2.5 grow border">
        <Slider.Range className="bg-lengths absolute h-full" />
      </Slider.Track>
      <Slider.Thumb
        aria-label={`How much of ${of}`}
        aria-valuetext={`${percent} percent`}
        className="bg-ink block h-8 w-5"
      />
    </Slider.Root>
  )
}
