/** A name for a file that is saved: what it holds and the day, "maud-ravel-routine-2026-05-01.json". */
export function fileName(ending: string, ...holds: readonly string[]): string {
  const words = holds.map((word) => word.toLowerCase().replaceAll(/\s+/g, '-'))
  return `${[...words, new Date().toLocaleDateString('sv-SE')].join('-')}.${ending}`
}
