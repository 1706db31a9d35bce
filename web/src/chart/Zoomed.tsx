import { useState, type ReactNode } from 'react'

const MOST = 8

/** A chart that can be drawn wider than the screen and pushed along. */
export function Zoomed({ children }: { children: ReactNode }) {
  const [times, setTimes] = useState(1)
  return (
    <div className="border-ink relative border-b">
      <div className="overflow-x-auto" tabIndex={times > 1 ? 0 : -1} role="group" aria-label="Tide">
        <div style={{ width: `${times * 100}%` }}>{children}</div>
      </div>
      <div className="flex justify-end px-3 pt-1 sm:absolute sm:top-1 sm:left-1 sm:p-0 print:hidden">
        <Glass label="Narrower" text="−" disabled={times <= 1} onClick={() => setTimes(times / 2)} />
        <Glass label="Wider" text="+" disabled={times >= MOST} onClick={() => setTimes(times * 2)} />
      </div>
    </div>
  )
}

type GlassProps = { label: string; text: string; disabled: boolean; onClick: () => void }

function Glass({ label, text, disabled, onClick }: GlassProps) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      disabled={disabled}
      onClick={onClick}
      className="border-line bg-paper -ml-px h-[24px] w-[24px] border leading-none hover:bg-shallow disabled:opacity-40"
    >
      {text}
    </button>
  )
}
