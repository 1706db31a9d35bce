type TuneProps = {
  label: string
  value: string
  less: () => void
  more: () => void
}

/** A little less, a little more: no typing with wet hands. */
export function Tune({ label, value, less, more }: TuneProps) {
  return (
    <span className="grid gap-0.5">
      <span className="label">{label}</span>
      <span className="figures flex items-center">
        <Step label={`Less ${label.toLowerCase()}`} text="−" onClick={less} />
        <output className="border-ink flex h-9 min-w-14 items-center justify-center border-y px-2">
          {value}
        </output>
        <Step label={`More ${label.toLowerCase()}`} text="+" onClick={more} />
      </span>
    </span>
  )
}

function Step({ label, text, onClick }: { label: string; text: string; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="border-ink bg-paper h-9 w-9 border text-lg leading-none hover:bg-shallow"
    >
      {text}
    </button>
  )
}
