/** Where in a file a fault is, as a reader counts: "/washDays/1/hair/strand" is "wash days 2, hair, strand". */
export function faultPlace(pointer: string): string {
  const words: string[] = []
  for (const part of pointer.split('/').slice(1)) {
    const before = words.pop()
    if (/^\d+$/.test(part) && before !== undefined) words.push(`${before} ${Number(part) + 1}`)
    else words.push(...(before === undefined ? [] : [before]), plain(part))
  }
  return words.join(', ')
}

function plain(name: string): string {
  return name.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()
}
