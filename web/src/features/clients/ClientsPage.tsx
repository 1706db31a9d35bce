import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { clientsQuery, foundQuery, schoolsQuery } from '../../api/queries'
import type { Client, HistoryLine, SchoolQuestion } from '../../api/types'
import { AIRS, hairLine } from '../../api/words'
import { Button } from '../../ui/Button'
import { Failure, Waiting } from '../../ui/Notice'
import { Select } from '../../ui/Select'
import { TextField } from '../../ui/TextField'
import { aText, useAddressed } from '../../ui/useAddressed'
import { useTitle } from '../../ui/useTitle'
import { ClientMore } from './ClientMore'
import { SalonFiles } from './SalonFiles'
import { useWanted } from './useWanted'
import { figure } from '../../ui/figure'

/** Every client, and every wash day over all of them. */
export function ClientsPage() {
  const [sought, setSought] = useAddressed('name', aText)
  const name = sought ?? ''
  const [isFiles, setFiles] = useState(false)
  const [more, setMore] = useState<Client | undefined>(undefined)
  const { data, error } = useQuery(clientsQuery)
  useTitle('Clients')
  if (error !== null && data === undefined) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Opening the clients" />
  const found = data.filter((client) => client.name.toLowerCase().includes(name.trim().toLowerCase()))
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2 py-4">
        <h1 className="text-2xl font-semibold">Clients</h1>
        <TextField label="Name" value={name} onChange={(text) => setSought(text === '' ? undefined : text)} />
        <span className="ml-auto flex gap-2">
          <Button onClick={() => setFiles(true)}>A file out, a file in</Button>
          <Link to="/new" className="bg-ink text-paper px-4 py-2 font-semibold">
            New client
          </Link>
        </span>
      </div>
      {isFiles && <SalonFiles onClose={() => setFiles(false)} />}
      {more !== undefined && <ClientMore client={more} onClose={() => setMore(undefined)} />}
      <div className="grid gap-4 xl:grid-cols-[26rem_1fr]">
        <ul aria-label="Clients" className="sheet max-h-[40vh] overflow-y-auto xl:max-h-[calc(100vh-10rem)]">
          {found.map((client) => (
            <li
              key={client.id}
              className="border-line flex items-center gap-3 border-b px-4 py-2 last:border-b-0"
            >
              <div className="min-w-0 flex-1">
                <Link to={`/clients/${client.id}/log`} className="text-lg font-semibold hover:underline">
                  {client.name}
                </Link>
                <span className="figures text-muted block">
                  {client.hair === undefined ? 'not read yet' : hairLine(client.hair)}
                </span>
              </div>
              <button
                type="button"
                className="underline"
                aria-label={`More of ${client.name}`}
                onClick={() => setMore(client)}
              >
                more
              </button>
            </li>
          ))}
          {found.length === 0 && <li className="text-muted p-4">Nobody of that name.</li>}
        </ul>
        <WashDays />
      </div>
    </>
  )
}

/** Wash days by product, school, air and result. */
function WashDays() {
  const [wanted] = useWanted()
  const query = useInfiniteQuery(foundQuery(wanted))
  const pages = query.data?.pages ?? []
  const lines = pages.flatMap((page) => page.lines)
  return (
    <section aria-label="Wash days" className="sheet min-w-0">
      <WantedBar products={pages[0]?.products ?? []} schools={pages[0]?.schools ?? []} />
      {query.error !== null && <Failure error={query.error} />}
      <div
        className="max-h-[60vh] overflow-auto xl:max-h-[calc(100vh-15rem)]"
        tabIndex={0}
        role="group"
        aria-label="Found"
      >
        <table className="w-full text-left">
          <thead>
            <tr className="label">
              <th className="px-4 py-1.5">Day</th>
              <th>Client</th>
              <th className="hidden md:table-cell">With</th>
              <th className="px-2 text-right">Definition</th>
              <th className="px-4 text-right">Frizz</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <Line key={line.id} line={line} />
            ))}
          </tbody>
        </table>
        {lines.length === 0 && query.isSuccess && (
          <p className="text-muted p-4">No wash day is so. Ask for less, or run one at the chair.</p>
        )}
        {query.hasNextPage && (
          <div className="p-3">
            <Button disabled={query.isFetchingNextPage} onClick={() => void query.fetchNextPage()}>
              Earlier ones
            </Button>
          </div>
        )}
      </div>
    </section>
  )
}

type WantedBarProps = { products: readonly string[]; schools: readonly string[] }

/** What wash days are looked for by. */
function WantedBar({ products, schools }: WantedBarProps) {
  const [wanted, put] = useWanted()
  const questions = useQuery(schoolsQuery).data ?? []
  const points = (text: string) => (text === '' ? undefined : Number(text))
  return (
    <div className="border-ink flex flex-wrap items-end gap-x-4 gap-y-2 border-b px-4 py-2.5">
      <Select
        label="With"
        options={[
          { value: '', label: 'any product' },
          ...products.map((product) => ({ value: product, label: product })),
        ]}
        value={wanted.product ?? ''}
        onChange={(to) => put.product(to === '' ? undefined : to)}
      />
      <Select
        label="School"
        options={[
          { value: '', label: 'any school' },
          ...schools.map((word) => ({
            value: word,
            label: schoolWords(word, questions),
          })),
        ]}
        value={wanted.school ?? ''}
        onChange={(to) => put.school(to === '' ? undefined : to)}
      />
      <Select
        label="Air"
        options={[{ value: '', label: 'any air' }, ...AIRS]}
        value={wanted.air ?? ''}
        onChange={(to) => put.air(to === '' ? undefined : to)}
      />
      <Select
        label="Definition"
        options={atLeast}
        value={String(wanted.leastDefinition ?? '')}
        onChange={(to) => put.leastDefinition(points(to))}
      />
      <Select
        label="Frizz"
        options={atMost}
        value={String(wanted.mostFrizz ?? '')}
        onChange={(to) => put.mostFrizz(points(to))}
      />
    </div>
  )
}

const STEPS = [2, 3, 4, 5, 6, 7, 8]
const atLeast = [
  { value: '', label: 'any' },
  ...STEPS.map((n) => ({ value: String(n), label: `${n} and more` })),
]
const atMost = [
  { value: '', label: 'any' },
  ...STEPS.map((n) => ({ value: String(n), label: `${n} at most` })),
]

function Line({ line }: { line: HistoryLine }) {
  return (
    <tr className="border-line border-t border-dotted align-baseline hover:bg-shallow">
      <td className="figures px-4 py-1.5 whitespace-nowrap">
        {new Date(line.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: '2-digit' })}
      </td>
      <td className="pr-3">
        <Link to={`/clients/${line.clientId}/log?day=${line.id}`} className="font-semibold hover:underline">
          {line.client}
        </Link>
        <span className="text-muted block text-sm">{line.name}</span>
      </td>
      <td className="text-muted hidden text-sm md:table-cell">{line.products.join(', ')}</td>
      <td className="figures px-2 text-right">
        {line.definition === undefined ? '–' : figure(line.definition)}
      </td>
      <td className="figures px-4 text-right">{line.frizz === undefined ? '–' : figure(line.frizz)}</td>
    </tr>
  )
}

/** "fabric NO" as the question and the side in words. */
function schoolWords(word: string, questions: readonly SchoolQuestion[]): string {
  const [key = '', side = ''] = word.split(' ')
  const question = questions.find((q) => q.key === key)
  const taken = question?.sides.find((s) => s.word === side)
  return question === undefined || taken === undefined ? word : `${question.question}: ${taken.label}`
}
