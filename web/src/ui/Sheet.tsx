import { Dialog } from 'radix-ui'
import { useState, type ReactNode } from 'react'

type SheetProps = { title: string; onClose: () => void; children: ReactNode }

/** A sheet laid over the lower part of the screen; escape or its own button takes it away, and focus goes where it was. */
export function Sheet({ title, onClose, children }: SheetProps) {
  const [opener] = useState(() => document.activeElement)
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="bg-ink/40 fixed inset-0 z-20" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            const isThere = opener instanceof HTMLElement && opener.isConnected && opener !== document.body
            const to = isThere ? opener : document.getElementById('work')
            to?.focus()
          }}
          className="border-ink bg-paper text-ink fixed inset-x-0 bottom-0 z-30 max-h-[88dvh] overflow-y-auto border-t-2 p-4 sm:p-6"
        >
          <div className="flex items-start justify-between gap-4 pb-3">
            <Dialog.Title className="text-2xl leading-tight font-semibold">{title}</Dialog.Title>
            <Dialog.Close className="border-ink min-h-11 border px-4 font-semibold hover:bg-shallow">
              Close
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
