import { useId } from 'react'

type TextFieldProps = {
  label: string
  value: string
  onChange: (value: string) => void
  numeric?: boolean
  type?: 'text' | 'date' | 'datetime-local'
}

export function TextField({ label, value, onChange, numeric = false, type = 'text' }: TextFieldProps) {
  const id = useId()
  return (
    <div className="grid gap-0.5">
      <label htmlFor={id} className="label">
        {label}
      </label>
      <input
        id={id}
        type={type}
        value={value}
        inputMode={numeric ? 'decimal' : 'text'}
        autoComplete="off"
        onChange={(event) => onChange(event.target.value)}
        className="border-ink bg-paper min-h-10 w-full border px-2"
      />
    </div>
  )
}
