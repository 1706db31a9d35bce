import { ToggleGroup } from 'radix-ui'
import { useId } from 'react'

export type Option<T extends string> = { value: T; label: string }

type ChoiceProps<T extends string> = {
  label: string
  options: readonly Option<T>[]
  value: T | undefined
  onChange: (value: T) => void
  /** What is shown beside the label, such as where the value comes from. */
  hint?: string
}

/** One of a few, all in sight. */
export function Choice<T extends string>({ label, options, value, onChange, hint }: ChoiceProps<T>) {
  const id = useId()
  return (
    <div className="grid gap-1">
      <span className="flex items-baseline gap-2">
        <span id={id} className="label">
          {label}
        </span>
        {hint !== undefined && <span className="text-muted text-sm">{hint}</span>}
      </span>
      <ToggleGroup.Root
        type="single"
        aria-labelledby={id}
        value={value ?? ''}
        onValueChange={(next) => {
          const chosen = options.find((option) => option.value === next)
          if (chosen !== undefined) onChange(chosen.value)
        }}
        className="flex flex-wrap"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            className="border-ink data-[state=on]:bg-ink data-[state=on]:text-paper bg-paper -ml-px -mt-px mt-0 min-h-10 min-w-11 border px-3 first:ml-0 hover:bg-shallow"
          >
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  )
}
