const byContent = new Map<string, number>()
const known = new WeakMap<object, number>()

/**
 * A number that stands for a large value where questions are told apart: the same content gives the same number. A shelf
 * or a routine written out in every key would be written out again at every look into what was asked before.
 */
export function keyOf(value: object): number {
  const before = known.get(value)
  if (before !== undefined) return before
  const content = JSON.stringify(value)
  const key = byContent.get(content) ?? byContent.size
  byContent.set(content, key)
  known.set(value, key)
  return key
}
