import { Button } from '../../ui/Button'
import { BringFile } from '../files/BringFile'

/** The shelf as a file, and a file onto the shelf. */
export function Exchange({ onClose }: { onClose: () => void }) {
  return (
    <section className="grid gap-3 p-4" aria-label="Import and export">
      <h2 className="text-lg font-semibold">A file in, a file out</h2>
      <p className="flex flex-wrap gap-4">
        <a className="underline" href="/api/shelf/export?format=CSV">
          Save the shelf as CSV
        </a>
        <a className="underline" href="/api/shelf/export?format=JSON">
          Save the shelf as JSON
        </a>
      </p>
      <BringFile onTaken={onClose} />
      <Button className="justify-self-start" onClick={onClose}>
        Back to the shelf
      </Button>
    </section>
  )
}
