import type { ReactNode } from 'react'
import { wetnessWord } from '../../api/words'

type GaugeProps = {
  /** Percent wet just now. */
  lengths: number
  roots: number
  /** The band the step works in, in percent; undefined where any water will do. */
  low: number | undefined
  high: number | undefined
  /** Drawn below, where the screen is too narrow to have it beside. */
  children: ReactNode
}

/** A tide gauge: where the water stands now, against the band the step works in. */
export function Gauge({ lengths, roots, low, high, children }: GaugeProps) {
  const y = (percent: number) => 8 + (100 - percent) * 1.6
  return (
    <figure className="border-line m-0 grid min-h-0 grid-rows-[minmax(0,1fr)_auto_auto] justify-items-center border-l p-2">
      <svg
        viewBox="0 0 90 176"
        className="h-full min-h-16 w-full"
        role="img"
        aria-label={`Lengths ${Math.round(lengths)} percent, roots ${Math.round(roots)} percent`}
      >
        <rect x="30" y="8" width="30" height="160" fill="var(--sand)" stroke="var(--ink)" />
        <rect x="30" y={y(lengths)} width="30" height={168 - y(lengths)} fill="var(--water)" stroke="none" />
        <rect x="30" y="8" width="30" height="160" fill="none" stroke="var(--ink)" strokeWidth="1.4" />
        {[0, 25, 50, 75, 100].map((tick) => (
          <g key={tick} className="figures" fontSize="11">
            <line x1="24" x2="30" y1={y(tick)} y2={y(tick)} stroke="var(--ink)" />
            <text x="21" y={y(tick) + 4} textAnchor="end" fill="var(--ink)">
              {tick}
            </text>
          </g>
        ))}
        <line x1="30" x2="60" y1={y(lengths)} y2={y(lengths)} stroke="var(--lengths)" strokeWidth="3" />
        <line
          x1="30"
          x2="60"
          y1={y(roots)}
          y2={y(roots)}
          stroke="var(--roots)"
          strokeWidth="2.4"
          strokeDasharray="6 3"
        />
        {low !== undefined && high !== undefined && (
          <path
            d={`M68 ${y(high)}V${y(low)}M63 ${y(high)}h10M63 ${y(low)}h10`}
            stroke="var(--ink)"
            strokeWidth="2"
          />
        )}
      </svg>
      <figcaption className="figures text-center leading-tight lg:text-lg">
        lengths {Math.round(lengths)} %, {wetnessWord(lengths)}
        <br />
        roots {Math.round(roots)} %
      </figcaption>
      <div className="w-full max-w-24 sm:hidden [@media(max-height:820px)]:hidden">{children}</div>
    </figure>
  )
}
