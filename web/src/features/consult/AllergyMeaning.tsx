import { useQuery } from '@tanstack/react-query'
import { useDeferredValue } from 'react'
import { allergiesQuery } from '../../api/queries'
import { allergyWords } from './consultState'

type AllergyMeaningProps = { said: string; onSay: (said: string) => void }

/** What each word is taken to mean, while the client still sits there; a word nobody understands is seen at once. */
export function AllergyMeaning({ said, onSay }: AllergyMeaningProps) {
  const later = useDeferredValue(said)
  const { data } = useQuery(allergiesQuery(allergyWords(later)))
  if (data === undefined || said.trim() === '') return null
  return (
    <ul
      aria-label="What these words are taken to mean"
      aria-live="polite"
      className="-mt-1 grid gap-0.5 text-sm"
    >
      {data.understood.map((one) => (
        <li key={one.word}>
          <details>
            <summary>
              <b className="font-semibold">{one.word}</b>: stops {names(one.stops.length)}
              {one.warns.length > 0 && `, warns of ${one.warns.length}`}
            </summary>
            <p className="text-muted pl-4">
              {one.stops.join(', ')}
              {one.warns.length > 0 && `. Related: ${one.warns.join(', ')}`}.
            </p>
          </details>
        </li>
      ))}
      {data.unknown.map((word) => {
        const closest = data.meant.find((one) => one.word === word)?.closest ?? []
        return (
          <li key={word} className="text-caution font-medium">
            <span aria-hidden>⚑ </span>“{word}” is no word known here: look for it on every label yourself
            {closest.length > 0 && (
              <>
                , or was it{' '}
                {closest.map((meant, i) => (
                  <span key={meant}>
                    {i > 0 && ', '}
                    <button
                      type="button"
                      className="underline"
                      onClick={() => onSay(said.replace(word, meant))}
                    >
                      {meant}
                    </button>
                  </span>
                ))}
                ?
              </>
            )}
            {closest.length === 0 && '.'}
          </li>
        )
      })}
    </ul>
  )
}

function names(count: number): string {
  return count === 1 ? '1 label name' : `${count} label names`
}
