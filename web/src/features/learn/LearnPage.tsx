import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { learningQuery } from '../../api/learningQueries'
import { washDaysQuery } from '../../api/queries'
import type { HeadLearned, WashDay } from '../../api/types'
import { Empty, Failure, Waiting } from '../../ui/Notice'
import { useClient } from '../clients/ClientFrame'
import { Bottles } from './Bottles'
import { FourAnswers } from './FourAnswers'
import { TABS, type ScoreWord } from './learnWords'
import { SaidAndScored } from './SaidAndScored'
import { Trials } from './Trials'
import { WhatMoves } from './WhatMoves'
import { WorthTrying } from './WorthTrying'

/** What works on this head, how sure that is, what does not, and what to try next. */
export function LearnPage() {
  const client = useClient()
  const learning = useQuery({ ...learningQuery(client.id), enabled: client.hair !== undefined })
  const days = useQuery(washDaysQuery(client.id))
  if (client.hair === undefined)
    return (
      <Empty title="The hair has not been read yet">
        <p>What is learned is learned of a head: read it first, then plan, wash and score.</p>
        <Link to="../consult" className="underline">
          Go to the consult
        </Link>
      </Empty>
    )
  const error = learning.error ?? days.error
  if (error !== null && learning.data === undefined) return <Failure error={error} />
  if (learning.data === undefined || days.data === undefined) return <Waiting what="Reading the log" />
  return <Learned learned={learning.data} days={days.data} />
}

function Learned({ learned, days }: { learned: HeadLearned; days: readonly WashDay[] }) {
  const [score, setScore] = useState<ScoreWord>('definition')
  const own = learned.scores.find((one) => one.score === score)
  const tabs = TABS.filter((tab) => learned.scores.some((one) => one.score === tab))
  return (
    <div className="sheet">
      <FourAnswers learned={learned} />
      {learned.washes === 0 || own === undefined ? (
        <div className="border-ink border-t p-4">
          <Empty title="No wash of this head was scored yet">
            <p>
              Three washes scored with the cast broken give a first direction, about eight a judgement. What
              the salon learned on other heads is used until then.
            </p>
            <Link to="../plan" className="underline">
              Plan the first
            </Link>
          </Empty>
        </div>
      ) : (
        <>
          <SaidAndScored own={own} days={days} tabs={tabs} onScore={setScore} />
          <div className="border-ink lg:divide-line grid border-t lg:grid-cols-[1.2fr_1.15fr_.85fr] lg:divide-x">
            <WhatMoves own={own} />
            <Trials days={days} />
            <WorthTrying learned={learned} />
          </div>
        </>
      )}
      <Bottles />
    </div>
  )
}
