import type { ReactNode } from 'react'
import { ApiError } from '../api/client'

/** Something that needs care: magenta, and always with words. */
export function Caution({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div role="alert" className="border-caution bg-paper border-l-4 py-1.5 pl-3">
      <p className="text-caution font-semibold">{title}</p>
      {children}
    </div>
  )
}

export function Failure({ error }: { error: Error }) {
  const faults = error instanceof ApiError ? error.faults : []
  return (
    <Caution title={error.message}>
      {faults.length > 1 && (
        <ul className="mt-1 list-disc pl-5">
          {faults.map((fault) => (
            <li key={fault.pointer + fault.message}>{fault.message}</li>
          ))}
        </ul>
      )}
    </Caution>
  )
}

/** How far a computation came in the time there is; nothing where it came to its end. */
export function Unfinished({ words }: { words: string | undefined }) {
  if (words === undefined) return null
  return (
    <p className="text-muted text-sm">
      <span aria-hidden>◔ </span>
      {words}
    </p>
  )
}

export function Waiting({ what }: { what: string }) {
  return (
    <p role="status" className="text-muted p-6">
      {what}…
    </p>
  )
}

/** An empty place that says what to do next. */
export function Empty({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="sheet grid justify-items-start gap-3 p-8">
      <h2 className="text-xl font-semibold">{title}</h2>
      {children}
    </div>
  )
}
