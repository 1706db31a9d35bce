import type { Tide } from '../api/types'
import type { Scales } from './tideGeometry'

/** The sections that wait for their turn, each a thin line that ends where hands come to it. */
export function WaitingFan({ tide, s }: { tide: Tide; s: Scales }) {
  return (
    <g fill="none" stroke="var(--lengths)" strokeWidth={0.9} opacity={0.75}>
      {(tide.waiting ?? []).map((section) => (
        <polyline
          key={`${section.step}/${section.section}`}
          points={section.minutes
            .map((minute, i) => `${s.x(minute)},${s.y(section.wetness[i] ?? 0)}`)
            .join(' ')}
        />
      ))}
    </g>
  )
}
