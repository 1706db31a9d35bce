import type { HeadLearned } from '../../api/types'

type Answer = HeadLearned['answers']['works'][number]

/** The answers in a line each, in the order they are asked for. */
export function FourAnswers({ learned }: { learned: HeadLearned }) {
  const { works, doesNot, mayWork, mayNot, sure } = learned.answers
  return (
    <dl className="grid sm:grid-cols-3">
      <Line title="What works here" last={false}>
        <Things all={works} likeliest={mayWork} />
      </Line>
      <Line title="How sure that is" last={false}>
        <p>{sure}</p>
      </Line>
      <Line title="What does not" last>
        <Things all={doesNot} likeliest={mayNot} />
      </Line>
    </dl>
  )
}

function Line({ title, last, children }: { title: string; last: boolean; children: React.ReactNode }) {
  return (
    <div className={`px-4 py-2.5 ${last ? '' : 'border-line max-sm:border-b sm:border-r'}`}>
      <dt className="label">{title}</dt>
      <dd className="pt-0.5">{children}</dd>
    </div>
  )
}

function Things({ all, likeliest }: { all: readonly Answer[]; likeliest: Answer | undefined }) {
  if (all.length === 0) {
    return (
      <p className="text-muted">
        Nothing is clear yet
        {likeliest !== undefined && (
          <>
            {'; likeliest, '}
            {Math.round(likeliest.chancePercent / 10)} in 10:{' '}
            <span className="text-ink font-semibold">{likeliest.what}</span>{' '}
            <span className="figures">{likeliest.words}</span>
          </>
        )}
      </p>
    )
  }
  return (
    <ul>
      {all.map((one) => (
        <li key={one.what} className="leading-snug">
          <span className="text-[1.08rem] font-semibold">{one.what}</span>{' '}
          <span className="figures text-muted">{one.words}</span>
        </li>
      ))}
    </ul>
  )
}
