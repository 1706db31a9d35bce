import { useQuery } from '@tanstack/react-query'
import { comparedSchoolsQuery, schoolsQuery, type Setting } from '../../api/queries'
import type { Product, Routine, SchoolQuestion } from '../../api/types'
import { capital, moves } from '../../api/words'
import { Failure, Unfinished, Waiting } from '../../ui/Notice'

type SchoolsPanelProps = {
  setting: Setting
  shelf: Product[]
  onPreview: (name: string, routine: Routine) => void
  /** For this time only. */
  onToday: (key: string, side: string) => void
  /** For this client from now on. */
  onClient: (key: string, side: string) => void
}

/** Where good stylists disagree and it matters on this head: both ways, and what the other would change. */
export function SchoolsPanel({ setting, shelf, onPreview, onToday, onClient }: SchoolsPanelProps) {
  const { data, error } = useQuery(comparedSchoolsQuery(setting, shelf))
  const asked = useQuery(schoolsQuery).data ?? []
  if (error !== null) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Planning as each school would" />
  if (data.questions.length === 0 && data.unfinished !== undefined)
    return <Unfinished words={data.unfinished} />
  if (data.questions.length === 0)
    return <p className="text-muted">Whatever the school, this head gets this plan today.</p>
  return (
    <ul className="grid gap-3">
      {data.questions.map((question) => (
        <li key={question.key}>
          <h3 className="font-semibold">
            {question.question}{' '}
            <span className="text-muted font-normal">
              here: {sideLabel(asked, question.key, question.taken)}
            </span>
          </h3>
          <ul>
            {question.others.map((other) => (
              <li key={other.side} className="border-line border-b border-dotted py-1">
                <p>
                  <b className="font-semibold">{capital(other.otherwise[0] ?? other.label)}</b>
                  {other.otherwise.slice(1).map((also) => `, ${also}`)}.{' '}
                  <span className="figures">
                    {[moves(other.moved.slice(0, 3)), minutesMore(other.minutes)]
                      .filter((part) => part !== '')
                      .join(' · ')}
                  </span>
                </p>
                <p className="flex flex-wrap gap-x-4 text-sm">
                  <Link onClick={() => onPreview(`${question.question} ${other.label}`, other.routine)}>
                    Lay it over
                  </Link>
                  <Link onClick={() => onToday(question.key, other.side)}>For today</Link>
                  <Link onClick={() => onClient(question.key, other.side)}>For this client</Link>
                </p>
              </li>
            ))}
          </ul>
        </li>
      ))}
      {data.unfinished !== undefined && (
        <li>
          <Unfinished words={data.unfinished} />
        </li>
      )}
    </ul>
  )
}

/** A minute or two nobody plans by. */
function minutesMore(minutes: number): string {
  return Math.abs(minutes) < 3 ? '' : `${minutes > 0 ? '+' : '−'}${Math.abs(minutes)} min`
}

function Link({ onClick, children }: { onClick: () => void; children: string }) {
  return (
    <button type="button" className="underline" onClick={onClick}>
      {children}
    </button>
  )
}

function sideLabel(asked: readonly SchoolQuestion[], key: string, side: string | undefined): string {
  const question = asked.find((q) => q.key === key)
  return question?.sides.find((s) => s.word === side)?.label ?? question?.usual ?? 'as usual'
}
