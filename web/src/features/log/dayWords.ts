import type { WashDay } from '../../api/types'

export const SCORES = ['definition', 'clumping', 'frizz', 'volume'] as const
export type ScoreKey = (typeof SCORES)[number]

export function dateOf(day: WashDay): string {
  return new Date(day.startedAt ?? day.plannedAt).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
  })
}

export function headlineOf(day: WashDay): string {
  const s = day.summary
  if (s === undefined) return 'to be scored'
  const early = day.rating?.castBroken === true && day.rating.rootsDry ? '' : ' · scored early'
  return `definition ${s.overall.definition.toFixed(1)} · frizz ${s.overall.frizz.toFixed(1)}${early}`
}

/** "+0.5", "−1.2", "0". */
export function signed(by: number): string {
  if (Math.abs(by) < 0.05) return '0'
  return `${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(1)}`
}
