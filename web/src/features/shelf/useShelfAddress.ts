import { aText, useAddressed } from '../../ui/useAddressed'

export type Open = { what: 'nothing' } | { what: 'new' } | { what: 'files' } | { what: 'item'; id: number }

const ONLY = ['all', 'holds', 'light', 'stays', 'breaks', 'reorder'] as const
export type Filter = { text: string; role: string; only: (typeof ONLY)[number] }

/** What is looked for on the shelf; it stands in the address. */
export function useFilter() {
  const [text, setText] = useAddressed('search', aText)
  const [role, setRole] = useAddressed('role', aText)
  const [only, setOnly] = useAddressed('show', (word) => ONLY.find((own) => own === word))
  const set = (to: Filter) => {
    setText(to.text === '' ? undefined : to.text)
    setRole(to.role === '' ? undefined : to.role)
    setOnly(to.only === 'all' ? undefined : to.only)
  }
  return [{ text: text ?? '', role: role ?? '', only: only ?? 'all' } satisfies Filter, set] as const
}

/** What lies open beside the list; it stands in the address. */
export function useOpenItem() {
  const [open, setOpen] = useAddressed('open', aText)
  const set = (to: Open) =>
    setOpen(to.what === 'nothing' ? undefined : to.what === 'item' ? String(to.id) : to.what)
  return [openOf(open), set] as const
}

function openOf(word: string | undefined): Open {
  if (word === 'new' || word === 'files') return { what: word }
  return word !== undefined && /^\d+$/.test(word) ? { what: 'item', id: Number(word) } : { what: 'nothing' }
}
