type DoneTargetProps = {
  isStarted: boolean
  isPaused: boolean
  /** Where sections are counted: the one in hand, from 0, and how many there are. */
  section: { turn: number; of: number } | undefined
  onDone: () => void
  onResume: () => void
}

/** The one target of the lower half. */
export function DoneTarget({ isStarted, isPaused, section, onDone, onResume }: DoneTargetProps) {
  return (
    <button
      type="button"
      onClick={isPaused ? onResume : onDone}
      className="bg-ink text-paper border-paper grid content-center justify-items-center border-t-2 text-[clamp(2.2rem,7vw,4.2rem)] leading-tight font-semibold"
    >
      {isPaused ? 'Go on' : isStarted ? 'Done' : 'Begin'}
      {section !== undefined && !isPaused && (
        <span className="text-[clamp(1.3rem,3vw,2rem)] font-normal">
          section {section.turn + 1} of {section.of}
        </span>
      )}
    </button>
  )
}
