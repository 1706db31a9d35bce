import { useId } from 'react'
import type { Option } from './Choice'

type SelectProps<T extends string> = {
  label: string
  options: readonly Option<T>[]
  value: T
  onChange: (value: T) => void
}

/** One of many: the machine's own list, which every hand and screen reader knows. */
export function Select<T extends string>({ label, options, value, onChange }: SelectProps<T>) {
  const id = useId()
  return (
    <div className="grid gap-0.5">
      <label htmlFor={id} className="label">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value)
          if (chosen !== undefined) onChange(chosen.value)
        }}
        className="border-ink bg-paper text-ink min-h-9 border px-2"
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </div>
  )
}
