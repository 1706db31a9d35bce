import { useQuery } from '@tanstack/react-query'
import { schoolsQuery } from '../../api/queries'
import { Choice } from '../../ui/Choice'
import type { Consult } from './consultState'

/** Where good stylists disagree: this client's side, or the usual one with its reason. */
export function WaysPanel({ consult, onChange }: { consult: Consult; onChange: (next: Consult) => void }) {
  const questions = useQuery(schoolsQuery).data ?? []
  return (
    <>
      <p className="text-muted">
        Good stylists differ. Take a side for this client, or leave it: then the usual holds. Touch a side
        again to take it back.
      </p>
      <div className="grid gap-x-5 gap-y-2.5 xl:grid-cols-2">
        {questions.map((asked) => {
          const taken = Object.entries(consult.schools).find(([key]) => key === asked.key)?.[1]
          return (
            <div key={asked.key} className="border-line grid gap-0.5 border-b border-dotted pb-2">
              <Choice
                label={asked.question}
                options={asked.sides.map((side) => ({ value: side.word, label: side.label }))}
                value={taken}
                onChange={(word) => {
                  const others = Object.fromEntries(
                    Object.entries(consult.schools).filter(([key]) => key !== asked.key),
                  )
                  onChange({
                    ...consult,
                    schools: word === taken ? others : { ...others, [asked.key]: word },
                  })
                }}
              />
              <p className="text-sm leading-snug">
                <span className="text-muted">{taken === undefined ? 'Usual here:' : 'Usual:'}</span>{' '}
                {asked.usual}. <span className="text-muted">{asked.because}</span>
              </p>
            </div>
          )
        })}
      </div>
    </>
  )
}
