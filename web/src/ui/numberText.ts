export type NumberRange = { label: string; unit: string; min: number; max: number }

/** Undefined for nothing; NaN for what is no number. */
export function numberIn(text: string): number | undefined {
  const plain = text.replace(',', '.').trim()
  return plain === '' ? undefined : Number(plain)
}

/** Why a typed number cannot be taken, in words; undefined where it can, or where nothing is typed. */
export function numberFault(text: string, { label, unit, min, max }: NumberRange): string | undefined {
  const number = numberIn(text)
  const range = `from ${min} to ${max} ${unit}`
  if (number === undefined) return undefined
  if (Number.isNaN(number)) return `${label} is a number, ${range}.`
  return number < min || number > max ? `${label} is ${range}, and ${text.trim()} is not.` : undefined
}
