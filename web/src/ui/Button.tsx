import type { ComponentProps } from 'react'

type ButtonProps = ComponentProps<'button'> & {
  /** The one main action of a place is filled. */
  main?: boolean
}

export function Button({ main = false, className = '', type = 'button', ...rest }: ButtonProps) {
  const look = main
    ? 'bg-ink text-paper border-ink font-semibold'
    : 'bg-paper text-ink border-ink font-semibold hover:bg-shallow'
  return (
    <button
      type={type}
      className={`min-h-9 border px-3.5 py-1.5 text-[0.95rem] disabled:opacity-45 ${look} ${className}`}
      {...rest}
    />
  )
}
