import {
  DndContext,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import { memo, useMemo, useRef, type KeyboardEvent } from 'react'
import { useSame } from '../ui/useSame'
import type { Amount, Finding, Routine, StepTide, Tide } from '../api/types'
import { shortName, stepLine, wetnessWord } from '../api/words'
import type { Box, Scales } from './tideGeometry'

type StripsProps = {
  tide: Tide
  routine: Routine
  amounts: readonly Amount[]
  findings: readonly Finding[]
  selected: number | undefined
  onSelect: (index: number) => void
  onMove: ((from: number, to: number) => void) | undefined
  s: Scales
  box: Box
}

/**
 * One target per step over the picture: tap it, drag it along the water, or walk with the arrow keys and hear it read
 * out; with Alt the arrows take the step along.
 */
export function Strips({
  tide,
  routine,
  amounts,
  findings,
  selected,
  onSelect,
  onMove,
  s,
  box,
}: StripsProps) {
  const group = useRef<HTMLDivElement>(null)
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  )
  const choose = useSame(onSelect)
  const said = useMemo(
    () => tide.steps.map((step) => spoken(step, routine, amounts, findings)),
    [tide, routine, amounts, findings],
  )
  const last = tide.steps.length - 1
  const walk = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
    if (by === 0) return
    event.preventDefault()
    const buttons = [...(group.current?.querySelectorAll('button') ?? [])]
    const at = buttons.findIndex((b) => b === document.activeElement)
    const next = buttons[at + by]
    if (next === undefined) return
    if (event.altKey) onMove?.(at, at + by)
    else next.click()
    next.focus()
  }
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over !== null && over.id !== active.id) onMove?.(Number(active.id) - 1, Number(over.id) - 1)
  }
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={dropped}>
      {/* Clipped, or a step held near the edge would widen the picture and scroll it away from under the hand. */}
      <div
        ref={group}
        role="group"
        aria-label="Steps on the water"
        onKeyDown={walk}
        className="pointer-events-none absolute inset-0 overflow-clip"
      >
        {tide.steps.map((step, i) => {
          const from = s.x(step.startMinute)
          return (
            <Strip
              key={step.index}
              index={step.index}
              isOn={step.index === selected}
              isStop={step.index === selected || (selected === undefined && i === 0)}
              canMove={onMove !== undefined && last > 0}
              name={nameOf(routine, step.index)}
              said={said[i] ?? ''}
              onSelect={choose}
              left={from}
              width={Math.max(3, s.x(tide.steps[i + 1]?.startMinute ?? step.endMinute) - from)}
              height={box.height - box.bottom - 4}
            />
          )
        })}
      </div>
    </DndContext>
  )
}

type StripProps = {
  index: number
  isOn: boolean
  /** The one the tab key stops at. */
  isStop: boolean
  canMove: boolean
  name: string
  said: string
  onSelect: (index: number) => void
  left: number
  width: number
  height: number
}

const Strip = memo(function Strip({
  index,
  isOn,
  isStop,
  canMove,
  name,
  said,
  onSelect,
  left,
  width,
  height,
}: StripProps) {
  // dnd-kit takes 0 for no id, so places count from 1 here.
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id: index + 1, disabled: !canMove })
  const { setNodeRef: setDropRef, isOver } = useDroppable({ id: index + 1 })
  return (
    <div ref={setDropRef} className="pointer-events-auto absolute" style={{ left, width, top: 4, height }}>
      <button
        ref={setNodeRef}
        type="button"
        {...listeners}
        tabIndex={isStop ? 0 : -1}
        aria-pressed={isOn}
        aria-label={said}
        onClick={() => onSelect(index)}
        className={`h-full w-full ${isOn ? 'bg-ink/8' : 'hover:bg-ink/5'} ${isOver ? 'border-ink border-l-4' : ''} ${isDragging ? 'bg-ink/15 relative z-10 cursor-grabbing' : ''}`}
        style={transform === null ? undefined : { transform: `translateX(${transform.x}px)` }}
      >
        {isDragging && (
          <span className="bg-ink text-paper figures absolute top-6 left-0 px-1.5 whitespace-nowrap">
            {name}
          </span>
        )}
      </button>
    </div>
  )
})

function nameOf(routine: Routine, index: number): string {
  const step = routine.steps[index]
  return step === undefined ? '' : shortName(step)
}

function spoken(
  step: StepTide,
  routine: Routine,
  amounts: readonly Amount[],
  findings: readonly Finding[],
): string {
  const own = routine.steps[step.index]
  const amount = amounts.find((a) => a.step === step.index)
  const found = findings.filter((f) => f.step === step.index).map((f) => f.message)
  return [
    `Step ${step.index + 1}: ${own === undefined ? '' : stepLine(own)}`,
    `minute ${Math.round(step.startMinute)} to ${Math.round(step.endMinute)}`,
    `hair ${wetnessWord(step.wetness)}, ${Math.round(step.wetness)} percent`,
    ...(amount === undefined
      ? []
      : [`${amount.dose}, works from ${amount.product.windowLow} to ${amount.product.windowHigh} percent`]),
    ...found,
  ].join('; ')
}
