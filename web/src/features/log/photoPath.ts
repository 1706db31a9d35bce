/** Where a photograph of a wash is to be had; only the list of its wash day tells the key. */
export function photoPath(key: string): string {
  return `/api/wash-days/photos/${key}`
}
