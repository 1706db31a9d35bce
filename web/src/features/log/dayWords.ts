import type { Step, WashDay } from '../../api/types'
import { figure } from '../../ui/figure'

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
  return `definition ${figure(s.overall.definition)} · frizz ${figure(s.overall.frizz)}${early}`
}

/** Of a wash that shares its name: the hour where they fell on one day, and the bottles that not all of that name had. */
export function apart(day: WashDay, all: readonly WashDay[]): string {
  const same = all.filter((other) => other.id !== day.id && other.name === day.name)
  if (same.length === 0) return ''
  const hour = new Date(day.startedAt ?? day.plannedAt).toLocaleTimeString('en-GB', {
    hour: '2-digit',
    minute: '2-digit',
  })
  const isOneDay = same.some((other) => dateOf(other) === dateOf(day))
  const own = usedOn(day).filter((bottle) => !same.every((other) => usedOn(other).includes(bottle)))
  return [...(isOneDay ? [hour] : []), ...(own.length > 0 ? [`with ${own.join(', ')}`] : [])].join(' · ')
}

/** The bottles of a wash, in the order of the work. */
function usedOn(day: WashDay): string[] {
  const names = day.routine.steps.flatMap((step) => [step, ...(step.steps ?? [])].flatMap(bottlesOf))
  return [...new Set(names)]
}

function bottlesOf(step: Step): string[] {
  return [step.product?.name, ...(step.mix ?? []).map((part) => part.product.name)].filter(
    (name) => name !== undefined,
  )
}
