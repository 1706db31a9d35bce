const FORMATS = new Map<number, Intl.NumberFormat>()

function formatOf(digits: number): Intl.NumberFormat {
  const known = FORMATS.get(digits)
  if (known !== undefined) return known
  const made = new Intl.NumberFormat('en-GB', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
    useGrouping: false,
  })
  FORMATS.set(digits, made)
  return made
}

/** Rounded as the server's own sentences round, so that a figure beside one says the same: 0.35 is 0.4 (toFixed makes it 0.3). */
export function figure(value: number, digits = 1): string {
  return formatOf(digits).format(value)
}

/** "+0.6", "−0.8", "0.0". */
export function signed(value: number, digits = 1): string {
  const size = figure(Math.abs(value), digits)
  if (Number(size) === 0) return size
  return `${value < 0 ? '−' : '+'}${size}`
}
