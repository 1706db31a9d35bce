import type { Scores } from '../api/types'

type SwatchProps = {
  scores: Pick<Scores, 'definition' | 'clumping' | 'frizz' | 'shrinkagePercent' | 'volume'>
  /** Said to those who cannot see it. */
  title: string
}

const WIDTH = 240
const HEIGHT = 236
const TOP = 10
/** Hair as long as this hangs to the foot of the drawing when it is pulled straight. */
const STRETCHED = HEIGHT - TOP - 8

/** Numbers that look thrown but are the same each time: the same scores draw the same hair. */
function thrown(seed: number): () => number {
  let state = seed * 2654435761
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return state / 4294967296
  }
}

/**
 * Hair drawn from its scores. Clumps are helices whose rise follows from shrinkage: of a stretched length only
 * 1 − s hangs, the rest goes round. Few wide clumps for a high clumping, even ones for a high definition, and a hair
 * outside them for every step of frizz.
 */
export function Swatch({ scores, title }: SwatchProps) {
  const random = thrown(7)
  const s = Math.min(0.85, scores.shrinkagePercent / 100)
  const hangs = STRETCHED * (1 - s)
  const clumps = Math.round(22 - 1.5 * scores.clumping)
  const loose = (10 - scores.definition) / 10
  const spread = 150 + scores.volume * 8
  const left = (WIDTH - spread) / 2
  const turns = 1.4 + 9 * s
  const radius = Math.min(13, (spread / clumps) * 0.62 * (0.35 + 1.3 * s))
  const paths = Array.from({ length: clumps }, (_, i) => {
    const x = left + ((i + 0.5) / clumps) * spread + (random() - 0.5) * loose * 14
    const length = hangs * (1 - loose * 0.22 * random())
    const phase = random() * Math.PI * 2 * loose + (i % 2) * Math.PI * 0.5
    return { d: helix(x, length, radius * (1 - loose * 0.35 * random()), turns, phase, loose, random), i }
  })
  const strays = Array.from({ length: Math.round(scores.frizz * 9) }, () => {
    const x = left - 6 + random() * (spread + 12)
    const y = TOP + random() * hangs * 0.9
    const out = (random() - 0.5) * 34
    return `M${x.toFixed(1)} ${y.toFixed(1)}q${(out * 0.9).toFixed(1)} ${(-4 - random() * 6).toFixed(1)} ${out.toFixed(1)} ${(6 + random() * 16).toFixed(1)}`
  })
  const wide = Math.max(1.2, (spread / clumps) * 0.34)
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block h-full w-full" role="img" aria-label={title}>
      <path d={`M${left - 6} ${TOP}H${left + spread + 6}`} stroke="var(--ink)" strokeWidth="1.4" />
      <g fill="none" strokeLinecap="round" strokeLinejoin="round">
        {paths.map(({ d, i }) => (
          <g key={i}>
            <path d={d} stroke="var(--paper)" strokeWidth={wide + 2.2} />
            <path d={d} stroke="var(--stipple)" strokeWidth={wide} opacity={0.75} />
            <path d={d} stroke="var(--ink)" strokeWidth={0.8} opacity={0.75} />
          </g>
        ))}
        {strays.map((d, i) => (
          <path key={i} d={d} stroke="var(--ink)" strokeWidth="0.7" opacity="0.85" />
        ))}
      </g>
      <g className="figures" fontSize="11" fill="var(--muted)">
        <path
          d={`M${WIDTH - 8} ${TOP}V${TOP + STRETCHED}M${WIDTH - 12} ${TOP + hangs}h8`}
          stroke="var(--muted)"
          strokeWidth="0.8"
          strokeDasharray="2 2"
        />
        <text x={WIDTH - 14} y={TOP + hangs + 4} textAnchor="end">
          −{Math.round(scores.shrinkagePercent)} %
        </text>
      </g>
    </svg>
  )
}

function helix(
  x: number,
  length: number,
  radius: number,
  turns: number,
  phase: number,
  loose: number,
  random: () => number,
): string {
  const steps = Math.max(24, Math.round(turns * 14))
  const drift = (random() - 0.5) * loose * 16
  let d = ''
  for (let k = 0; k <= steps; k++) {
    const t = k / steps
    // The root lies flat; the curl opens from it.
    const r = radius * Math.min(1, t * 3)
    const angle = phase + t * turns * Math.PI * 2
    const px = x + drift * t + r * Math.sin(angle)
    const py = TOP + t * length + r * 0.42 * Math.cos(angle)
    d += `${k === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`
  }
  return d
}
