import type { Live } from '../../api/types'

type AskBoxProps = { ask: NonNullable<Live['ask']>; onAnswer: (kind: 'MISTED' | 'SQUEEZED' | 'LEFT') => void }

/** The hair has left its band: what to do about it, and the answer in one tap. */
export function AskBox({ ask, onAnswer }: AskBoxProps) {
  const isWet = ask.what === 'SQUEEZE'
  return (
    <div
      role="alert"
      className="border-caution flex flex-wrap items-center gap-2 border-y-2 px-4 py-1.5 text-lg leading-tight sm:px-6 sm:text-xl"
    >
      <p className="text-caution mr-auto font-semibold">{ask.text}</p>
      <button
        type="button"
        className="bg-ink text-paper min-h-12 px-5 font-semibold"
        onClick={() => onAnswer(isWet ? 'SQUEEZED' : 'MISTED')}
      >
        {isWet ? 'Squeezed' : 'Misted'}
      </button>
      <button
        type="button"
        className="border-ink min-h-12 border px-4 font-semibold hover:bg-shallow"
        onClick={() => onAnswer('LEFT')}
      >
        Leave it
      </button>
    </div>
  )
}
