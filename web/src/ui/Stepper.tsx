type StepperProps = { label: string; text: string; tall?: boolean; onClick: () => void }

/** A little more or less, for a wet thumb. */
export function Stepper({ label, text, tall = false, onClick }: StepperProps) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className={`border-ink bg-paper border text-lg leading-none hover:bg-shallow ${tall ? 'size-10' : 'size-8'}`}
    >
      {text}
    </button>
  )
}
