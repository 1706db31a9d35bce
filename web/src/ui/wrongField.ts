/**
 * Goes to the first field that holds what cannot be taken, so that nothing is saved over it in silence.
 *
 * @returns whether there was one
 */
export function atWrongField(): boolean {
  const wrong = document.querySelector<HTMLElement>('main input[aria-invalid="true"]')
  wrong?.focus()
  return wrong !== null
}
