import { useId } from 'react'
import { Stepper } from './Stepper'

type NumberFieldProps = {
  label: string
  unit: string
  /** In the unit, inclusive. */
  min: number
  max: number
  value: number | undefined
  onChange: (value: number) => void
  /** What emptying it does; without it an empty field keeps what it had. */
  onClear?: () => void
  hint?: string
  /** Takes a step more (1) or less (−1); without it the number is typed. */
  onStep?: (steps: 1 | -1) => void
}

/** A number with its unit; what is out of range is said, and not taken. */
export function NumberField({
  label,
  unit,
  min,
  max,
  value,
  onChange,
  onClear,
  hint,
  onStep,
}: NumberFieldProps) {
  const id = useId()
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
          key={value}
          type="text"
          inputMode="decimal"
          defaultValue={value ?? ''}
          onChange={(event) => {
            const text = event.target.value.replace(',', '.').trim()
            const next = Number(text)
            const good = text !== '' && next >= min && next <= max
            event.target.setCustomValidity(
              good || text === '' ? '' : `${label} must be from ${min} to ${max} ${unit}`,
            )
            event.target.reportValidity()
          }}
          onBlur={(event) => take(event.target)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take(event.currentTarget)
          }}
          className="border-ink bg-paper invalid:border-caution figures min-h-10 w-24 border px-2 text-lg invalid:border-2"
        />
        {onStep !== undefined && (
          <>
            <Stepper label={`${label}: less`} text="−" tall onClick={() => onStep(-1)} />
            <Stepper label={`${label}: more`} text="+" tall onClick={() => onStep(1)} />
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
    </div>
  )

  function take(input: HTMLInputElement) {
    const text = input.value.replace(',', '.').trim()
    if (text === '' && value !== undefined) onClear?.()
    if (text !== '' && input.validity.valid && Number(text) !== value) onChange(Number(text))
  }
}
