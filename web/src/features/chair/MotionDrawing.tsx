import type { ReactNode } from 'react'
import type { ActionCard } from '../../api/types'

type Motion = ActionCard['motion']

/** A lock of hair, and what hands do to it. It stands still where less motion is asked for. */
export function MotionDrawing({ motion: named, label }: { motion: string; label: string }) {
  const motion = isMotion(named) ? named : 'PALMS'
  const { tool, way } = DRAWN[motion]
  return (
    <svg viewBox="0 0 160 130" className="h-full w-full" role="img" aria-label={label}>
      <path d="M22 14Q80 2 138 14" fill="none" stroke="var(--ink)" strokeWidth="2" />
      <g
        fill="none"
        stroke="var(--roots)"
        strokeWidth="3.4"
        strokeLinecap="round"
        className={LOCK[motion] ?? ''}
      >
        {[58, 80, 102].map((x) => (
          <path key={x} d={`M${x} 12c-9 10 9 16 0 27s9 16 0 27 9 16 0 27`} />
        ))}
      </g>
      <g
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeLinecap="round"
        strokeLinejoin="round"
        className={way}
      >
        {tool}
      </g>
    </svg>
  )
}

function isMotion(name: string): name is Motion {
  return name in DRAWN
}

/** Where the hair itself moves. */
const LOCK: Partial<Record<Motion, string>> = { SHAKE: 'm-jiggle', SCRUNCH: 'm-bounce' }

const FINGERS = <path d="M56 22v22M68 20v26M80 19v28M92 20v26M104 22v22M52 22Q80 8 108 22" fill="none" />
const LEFT_PALM = <path d="M34 26c-6 6-7 24-2 34l12 4c4-8 4-30 0-40z" />
const RIGHT_PALM = <path d="M126 26c6 6 7 24 2 34l-12 4c-4-8-4-30 0-40z" />
const CUPPED = <path d="M46 96q0 24 34 24t34-24l-10-4q-2 16-24 16t-24-16z" />
const BOWL = (
  <>
    <path d="M42 94q0 22 38 22t38-22z" />
    <path d="M80 116v12M56 100v6M68 102v8M80 102v8M92 102v8M104 100v6" fill="none" />
  </>
)
const DRYER = (
  <>
    <path d="M118 58h24l10 8v12l-10 8h-24z" />
    <path d="M134 86l4 22h10" fill="none" />
    <path d="M110 64h-8M110 72h-12M110 80h-8" fill="none" />
  </>
)

const DRAWN: Record<Motion, { tool: ReactNode; way: string }> = {
  RAKE: { tool: FINGERS, way: 'm-down' },
  PALMS: {
    tool: (
      <>
        {LEFT_PALM}
        {RIGHT_PALM}
      </>
    ),
    way: 'm-down',
  },
  GLAZE: { tool: RIGHT_PALM, way: 'm-down' },
  SCRUNCH: { tool: CUPPED, way: 'm-up' },
  COIL: {
    tool: <path d="M80 30c16 0 16 14 0 14s-16 14 0 14 16 14 0 14" fill="none" strokeWidth="3" />,
    way: 'm-down',
  },
  BRUSH: {
    tool: (
      <>
        <path d="M96 30h34v12H96z" />
        <path d="M100 42v8M107 42v8M114 42v8M121 42v8M128 42v8M130 36h22" fill="none" />
      </>
    ),
    way: 'm-out',
  },
  PRESS: {
    tool: (
      <>
        <g className="m-right">{LEFT_PALM}</g>
        <g className="m-left">{RIGHT_PALM}</g>
      </>
    ),
    way: '',
  },
  SHAKE: { tool: <path d="M60 20q-10-6-18 2M100 20q10-6 18 2" fill="none" />, way: 'm-jiggle' },
  LIFT: { tool: <path d="M66 34V14M80 36V12M94 34V14M62 34q18 10 36 0" fill="none" />, way: 'm-up' },
  DROPS: {
    tool: (
      <path
        d="M46 40l-2 6a2.6 2.6 0 1 0 4 0zM112 34l-2 6a2.6 2.6 0 1 0 4 0zM92 62l-2 6a2.6 2.6 0 1 0 4 0zM64 76l-2 6a2.6 2.6 0 1 0 4 0z"
        fill="var(--water)"
      />
    ),
    way: 'm-fall',
  },
  WATER: {
    tool: (
      <path
        d="M52 20v60M68 26v64M92 26v64M108 20v60"
        stroke="var(--lengths)"
        strokeDasharray="10 8"
        fill="none"
      />
    ),
    way: 'm-fall',
  },
  SQUEEZE: { tool: <path d="M50 50q30 12 60 0v16q-30 12-60 0z" />, way: 'm-down' },
  CLOTH: { tool: <path d="M40 92q40-14 80 0l-6 30q-34 8-68 0z" />, way: 'm-up' },
  HOVER: { tool: DRYER, way: 'm-side' },
  CUP: { tool: BOWL, way: 'm-up' },
  CLIP: { tool: <path d="M70 30l10-18 10 18zM80 12V4" />, way: 'm-up' },
  MASSAGE: {
    tool: <path d="M48 24a6 6 0 1 0 12 0 6 6 0 1 0-12 0M100 24a6 6 0 1 0 12 0 6 6 0 1 0-12 0" />,
    way: 'm-round',
  },
  COMB: {
    tool: <path d="M46 84h68v8H46zM52 92v12M62 92v12M72 92v12M82 92v12M92 92v12M102 92v12" />,
    way: 'm-stages',
  },
  WAIT: { tool: <path d="M122 40a18 18 0 1 0 .1 0M122 46v12l8 6" fill="none" />, way: '' },
  PART: { tool: <path d="M80 4v26M74 24l6 8 6-8" fill="none" />, way: 'm-down' },
}
