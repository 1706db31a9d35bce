import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { useClient } from '../clients/ClientFrame'

/** One page for the client: on paper, or as a message. */
export function TakeHomeSheet() {
  const client = useClient()
  const [isLarge, setLarge] = useState(false)
  const { data } = useQuery({
    queryKey: ['client', client.id, 'diary', 'sheet'],
    queryFn: () =>
      answered(api.GET('/api/clients/{id}/diary/sheet', { params: { path: { id: client.id } } })),
  })
  if (data === undefined) return null
  return (
    <section aria-label="To take home" className="sheet mt-4 print:mt-0 print:border-0">
      <div className="border-line flex flex-wrap items-center gap-x-4 gap-y-2 border-b px-4 py-2.5 print:hidden">
        <h2 className="label">To take home, first name only</h2>
        <span className="ml-auto flex flex-wrap items-center gap-3">
          <Button
            aria-pressed={isLarge}
            className="aria-pressed:bg-ink aria-pressed:text-paper"
            onClick={() => setLarge((now) => !now)}
          >
            Larger type
          </Button>
          <a href={`/api/clients/${client.id}/diary/sheet.txt`} download className="underline">
            As plain text
          </a>
          <Button onClick={() => window.print()}>Print it</Button>
        </span>
      </div>
      <div
        className={`columns-1 gap-10 px-6 py-4 sm:columns-2 print:columns-1 ${isLarge ? 'text-[1.35rem] leading-snug' : 'text-[1.02rem]'}`}
      >
        <h3 className="pb-1 text-[1.3em] font-semibold">{data.title}</h3>
        {data.parts.map((part) => (
          <div key={part.heading} className="break-inside-avoid pb-3">
            <h4 className="border-ink border-b font-semibold">{part.heading}</h4>
            {part.lines.map((line) => (
              <p key={line} className="pt-1">
                {line}
              </p>
            ))}
          </div>
        ))}
      </div>
    </section>
  )
}
