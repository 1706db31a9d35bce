/** Focus goes to what the next picture has there; it stays where it is when there is no such thing. */
export function focusSoon(selector: string) {
  requestAnimationFrame(() => {
    document.querySelector<HTMLElement>(selector)?.focus()
  })
}
