import { fileName } from '../../ui/fileName'
import { Sheet } from '../../ui/Sheet'
import { BringFile } from '../files/BringFile'

/** All clients as a file, and a file as clients. */
export function SalonFiles({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="A file out, a file in" onClose={onClose}>
      <div className="grid gap-3">
        <p>
          <a className="underline" href="/api/exchange" download={fileName('json', 'even-tide', 'clients')}>
            Save all clients and their washes as a file
          </a>
          <span className="text-muted">, photographs and all</span>
        </p>
        <p>
          <a className="underline" href="/api/backup" download={fileName('zip', 'even-tide', 'backup')}>
            Save a backup of everything
          </a>
          <span className="text-muted">
            : shelves and templates too. Unpacked into an empty data folder it is the same salon.
          </span>
        </p>
        <p>
          Scores alone, with strands and the days after:{' '}
          <a
            className="underline"
            href="/api/exchange/log.csv"
            download={fileName('csv', 'even-tide', 'scores')}
          >
            as a table (CSV)
          </a>{' '}
          or{' '}
          <a
            className="underline"
            href="/api/exchange/log.json"
            download={fileName('json', 'even-tide', 'scores')}
          >
            as a file (JSON)
          </a>
        </p>
        <BringFile onTaken={onClose} />
      </div>
    </Sheet>
  )
}
