import { useId } from 'react'

type TextFieldProps = { label: string; value: string; onChange: (value: string) => void; numeric?: boolean }

export function TextField({ label, value, onChange, numeric = false }: TextFieldProps) {
  const id = useId()
  return (
    <div className="grid gap-0.5">
      <label htmlFor={id} className="text-muted text-sm">
        {label}
      </label>
      <input
        id={id}
        value={value}
        inputMode={numeric ? 'decimal' : 'text'}
        autoComplete="off"
        onChange={(event) => onChange(event.target.value)}
        className="border-ink bg-paper min-h-10 w-full border px-2"
      />
    </div>
  )
}
