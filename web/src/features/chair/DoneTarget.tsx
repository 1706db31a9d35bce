type DoneTargetProps = {
  isStarted: boolean
  isPaused: boolean
  /** The next touch counts; right after one it does not. */
  isOpen: boolean
  /** Where sections are counted: the one in hand, from 0, and how many there are. */
  section: { turn: number; of: number } | undefined
  onDone: () => void
  /** Undefined where there is nothing to take back, or no more. */
  onTakeBack: (() => void) | undefined
}

/** The one target of the lower half; what was just done can be taken back beside it. */
export function DoneTarget({ isStarted, isPaused, isOpen, section, onDone, onTakeBack }: DoneTargetProps) {
  return (
    <div className="relative grid">
      <button
        type="button"
        aria-disabled={!isOpen}
        onClick={onDone}
        className="bg-ink text-paper border-paper grid content-center justify-items-center border-t-2 text-[clamp(2.2rem,7vw,4.2rem)] leading-tight font-semibold"
      >
        {isPaused ? 'Go on' : isStarted ? 'Done' : 'Begin'}
        {section !== undefined && !isPaused && (
          <span className="text-[clamp(1.3rem,3vw,2rem)] font-normal">
            section {section.turn + 1} of {section.of}
          </span>
        )}
      </button>
      {onTakeBack !== undefined && (
        <button
          type="button"
          onClick={onTakeBack}
          className="border-paper text-paper absolute top-4 right-4 min-h-12 border px-5 text-lg font-semibold"
        >
          Take it back
        </button>
      )}
    </div>
  )
}
