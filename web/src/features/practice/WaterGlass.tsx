import { Slider } from 'radix-ui'
import { wetnessWord } from '../../api/words'

/** The bands of water by the least of each, percent, as the tide has them. */
const LINES = [90, 75, 60, 35, 10] as const
const FIVE = 5

type WaterGlassProps = {
  /** Percent; undefined while not guessed. */
  guess: number | undefined
  /** Percent; undefined while not weighed. */
  truth: number | undefined
  onGuess: (percent: number) => void
}

/** Water from dry to dripping, set by a thumb; the truth beside it once it is weighed. */
export function WaterGlass({ guess, truth, onGuess }: WaterGlassProps) {
  return (
    <div className="grid grid-cols-[5.4rem_1fr] gap-x-2">
      <div className="figures relative h-[19rem] text-right text-[0.95rem]" aria-hidden>
        {LINES.map((line) => (
          <span
            key={line}
            className="absolute right-0 -translate-y-1/2 whitespace-nowrap"
            style={{ top: `${100 - line}%` }}
          >
            {wetnessWord(line)} {line}
          </span>
        ))}
      </div>
      <Slider.Root
        orientation="vertical"
        min={0}
        max={100}
        step={FIVE}
        value={[guess ?? FIRST]}
        onValueChange={([next]) => {
          if (next !== undefined) onGuess(next)
        }}
        className="relative flex h-[19rem] w-full touch-none justify-center"
      >
        <Slider.Track className="border-ink bg-land relative w-full border">
          <Slider.Range
            className={`absolute w-full ${guess === undefined ? 'bg-transparent' : 'bg-shallow border-lengths border-t-2'}`}
          />
          {LINES.map((line) => (
            <span
              key={line}
              className="border-line absolute w-full border-t border-dotted"
              style={{ top: `${100 - line}%` }}
            />
          ))}
          {truth !== undefined && (
            <span
              className="border-ink figures absolute w-full border-t-[3px] pr-1 text-right font-semibold"
              style={{ top: `${100 - truth}%` }}
            >
              {truth} %
            </span>
          )}
        </Slider.Track>
        <Slider.Thumb
          onPointerUp={() => {
            // A touch on the waiting thumb means where it stands.
            if (guess === undefined) onGuess(FIRST)
          }}
          aria-label="How wet"
          aria-valuetext={guess === undefined ? 'not guessed yet' : `${guess} percent, ${wetnessWord(guess)}`}
          className={`border-ink figures grid h-8 w-24 place-items-center border-2 ${guess === undefined ? 'bg-paper border-dashed' : 'bg-ink text-paper'}`}
        >
          {guess === undefined ? 'how wet?' : `${guess} %`}
        </Slider.Thumb>
      </Slider.Root>
    </div>
  )
}

/** Where the thumb waits, percent. */
const FIRST = 50
