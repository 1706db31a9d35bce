import { useId, useState } from 'react'
import { numberFault, numberIn } from './numberText'
import { Stepper } from './Stepper'

type NumberFieldProps = {
  label: string
  unit: string
  /** In the unit, inclusive. */
  min: number
  max: number
  value: number | undefined
  onChange: (value: number) => void
  /** What emptying it does; without it an empty field is told, and what stood stays. */
  onClear?: () => void
  hint?: string
  /** Takes a step more (1) or less (−1); without it the number is typed. */
  onStep?: (steps: 1 | -1) => void
}

/** A number with its unit; what is out of range is said beside it, and neither taken nor thrown away. */
export function NumberField(props: NumberFieldProps) {
  const { label, unit, value, onChange, onClear, hint, onStep } = props
  const id = useId()
  // What is being typed, until it is taken: undefined while the value stands.
  const [typed, setTyped] = useState<string | undefined>(undefined)
  const fault = typed === undefined ? undefined : faultOf(typed, props)
  return (
    <div className="grid gap-1 justify-self-start">
      <span className="flex items-baseline gap-2">
        <label htmlFor={id} className="label">
          {label}
        </label>
        {hint !== undefined && <span className="text-muted text-sm">{hint}</span>}
      </span>
      <span className="flex items-center gap-2">
        <input
          id={id}
          type="text"
          inputMode="decimal"
          autoComplete="off"
          value={typed ?? (value === undefined ? '' : String(value))}
          aria-invalid={fault !== undefined}
          aria-describedby={fault === undefined ? undefined : `${id}-fault`}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take()
            if (event.key === 'Escape' && typed !== undefined) {
              event.preventDefault()
              setTyped(undefined)
            }
          }}
          className="border-ink bg-paper aria-invalid:border-caution figures min-h-10 w-24 border px-2 text-lg aria-invalid:border-2"
        />
        {onStep !== undefined && (
          <>
            <Stepper label={`${label}: less`} text="−" tall onClick={() => step(-1)} />
            <Stepper label={`${label}: more`} text="+" tall onClick={() => step(1)} />
            {value !== undefined && onClear !== undefined && (
              <button
                type="button"
                aria-label={`${label}: no limit`}
                onClick={onClear}
                className="border-ink bg-paper h-10 border px-2 hover:bg-shallow"
              >
                no limit
              </button>
            )}
          </>
        )}
        <span className="text-muted">{unit}</span>
      </span>
      {fault !== undefined && (
        <span id={`${id}-fault`} role="alert" className="text-caution max-w-xs text-sm font-medium">
          <span aria-hidden>⚑ </span>
          {fault}{' '}
          {value !== undefined && (
            <button type="button" className="text-ink underline" onClick={() => setTyped(undefined)}>
              Leave it at {value}
            </button>
          )}
        </span>
      )}
    </div>
  )

  function take() {
    if (typed === undefined || fault !== undefined) return
    const next = numberIn(typed)
    setTyped(undefined)
    if (next === undefined) onClear?.()
    else if (next !== value) onChange(next)
  }

  function step(by: 1 | -1) {
    setTyped(undefined)
    onStep?.(by)
  }
}

function faultOf(text: string, props: NumberFieldProps): string | undefined {
  const { label, unit, min, max, value, onClear } = props
  if (numberIn(text) === undefined && value !== undefined && onClear === undefined)
    return `${label}: nothing stands here. Say from ${min} to ${max} ${unit}.`
  return numberFault(text, props)
}
