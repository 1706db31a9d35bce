import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { productsQuery, rolesQuery } from '../../api/queries'
import { eachWords } from '../../api/words'
import type { Amount, ChairRecord, Role } from '../../api/types'
import { Sheet } from '../../ui/Sheet'
import type { Happening } from './events'
import { figure } from '../../ui/figure'

/** One tap is a quarter of what was planned. */
const TAP = 0.25

type DoseProps = {
  amount: Amount
  record: ChairRecord
  client: number
  /** Said for one section, where the step is counted by sections. */
  perSection: boolean
  onTake: (what: Happening) => void
  children: ReactNode
}

/** How much of what; a tap says that it was more, less, or another bottle. */
export function Dose({ amount, record, client, perSection, onTake, children }: DoseProps) {
  const [isSwapping, setSwapping] = useState(false)
  const at = { step: amount.step, ...(amount.inner === undefined ? {} : { inner: amount.inner }) }
  const isHere = (one: { step: number; inner?: number }) =>
    one.step === amount.step && one.inner === amount.inner
  const ratio = record.given.find(isHere)?.ratio ?? 1
  const name = record.swapped.findLast(isHere)?.product.name ?? amount.product.name
  const given = (by: number) =>
    onTake({ kind: 'AMOUNT', ...at, ratio: Math.max(0, Math.min(10, ratio + by)) })
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[clamp(1.35rem,2.7vw,2.1rem)] leading-tight">
      <span>
        <strong>{perSection ? amount.perSection : amount.dose}</strong> {name}
        {!perSection && amount.perSection !== amount.dose && `, ${eachWords(amount.perSection)}`}
        <span className="text-muted">{children}</span>
      </span>
      <span className="flex flex-wrap items-center gap-x-1 gap-y-1 text-lg">
        <Tap label={`Less ${name}`} onClick={() => given(-TAP)}>
          −
        </Tap>
        <span className="figures min-w-14 px-1 text-center" aria-live="polite">
          {saidOf(ratio)}
        </span>
        <Tap label={`More ${name}`} onClick={() => given(TAP)}>
          +
        </Tap>
        <button
          type="button"
          className="border-ink min-h-11 border px-3 text-base hover:bg-shallow sm:ml-2"
          onClick={() => setSwapping(true)}
        >
          Another
        </button>
      </span>
      {isSwapping && (
        <Sheet title={`Instead of ${amount.product.name}`} onClose={() => setSwapping(false)}>
          <Bottles
            amount={amount}
            client={client}
            onPick={(product) => {
              onTake({ kind: 'SWAP', ...at, product })
              setSwapping(false)
            }}
          />
        </Sheet>
      )}
    </div>
  )
}

function saidOf(ratio: number): string {
  if (ratio === 1) return 'as said'
  return ratio === 0 ? 'none' : `× ${figure(ratio, 2).replace(/0$/, '').replace('.0', '')}`
}

function Tap({ label, onClick, children }: { label: string; onClick: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-label={label}
      onClick={onClick}
      className="border-ink min-h-11 min-w-11 border text-2xl leading-none hover:bg-shallow"
    >
      {children}
    </button>
  )
}

type BottlesProps = { amount: Amount; client: number; onPick: (product: Amount['product']) => void }

/** The bottles of the same role first: they are what a hand reaches for. */
function Bottles({ amount, client, onPick }: BottlesProps) {
  const shelf = useQuery(productsQuery(client)).data ?? []
  // What is washed out cannot take the place of what stays in, nor the other way round.
  const roles = useQuery(rolesQuery).data ?? []
  const washesOut = (role: Role) => roles.find((own) => own.role === role)?.washesOut
  const fit = shelf.filter((p) => washesOut(p.role) === washesOut(amount.product.role))
  const same = fit.filter((p) => p.role === amount.product.role)
  const others = fit.filter((p) => p.role !== amount.product.role)
  return (
    <ul className="grid gap-2 sm:grid-cols-2">
      {[...same, ...others].map((product) => (
        <li key={product.id ?? product.name}>
          <button
            type="button"
            onClick={() => onPick(product)}
            className="border-ink min-h-14 w-full border px-4 text-left text-xl hover:bg-shallow"
          >
            {product.name}
          </button>
        </li>
      ))}
    </ul>
  )
}
