import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import type { Setting } from '../../api/queries'
import type { Routine } from '../../api/types'
import { Button } from '../../ui/Button'
import { Failure } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { kindOf, notARoutine } from '../files/fileKind'
import { fileName } from '../../ui/fileName'
import { isObject } from '../../ui/useStored'
import { RoutineFaults } from './RoutineFaults'

type TakeAlongProps = {
  setting: Setting
  routine: Routine
  onTake: (routine: Routine) => void
}

/** The routine out of here and into here: a printed card, a message, a file. */
export function TakeAlong({ setting, routine, onTake }: TakeAlongProps) {
  const client = useClient()
  const [brought, setBrought] = useState('')
  const text = useMutation({
    mutationFn: () => answered(api.POST('/api/routines/text', { body: { ...setting, routine } })),
  })
  const take = useMutation({
    mutationFn: async () => {
      const routine = parsed(brought)
      // What cannot be used comes back with every fault, and nothing has changed.
      await answered(api.POST('/api/routines/check', { body: { ...setting, routine } }))
      return routine
    },
    onSuccess: (routine) => {
      setBrought('')
      onTake(routine)
    },
  })
  const bring = (text: string) => {
    take.reset()
    setBrought(text)
  }
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => window.print()}>Print the card</Button>
        <Button onClick={() => text.mutate()}>As a message</Button>
        <a
          className="border-ink bg-paper border px-3.5 py-1.5 font-semibold hover:bg-shallow"
          download={fileName('json', client.name, 'routine')}
          href={`data:application/json,${encodeURIComponent(JSON.stringify(routine, null, 2))}`}
        >
          As a file
        </a>
      </div>
      {text.error !== null && <Failure error={text.error} />}
      {text.data !== undefined && (
        <div className="grid justify-items-start gap-2">
          <pre className="bg-shallow max-h-48 w-full overflow-auto p-2 font-sans text-sm whitespace-pre-wrap">
            {text.data.text}
          </pre>
          <Button onClick={() => void navigator.clipboard.writeText(text.data.text)}>Copy the message</Button>
        </div>
      )}
      <label className="grid gap-1">
        <span className="label">Bring a routine: a file, or its text pasted</span>
        <input
          type="file"
          accept="application/json,.json"
          className="text-sm"
          onChange={(event) => void event.target.files?.[0]?.text().then(bring)}
        />
        <textarea
          aria-label="A routine, pasted"
          rows={3}
          value={brought}
          onChange={(event) => bring(event.target.value)}
          className="border-ink bg-paper w-full border px-2 py-1"
        />
      </label>
      {take.error !== null && <RoutineFaults error={take.error} />}
      <Button
        className="justify-self-start"
        disabled={brought.trim() === '' || take.isPending}
        onClick={() => take.mutate()}
      >
        Put it on the water
      </Button>
    </div>
  )
}

function parsed(text: string): Routine {
  const value: unknown = kindOf(text) === 'ROUTINE' ? JSON.parse(text) : undefined
  if (!isRoutine(value)) throw new Error(notARoutine(text))
  return value
}

/** It has steps; what is in them the server looks through, fault by fault, before it is taken. */
function isRoutine(value: unknown): value is Routine {
  return isObject(value) && Array.isArray(value['steps'])
}
