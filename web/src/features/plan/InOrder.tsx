import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import { Suspense, memo, useEffect, useMemo, useRef, type KeyboardEvent } from 'react'
import type { Amount, Judgement, Routine, Step } from '../../api/types'
import { stepLine } from '../../api/words'
import { useSame } from '../../ui/useSame'
import { useRoving } from '../../ui/useRoving'
import { Later } from './later'
import { inserted, movedStep } from './planState'

type InOrderProps = {
  /** What the routine is called, once hands have changed it. */
  name: string | undefined
  routine: Routine
  judgement: Judgement
  selected: number | undefined
  onSelect: (index: number | undefined) => void
  onChange: (routine: Routine) => void
}

/** The steps as a list: what, how much, how long. Dragged by the handle, or moved with Alt and the arrows. */
export const InOrder = memo(function InOrder(props: InOrderProps) {
  const { name, routine, judgement, selected, onSelect, onChange } = props
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const rove = useRoving(routine.steps.length, selected)
  const list = useRef<HTMLOListElement>(null)
  // Where what was moved went, and by which of its two buttons: focus goes with it.
  const went = useRef<{ to: number; by: 'line' | 'handle' } | undefined>(undefined)
  useEffect(() => {
    if (went.current === undefined) return
    const { to, by } = went.current
    went.current = undefined
    list.current?.children[to]?.querySelector<HTMLElement>(`[data-${by}]`)?.focus()
  }, [routine])
  const move = (from: number, to: number, by: 'line' | 'handle') => {
    if (to < 0 || to >= routine.steps.length) return
    went.current = { to, by }
    onChange(movedStep(routine, from, to))
    onSelect(to)
  }
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over !== null && over.id !== active.id) move(Number(active.id) - 1, Number(over.id) - 1, 'handle')
  }
  // dnd-kit takes 0 for no id, so places count from 1 here.
  const count = routine.steps.length
  const ids = useMemo(() => Array.from({ length: count }, (_, i) => i + 1), [count])
  const choose = useSame((index: number) => onSelect(selected === index ? undefined : index))
  const moveBy = useSame((index: number, by: -1 | 1) => move(index, index + by, 'line'))
  return (
    <section
      aria-labelledby="in-order"
      className="border-line flex min-h-0 flex-col border-b lg:border-r lg:border-b-0"
    >
      <p className="flex items-baseline gap-3 px-4 pt-3 pb-1">
        <span id="in-order" role="heading" aria-level={2} className="label">
          In order
        </span>
        {name !== undefined && <span className="text-muted text-sm leading-none">{name}</span>}
      </p>
      <DndContext sensors={sensors} onDragEnd={dropped}>
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          {routine.steps.length === 0 && (
            <p className="text-muted px-4 py-2">
              No steps yet. Add the first one below: washing, most often.
            </p>
          )}
          <ol
            ref={list}
            {...rove.list}
            className="min-h-0 flex-1 overflow-y-auto px-2"
            aria-label="Steps in order"
          >
            {routine.steps.map((step, i) => (
              <Line
                key={i}
                index={i}
                step={step}
                judgement={judgement}
                selected={selected === i}
                tabIndex={rove.tabIndex(i)}
                onSelect={choose}
                onMove={moveBy}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <Suspense fallback={<div className="min-h-13" />}>
        <Later.AddStep
          onAdd={(action) => {
            const at = selected === undefined ? routine.steps.length : selected + 1
            const step: Step =
              action === 'EACH_SECTION' ? { action, sections: 4, steps: [{ action: 'SMOOTH' }] } : { action }
            onChange(inserted(routine, at, step))
            onSelect(at)
          }}
          after={selected}
        />
      </Suspense>
    </section>
  )
})

type LineProps = {
  index: number
  step: Step
  judgement: Judgement
  selected: boolean
  tabIndex: 0 | -1
  onSelect: (index: number) => void
  onMove: (index: number, by: -1 | 1) => void
}

const Line = memo(function Line({ index, step, judgement, selected, tabIndex, onSelect, onMove }: LineProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useSortable({
    id: index + 1,
  })
  const at = judgement.tide.steps[index]
  const own = judgement.amounts.filter((a) => a.step === index)
  const loud = judgement.findings.some((f) => f.step === index && f.severity !== 'NOTE')
  const keys = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0
    if (!event.altKey || by === 0) return
    event.preventDefault()
    onMove(index, by)
  }
  return (
    <li
      ref={setNodeRef}
      style={transform === null ? undefined : { transform: `translateY(${transform.y}px)` }}
      className={`flex items-stretch ${selected ? 'bg-shallow' : ''} ${isDragging ? 'relative z-10 opacity-80' : ''}`}
    >
      <button
        ref={setActivatorNodeRef}
        type="button"
        {...attributes}
        {...listeners}
        tabIndex={tabIndex}
        data-handle
        aria-label={`Drag step ${index + 1}`}
        className="text-muted min-w-[26px] shrink-0 touch-none cursor-grab leading-none hover:bg-shallow"
      >
        <svg viewBox="0 0 8 12" className="mx-auto h-3 w-2" aria-hidden>
          <path d="M0 2H8M0 6H8M0 10H8" stroke="currentColor" strokeWidth="1.2" />
        </svg>
      </button>
      <button
        type="button"
        data-line
        data-rove
        tabIndex={tabIndex}
        aria-pressed={selected}
        onClick={() => onSelect(index)}
        onKeyDown={keys}
        className="border-line grid w-full grid-cols-[1.5rem_1fr_auto_3.4rem] items-baseline gap-x-2 border-b border-dotted px-1 py-[3px] text-left hover:bg-shallow"
      >
        <span className={`figures ${loud ? 'text-caution' : 'text-muted'}`}>
          {loud && <span className="sr-only">Needs care: </span>}
          {index + 1}
        </span>
        <span className={loud ? 'text-caution font-medium' : ''}>{stepLine(step)}</span>
        <span className="figures text-right">
          {own.map((a) => doseText(a, step.sections ?? 1)).join(' + ')}
        </span>
        <span className="figures text-right">
          {at === undefined ? '' : time(at.endMinute - at.startMinute)}
        </span>
      </button>
    </li>
  )
})

/** By the section where there are several: that is what the hand measures. */
function doseText(amount: Amount, sections: number): string {
  return sections < 2 || amount.perSection === amount.dose
    ? amount.dose
    : amount.perSection.includes(' every ')
      ? amount.perSection
      : `${amount.perSection} × ${sections}`
}

function time(minutes: number): string {
  if (minutes < 0.75) return '½ min'
  return `${Math.round(minutes)} min`
}
