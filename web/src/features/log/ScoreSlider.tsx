import { Slider } from 'radix-ui'
import { useId } from 'react'
import type { RubricScore } from '../../api/types'
import { figure } from '../../ui/figure'

/** Where the empty thumb waits: between two steps, so that every score is a change. */
const UNSET = 5.25

type ScoreSliderProps = {
  name: string
  rubric: RubricScore | undefined
  /** 0 to 10 in halves; undefined while not given. */
  value: number | undefined
  onChange: (points: number) => void
}

/** A score with the words for where it stands; empty until a hand sets it. */
export function ScoreSlider({ name, rubric, value, onChange }: ScoreSliderProps) {
  const id = useId()
  const level = value === undefined ? undefined : rubric?.levels.findLast((l) => value >= l.from)
  return (
    <div>
      <div className="flex items-baseline gap-3">
        <span id={id} className="label">
          {name}
        </span>
        <span className="text-muted text-sm">{rubric?.question}</span>
        <span className="figures ml-auto text-xl">{value === undefined ? '–' : figure(value)}</span>
      </div>
      <Slider.Root
        min={0}
        max={10}
        step={0.5}
        value={[value ?? UNSET]}
        onValueChange={([next]) => {
          if (next !== undefined) onChange(next)
        }}
        className="relative flex h-9 touch-none items-center"
      >
        <Slider.Track className="border-ink bg-paper relative h-2.5 grow border">
          <Slider.Range className={value === undefined ? 'bg-transparent' : 'bg-lengths absolute h-full'} />
        </Slider.Track>
        <Slider.Thumb
          onPointerUp={() => {
            // A touch on the waiting thumb means the middle it stands on.
            if (value === undefined) onChange(Math.floor(UNSET))
          }}
          aria-labelledby={id}
          aria-valuetext={value === undefined ? 'not scored yet' : `${value} of 10, ${level?.looks ?? ''}`}
          className={`border-ink block h-8 w-5 border-2 ${value === undefined ? 'bg-paper border-dashed' : 'bg-ink'}`}
        />
      </Slider.Root>
      <p className="min-h-5 text-sm">{level?.looks}</p>
    </div>
  )
}
