import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { templatesQuery, type Setting } from '../../api/queries'
import type { Product, Refit, Routine, Template } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { TextField } from '../../ui/TextField'

type TemplatesProps = {
  setting: Setting
  shelf: Product[]
  routine: Routine
  onTake: (routine: Routine) => void
}

/** Routines kept for other heads; brought here, each is fitted and every change is said. */
export function Templates({ setting, shelf, routine, onTake }: TemplatesProps) {
  const templates = useQuery(templatesQuery).data ?? []
  const { name, setName, gone, keep, remove, back } = useTemplates(routine)
  const fit = useMutation({
    mutationFn: (template: Routine) =>
      answered(api.POST('/api/routines/refit', { body: { ...setting, shelf, routine: template } })),
  })
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-2">
        <TextField label="Keep this one as" value={name} onChange={setName} />
        <Button disabled={name.trim() === '' || keep.isPending} onClick={() => keep.mutate()}>
          Keep it
        </Button>
        <Button onClick={() => onTake({ formatVersion: 1, steps: [] })}>Begin with empty water</Button>
      </div>
      {keep.error !== null && <Failure error={keep.error} />}
      {fit.error !== null && <Failure error={fit.error} />}
      {gone !== undefined && (
        <p role="status">
          Removed.{' '}
          <button type="button" className="underline" onClick={() => back.mutate(gone)}>
            Put it back
          </button>
        </p>
      )}
      {fit.data === undefined ? (
        <Kept templates={templates} onFit={fit.mutate} onRemove={remove.mutate} />
      ) : (
        <FittedHere
          fitted={fit.data}
          onTake={() => {
            onTake(fit.data.routine)
            fit.reset()
          }}
          onLeave={() => fit.reset()}
        />
      )}
    </div>
  )
}

/** Keeping, taking out and putting back. */
function useTemplates(routine: Routine) {
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const [gone, setGone] = useState<number | undefined>(undefined)
  const again = () => queries.invalidateQueries({ queryKey: ['templates'] })
  const keep = useMutation({
    mutationFn: () => answered(api.POST('/api/templates', { body: { name, routine } })),
    onSuccess: async () => {
      setName('')
      await again()
    },
  })
  const remove = useMutation({
    mutationFn: (id: number) => answered(api.DELETE('/api/templates/{id}', { params: { path: { id } } })),
    onSuccess: async (_, id) => {
      setGone(id)
      await again()
    },
  })
  const back = useMutation({
    mutationFn: (id: number) => answered(api.POST('/api/templates/{id}/back', { params: { path: { id } } })),
    onSuccess: async () => {
      setGone(undefined)
      await again()
    },
  })
  return { name, setName, gone, keep, remove, back }
}

type KeptProps = {
  templates: readonly Template[]
  onFit: (routine: Routine) => void
  onRemove: (id: number) => void
}

function Kept({ templates, onFit, onRemove }: KeptProps) {
  return (
    <ul aria-label="Templates">
      {templates.map((template) => (
        <li
          key={template.id}
          className="border-line flex flex-wrap items-center gap-2 border-b border-dotted py-1"
        >
          <span className="mr-auto">
            {template.name} <span className="text-muted">{template.routine.steps.length} steps</span>
          </span>
          <Button onClick={() => onFit(template.routine)}>Fit it to this head</Button>
          <button type="button" className="underline" onClick={() => onRemove(template.id)}>
            Remove
          </button>
        </li>
      ))}
      {templates.length === 0 && (
        <li className="text-muted">
          None yet. Keep a routine that works, and fit it to the next head that is like this one.
        </li>
      )}
    </ul>
  )
}

type FittedHereProps = { fitted: Refit; onTake: () => void; onLeave: () => void }

/** What was changed for this head, and why. */
function FittedHere({ fitted, onTake, onLeave }: FittedHereProps) {
  return (
    <section aria-label="Fitted to this head" className="grid gap-2">
      <ol>
        {fitted.changes.map((change, i) => (
          <li key={i}>
            <b className="font-semibold">{change.what}.</b> {change.why}
          </li>
        ))}
        {fitted.changes.length === 0 && fitted.beyond.length === 0 && <li>It fits as it is.</li>}
      </ol>
      {fitted.beyond.length > 0 && (
        <p className="text-caution">
          <span aria-hidden>⚑ </span>Still beyond today’s limits: {fitted.beyond.join('; ')}.
        </p>
      )}
      <div className="flex gap-2">
        <Button main onClick={onTake}>
          Take it
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </section>
  )
}
