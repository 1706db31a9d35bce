import type { Option } from './Choice'

type ChecksProps<T extends string> = {
  label: string
  options: readonly Option<T>[]
  value: readonly T[]
  onChange: (value: T[]) => void
}

/** Any of a few, all in sight. */
export function Checks<T extends string>({ label, options, value, onChange }: ChecksProps<T>) {
  return (
    <fieldset>
      <legend className="label mb-1">{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map((option) => {
          const on = value.includes(option.value)
          return (
            <button
              key={option.value}
              type="button"
              role="checkbox"
              aria-checked={on}
              onClick={() =>
                onChange(on ? value.filter((v) => v !== option.value) : [...value, option.value])
              }
              className={`border-ink min-h-9 border px-2.5 ${on ? 'bg-ink text-paper' : 'bg-paper hover:bg-shallow'}`}
            >
              {on ? '✓ ' : ''}
              {option.label}
            </button>
          )
        })}
      </div>
    </fieldset>
  )
}
