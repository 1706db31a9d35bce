import { useQueryClient } from '@tanstack/react-query'
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

/** What went wrong, in words. What was asked for and could not be reached is asked for again by itself; a button does it at once. */
export function Failure({ error }: { error: Error }) {
  const queries = useQueryClient()
  const isAsked = queries
    .getQueryCache()
    .findAll()
    .some(({ state }) => state.error === error)
  const isUnreached = isAsked && error instanceof ApiError && error.status === 0
  const faults = error instanceof ApiError ? error.faults : []
  return (
    <Caution title={error.message}>
      {isUnreached && (
        <p className="mt-1 flex flex-wrap items-center gap-3">
          This is asked for again every few seconds.
          <button
            type="button"
            className="border-ink min-h-11 border px-4 font-semibold hover:bg-shallow"
            onClick={() =>
              void queries.refetchQueries({ predicate: ({ state }) => state.status === 'error' })
            }
          >
            Try again now
          </button>
        </p>
      )}
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
