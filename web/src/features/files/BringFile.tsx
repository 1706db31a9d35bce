import { useId, useState } from 'react'
import { Button } from '../../ui/Button'
import { kindOf } from './fileKind'
import { SalonArrival } from './SalonArrival'
import { ScoresArrival } from './ScoresArrival'
import { ShelfArrival } from './ShelfArrival'

/** Longer ones are not shown to be mended by hand: photographs are in them, in characters. */
const MOST_SHOWN = 400_000

/** One place for any file: it is told by what it holds, and looked at before anything of it is taken. */
export function BringFile({ onTaken }: { onTaken: () => void }) {
  const id = useId()
  const [text, setText] = useState('')
  const [looked, setLooked] = useState('')
  return (
    <div className="grid gap-3">
      <div className="grid gap-0.5">
        <label htmlFor={id} className="label">
          Bring a file
        </label>
        <input
          id={id}
          type="file"
          accept=".csv,.json,.zip,text/csv,application/json,application/zip"
          onChange={(event) => {
            void event.target.files?.[0]?.text().then((read) => {
              setText(read)
              setLooked(read)
            })
          }}
        />
        <span className="text-muted text-sm">
          Clients and their washes, scores mended in a spreadsheet, or bottles: what it holds is seen from the
          file.
        </span>
      </div>
      {text.length < MOST_SHOWN && (
        <label className="grid gap-0.5">
          <span className="label">or paste its lines, and mend them here</span>
          <textarea
            rows={text === '' ? 2 : 7}
            value={text}
            onChange={(event) => setText(event.target.value)}
            className="border-ink bg-paper figures w-full border px-2 py-1 text-sm"
          />
        </label>
      )}
      <Button
        className="justify-self-start"
        disabled={text.trim() === '' || text === looked}
        onClick={() => setLooked(text)}
      >
        Look at it first
      </Button>
      {looked !== '' && <Arrival key={looked} text={looked} onTaken={onTaken} />}
    </div>
  )
}

function Arrival({ text, onTaken }: { text: string; onTaken: () => void }) {
  const kind = kindOf(text)
  switch (kind) {
    case 'SALON':
      return <SalonArrival text={text} onTaken={onTaken} />
    case 'SCORES':
      return <ScoresArrival text={text} onTaken={onTaken} />
    case 'SHELF':
      return <ShelfArrival text={text} onTaken={onTaken} />
    case 'ROUTINE':
      return <p role="status">This is a routine: bring it on a client’s plan, under Take along.</p>
    case 'BACKUP':
      return (
        <p role="status">
          This is a backup of a whole salon: unpacked into an empty data folder it is that salon again.
        </p>
      )
    case 'UNKNOWN':
      return (
        <p role="status">
          Nothing here can be told from this file. It should be one saved from here, or a table whose first
          line names its columns: name and role for bottles, definition for scores.
        </p>
      )
  }
  return kind satisfies never
}
