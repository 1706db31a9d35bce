import type { Amount, StepTide, Tide } from '../api/types'
import said from '../api/words.json'
import type { Scales } from './tideGeometry'

type PostsProps = { tide: Tide; amounts: readonly Amount[]; loud: ReadonlySet<number | undefined>; s: Scales }

/** The wetness each styler works in as a post on the water, and where the hair really stands as a dot on it. */
export function Posts({ tide, amounts, loud, s }: PostsProps) {
  const posts = amounts.flatMap((amount) => {
    const outer = tide.steps.find((step) => step.index === amount.step)
    const step =
      amount.inner === undefined ? outer : outer?.inner?.find((inner) => inner.index === amount.inner)
    const { windowLow, windowHigh } = amount.product
    const washing = said.roles[amount.product.role].washesOut
    const anything = windowLow <= 1 && windowHigh >= 99
    if (step === undefined || outer === undefined || washing || anything) return []
    return [{ amount, step, loud: loud.has(amount.step) }]
  })
  return (
    <g>
      {posts.map(({ amount, step, loud: isLoud }) => (
        <Post
          key={`${amount.step}/${amount.inner ?? ''}`}
          step={step}
          low={amount.product.windowLow}
          high={amount.product.windowHigh}
          loud={isLoud}
          s={s}
        />
      ))}
    </g>
  )
}

type PostProps = { step: StepTide; low: number; high: number; loud: boolean; s: Scales }

function Post({ step, low, high, loud, s }: PostProps) {
  const first = step.wetnessBySection[0] ?? step.wetness
  const x = s.x(step.startMinute) + 6
  const outside = loud && step.wetnessBySection.some((w) => w < low - 3 || w > high + 3)
  const width = Math.max(1, step.wetnessBySection.length - 1)
  const end = s.x(step.endMinute)
  const at = (i: number) => x + ((Math.max(x, end - 4) - x) * i) / width
  return (
    <g stroke="var(--ink)" strokeWidth={1.5}>
      <path
        d={`M${x} ${s.y(high)}V${s.y(low)}M${x - 5} ${s.y(high)}h10M${x - 5} ${s.y(low)}h10`}
        fill="none"
      />
      {step.wetnessBySection.length > 1 && (
        <polyline
          points={step.wetnessBySection.map((w, i) => `${at(i)},${s.y(w)}`).join(' ')}
          fill="none"
          strokeWidth={1}
          stroke={outside ? 'var(--caution)' : 'var(--ink)'}
        />
      )}
      {step.wetnessBySection.slice(1).map((w, i) => (
        <circle
          key={i}
          cx={at(i + 1)}
          cy={s.y(w)}
          r={w < low - 3 || w > high + 3 ? 3.2 : 1.6}
          fill={w < low - 3 || w > high + 3 ? 'var(--paper)' : 'var(--ink)'}
          stroke={w < low - 3 || w > high + 3 ? 'var(--caution)' : 'var(--ink)'}
          strokeWidth={w < low - 3 || w > high + 3 ? 2 : 0}
        />
      ))}
      {first < low - 3 || first > high + 3 ? (
        <circle cx={x} cy={s.y(first)} r={5} fill="var(--paper)" stroke="var(--caution)" strokeWidth={2.4} />
      ) : (
        <circle cx={x} cy={s.y(first)} r={4.6} fill="var(--ink)" stroke="none" />
      )}
    </g>
  )
}
