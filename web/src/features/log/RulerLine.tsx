import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import type { Measurement } from '../../api/types'
import { drawnTo, moved, type Ends, type Place } from './ruler'

type RulerLineProps = {
  pixels: Measurement['pixels']
  ends: Ends
  /** Read off, as the line says it. */
  reading: string
  onEnds: (ends: Ends) => void
}

const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** A line over a photograph: a tap brings the nearer end, a finger draws it on, arrow keys move it by pixels. */
export function RulerLine({ pixels, ends, reading, onEnds }: RulerLineProps) {
  const drawing = useRef<SVGSVGElement>(null)
  const { width, height } = pixels
  const size = Math.max(width, height) / 100
  const placeOf = (event: PointerEvent): Place => {
    const seen = drawing.current?.getScreenCTM()
    if (seen === null || seen === undefined) return ends[0]
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(seen.inverse())
    return moved({ x: at.x / width, y: at.y / height }, 0, 0, pixels)
  }
  const draw = (event: PointerEvent) => onEnds(drawnTo(ends, placeOf(event), pixels))
  const press = (at: 0 | 1) => (event: KeyboardEvent) => {
    const by = ARROWS[event.key]
    if (by === undefined) return
    event.preventDefault()
    const step = event.shiftKey ? 20 : 2
    const place = moved(ends[at], by[0] * step, by[1] * step, pixels)
    onEnds(at === 0 ? [place, ends[1]] : [ends[0], place])
  }
  const [from, to] = ends.map((end) => ({ x: end.x * width, y: end.y * height }))
  if (from === undefined || to === undefined) return null
  return (
    <svg
      ref={drawing}
      viewBox={`0 0 ${width} ${height}`}
      className="absolute inset-0 h-full w-full cursor-crosshair touch-none"
      aria-label={`Ruler: ${reading}`}
      role="group"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        draw(event)
      }}
      onPointerMove={(event) => {
        if (event.buttons > 0) draw(event)
      }}
    >
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="var(--paper)" strokeWidth={size} />
      <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="var(--ink)" strokeWidth={size * 0.45} />
      {[from, to].map((end, i) => (
        <g
          key={i}
          tabIndex={0}
          role="slider"
          aria-label={i === 0 ? 'One end' : 'Other end'}
          aria-valuenow={Math.round(end.x)}
          aria-valuemin={0}
          aria-valuemax={width}
          aria-valuetext={`${Math.round(end.x)} across, ${Math.round(end.y)} down`}
          onKeyDown={press(i === 0 ? 0 : 1)}
        >
          <circle
            cx={end.x}
            cy={end.y}
            r={size * 1.4}
            fill="var(--paper)"
            fillOpacity={0.35}
            stroke="var(--paper)"
            strokeWidth={size}
          />
          <circle
            cx={end.x}
            cy={end.y}
            r={size * 1.4}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={size * 0.45}
          />
        </g>
      ))}
    </svg>
  )
}
