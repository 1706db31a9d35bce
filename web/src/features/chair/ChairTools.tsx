import { useState } from 'react'
import { Sheet } from '../../ui/Sheet'

export type ChairTool = {
  label: string
  act: () => void
  disabled?: boolean
  /** For what is either on or off. */
  pressed?: boolean
  /** Stays in reach where there is room for two beside the rest. */
  isFirst?: boolean
}

/** What hands do besides going on: side by side where there is room, else the two most used and all others in a sheet. */
export function ChairTools({ tools }: { tools: readonly ChairTool[] }) {
  const [isOpen, setOpen] = useState(false)
  return (
    <div className="short:w-auto ml-auto flex gap-1.5 max-md:w-full">
      {tools.map((tool) => (
        <Tool key={tool.label} tool={tool} className={tool.isFirst === true ? '' : 'max-md:hidden'} />
      ))}
      <button
        type="button"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
        className="border-ink min-h-11 flex-1 border px-2 font-semibold hover:bg-shallow md:hidden"
      >
        More
      </button>
      {isOpen && (
        <Sheet title="At the chair" onClose={() => setOpen(false)}>
          <div className="grid grid-cols-2 gap-2">
            {tools
              .filter((tool) => tool.isFirst !== true)
              .map((tool) => (
                <Tool
                  key={tool.label}
                  tool={{
                    ...tool,
                    act: () => {
                      setOpen(false)
                      tool.act()
                    },
                  }}
                  className="min-h-14 text-xl"
                />
              ))}
          </div>
        </Sheet>
      )}
    </div>
  )
}

function Tool({ tool, className }: { tool: ChairTool; className: string }) {
  const { label, act, disabled = false, pressed } = tool
  return (
    <button
      type="button"
      disabled={disabled}
      {...(pressed === undefined ? {} : { 'aria-pressed': pressed })}
      onClick={act}
      className={`border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-11 min-w-11 border px-2 font-semibold hover:bg-shallow disabled:opacity-40 max-md:flex-1 xl:px-4 ${className}`}
    >
      {label}
    </button>
  )
}
