import { useState, type ReactNode } from 'react'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/TextField'
import { useStored } from '../../ui/useStored'

type ByNameProps = {
  /** Why a name is asked for. */
  why: string
  children: (person: string, onOther: () => void) => ReactNode
}

/** What is kept for somebody: asks once whose it is. */
export function ByName({ why, children }: ByNameProps) {
  const [person, setPerson] = useStored('practice-person', isText)
  const [typed, setTyped] = useState(person ?? '')
  if (person !== undefined && person !== '') return children(person, () => setPerson(''))
  return (
    <form
      className="sheet grid max-w-xl gap-3 px-4 py-4"
      onSubmit={(event) => {
        event.preventDefault()
        setPerson(typed.trim())
      }}
    >
      <p>{why}</p>
      <TextField label="Name" value={typed} onChange={setTyped} />
      <span>
        <Button main type="submit" disabled={typed.trim() === ''}>
          Begin
        </Button>
      </span>
    </form>
  )
}

function isText(value: unknown): value is string {
  return typeof value === 'string'
}
