/** "Sunday 29 November". */
export function longDay(iso: string): string {
  return new Date(`${iso.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  })
}

/** "Thu 10 Dec". */
export function shortDay(iso: string): string {
  return new Date(`${iso.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
  })
}

/** "09:30". */
export function clock(at: string): string {
  return at.slice(11, 16)
}

/** Minutes after midnight. */
export function minuteOf(at: string): number {
  return Number(at.slice(11, 13)) * 60 + Number(at.slice(14, 16))
}

/** Whole days from one day to another. */
export function daysBetween(from: string, to: string): number {
  const day = (iso: string) => Date.parse(`${iso.slice(0, 10)}T00:00Z`)
  return Math.round((day(to) - day(from)) / 86_400_000)
}

/** So many days after a day, or before it. */
export function daysAfter(day: string, days: number): string {
  return new Date(Date.parse(`${day}T12:00Z`) + days * 86_400_000).toISOString().slice(0, 10)
}
