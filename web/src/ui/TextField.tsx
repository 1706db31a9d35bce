import { useId } from 'react'

type TextFieldProps = {
  label: string
  value: string
  onChange: (value: string) => void
  numeric?: boolean
  /** What is wrong with it, said beside it. */
  fault?: string | undefined
  type?: 'text' | 'date' | 'datetime-local'
}

export function TextField({ label, value, onChange, numeric = false, fault, type = 'text' }: TextFieldProps) {
  const id = useId()
  return (
    <div className="grid content-start gap-0.5">
      <label htmlFor={id} className="label">
        {label}
      </label>
      <input
        id={id}
        type={type}
        value={value}
        inputMode={numeric ? 'decimal' : 'text'}
        autoComplete="off"
        aria-invalid={fault !== undefined}
        aria-describedby={fault === undefined ? undefined : `${id}-fault`}
        onChange={(event) => onChange(event.target.value)}
        className="border-ink bg-paper aria-invalid:border-caution min-h-10 w-full min-w-0 border px-2 aria-invalid:border-2"
      />
      {fault !== undefined && (
        <span id={`${id}-fault`} role="alert" className="text-caution text-sm leading-tight font-medium">
          <span aria-hidden>⚑ </span>
          {fault}
        </span>
      )}
    </div>
  )
}
