import { useQuery } from '@tanstack/react-query'
import { Select } from 'radix-ui'
import { useState } from 'react'
import { actionsQuery } from '../../api/queries'
import { keysOf, PHASE } from '../../api/words'
import type { ActionCard, Step } from '../../api/types'

type AddStepProps = {
  onAdd: (action: Step['action']) => void
  /** Index of the step in hand, after which the new one goes. */
  after: number | undefined
}

/** Every action there is, by the part of the work it belongs to; nothing is added until one is chosen. */
export function AddStep({ onAdd, after }: AddStepProps) {
  const cards = useQuery(actionsQuery).data ?? []
  const [open, setOpen] = useState(false)
  const label = after === undefined ? 'Add a step at the end' : `Add a step after ${after + 1}`
  return (
    <div className="px-4 py-2">
      <Select.Root
        value=""
        open={open}
        onOpenChange={setOpen}
        onValueChange={(value) => {
          const card = cards.find((c) => c.action === value)
          if (card !== undefined) onAdd(card.action)
        }}
      >
        <Select.Trigger
          aria-label={label}
          className="border-ink bg-paper flex min-h-9 w-full items-center justify-between border px-3 text-left hover:bg-shallow"
        >
          <Select.Value placeholder={`${label}…`} />
          <Select.Icon aria-hidden>▾</Select.Icon>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            side="top"
            sideOffset={2}
            className="border-ink bg-paper text-ink z-20 max-h-(--radix-select-content-available-height) w-(--radix-select-trigger-width) overflow-y-auto border"
          >
            <Select.Viewport className="p-1">{open && <Actions cards={cards} />}</Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  )
}

/** Forty of them: made only once the list is opened, for the page is drawn anew at every tap. */
function Actions({ cards }: { cards: readonly ActionCard[] }) {
  return keysOf(PHASE).map((phase) => (
    <Select.Group key={phase}>
      <Select.Label className="label px-3 pt-2 pb-0.5">{PHASE[phase]}</Select.Label>
      {cards
        .filter((card) => card.phase === phase)
        .map((card) => (
          <Select.Item
            key={card.action}
            value={card.action}
            textValue={card.label}
            aria-describedby={`for-${card.action}`}
            className="data-[highlighted]:bg-ink data-[highlighted]:text-paper px-3 py-1 outline-none"
          >
            <b className="font-semibold">
              <Select.ItemText>{card.label}</Select.ItemText>
            </b>
            <span id={`for-${card.action}`} className="block text-sm leading-snug">
              {card.purpose}
            </span>
          </Select.Item>
        ))}
    </Select.Group>
  ))
}
