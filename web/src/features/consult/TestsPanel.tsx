import { Answer } from './Answer'
import { useQuery } from '@tanstack/react-query'
import { testCardsQuery } from '../../api/queries'
import { TestDrawing } from './TestDrawing'
import { withTest, type Consult, type Scope, type TestChange } from './consultState'

type TestsPanelProps = {
  consult: Consult
  scope: Scope
  /** Whose watch it is, so that two clients' do not mix. */
  clientId: number
  onChange: (next: Consult) => void
}

/** The guided consult: what to do, what to look for, and the answer in place. */
export function TestsPanel({ consult, scope, clientId, onChange }: TestsPanelProps) {
  const cards = useQuery(testCardsQuery).data ?? []
  const tests = scope === undefined ? consult.tests : (consult.zoneTests[scope] ?? {})
  const put = (change: TestChange) => onChange(withTest(consult, scope, change))
  return (
    <ol className="grid gap-x-5 gap-y-2.5 xl:grid-cols-2">
      {cards
        .filter((card) => scope === undefined || !card.wholeHead)
        .map((card) => (
          <li key={card.test} className="border-line grid content-start gap-1 border-b border-dotted pb-2">
            <div className="flex gap-3">
              <TestDrawing test={card.test} />
              <div className="min-w-0">
                <h3 className="leading-tight font-semibold">
                  {card.label} <span className="figures text-muted text-sm">{card.seconds} s</span>
                </h3>
                <p className="leading-snug">{card.whatToDo}</p>
                <p className="text-muted text-sm leading-snug">{card.lookFor}</p>
              </div>
            </div>
            <Answer card={card} tests={tests} put={put} watch={`${clientId}:${scope ?? 'head'}`} />
          </li>
        ))}
    </ol>
  )
}
