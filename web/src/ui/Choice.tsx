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
  /** Smaller, for a place that is looked at more than used. */
  compact?: boolean
  /** The label beside it instead of over it. */
  inline?: boolean
}

/** One of a few, all in sight. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  hint,
  compact = false,
  inline = false,
}: ChoiceProps<T>) {
  const id = useId()
  return (
    <div className={inline ? 'flex flex-wrap items-center gap-x-2 gap-y-1' : 'grid gap-1'}>
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
          // Touching the one that stands says it again: whoever listens may take it back.
          const chosen = options.find((option) => option.value === (next === '' ? value : next))
          if (chosen !== undefined) onChange(chosen.value)
        }}
        className="flex flex-wrap"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            className={`border-ink data-[state=on]:bg-ink data-[state=on]:text-paper bg-paper -mb-px border hover:bg-shallow ${compact ? 'min-h-8 px-[5px] figures text-[0.93rem]' : 'min-h-10 min-w-11 px-3'} -ml-px first:ml-0`}
          >
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  )
}
