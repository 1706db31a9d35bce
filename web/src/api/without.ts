/** The same without some of its fields. */
export function without<T extends object, K extends keyof T>(some: T, ...fields: readonly K[]): Omit<T, K> {
  return Object.fromEntries(
    Object.entries(some).filter(([key]) => !fields.some((field) => field === key)),
  ) as Omit<T, K>
}
