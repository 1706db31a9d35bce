import type { ReactNode } from 'react'
import type { TestCard } from '../../api/types'

/** What each test looks like at the chair, in the chart's own line. 96 × 64. */
export function TestDrawing({ test }: { test: TestCard['test'] }) {
  return (
    <svg
      viewBox="0 0 96 64"
      aria-hidden
      className="bg-shallow h-16 w-24 shrink-0"
      fill="none"
      stroke="var(--ink)"
      strokeWidth={1.5}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {DRAWING[test]}
    </svg>
  )
}

const drop = (x: number, y: number) => (
  <path d={`M${x} ${y}c-4 5-4 9 0 9s4-4 0-9Z`} fill="var(--water)" stroke="var(--lengths)" />
)
const ruler = (x1: number, x2: number, y: number) => (
  <g strokeWidth={1}>
    <path d={`M${x1} ${y}H${x2}`} />
    {Array.from({ length: Math.floor((x2 - x1) / 6) + 1 }, (_, i) => (
      <path key={i} d={`M${x1 + i * 6} ${y}v${i % 5 === 0 ? -6 : -3}`} />
    ))}
  </g>
)

const DRAWING: Record<TestCard['test'], ReactNode> = {
  STRAND_ROLL: (
    <>
      <path d="M8 50c18-2 26-8 34-14c6-5 14-4 15 1c1 4-6 8-12 11" />
      <path d="M88 12c-16 2-26 8-33 14c-6 5-5 10 0 10c5 0 9-4 14-8" />
      <path d="M20 4C40 18 60 40 82 60" stroke="var(--lengths)" />
      <path d="M40 22l-4-6m0 0l6 1M58 44l4 6m0 0l-6-1" strokeWidth={1} />
    </>
  ),
  MIST: (
    <>
      <path d="M6 40C30 34 62 46 90 38" stroke="var(--lengths)" />
      {drop(26, 28)}
      {drop(46, 30)}
      {drop(66, 31)}
      <path d="M34 8l-4 8M48 6v9M62 8l4 8" strokeWidth={1} strokeDasharray="1 3" />
    </>
  ),
  TIME_TO_WET: (
    <>
      <circle cx={30} cy={36} r={20} fill="var(--paper)" />
      <path d="M30 36V22M30 36l9 6M26 12h8M30 12v4" />
      <path d="M66 6c10 14-10 22 0 34s-8 14 0 22M80 6c10 14-10 22 0 34s-8 14 0 22" stroke="var(--lengths)" />
      {drop(72, 14)}
    </>
  ),
  DRY_TIME: (
    <>
      <path d="M10 10V54H90" />
      <path d="M10 14C34 16 40 44 88 50" stroke="var(--lengths)" />
      <path d="M10 22C48 22 62 40 88 44" stroke="var(--roots)" strokeDasharray="4 3" />
      <path d="M30 54v-3M50 54v-3M70 54v-3" strokeWidth={1} />
    </>
  ),
  FLOAT: (
    <>
      <path d="M28 6l5 52h30l5-52" />
      <path d="M30 22H66" stroke="var(--lengths)" />
      <path d="M36 22c6-6 12 6 22 0" />
      <path d="M48 30v14m0 0l-4-5m4 5l4-5" strokeWidth={1} strokeDasharray="2 2" />
    </>
  ),
  PONYTAIL: (
    <>
      <path d="M30 4c6 14 6 40-4 56M48 4c0 18 2 38 0 58M66 4c-6 14-6 40 4 56" stroke="var(--lengths)" />
      <path d="M24 26c10 8 38 8 48 0M24 32c10 8 38 8 48 0M24 26v6M72 26v6" />
      <path d="M72 30l14 8" />
      <path d="M36 31v3M44 33v3M52 33v3M60 31v3" strokeWidth={1} />
    </>
  ),
  SCALP_LOOK: (
    <>
      <path d="M10 56C14 20 34 6 48 6s34 14 38 50" />
      <path d="M48 6c-2 14-2 30 0 50" strokeWidth={3} stroke="var(--stipple)" />
      <path
        d="M44 8C32 16 24 34 22 56M46 8C40 22 36 38 34 56M52 8c12 8 20 26 22 48M50 8c6 14 10 30 12 48"
        stroke="var(--lengths)"
        strokeWidth={1}
      />
    </>
  ),
  RULER: (
    <>
      <path d="M8 18c6-10 12 10 18 0s12 10 18 0s12 10 18 0" stroke="var(--lengths)" />
      {ruler(8, 62, 32)}
      <path d="M8 44H88" stroke="var(--lengths)" />
      {ruler(8, 86, 58)}
    </>
  ),
  CURL: (
    <>
      <path
        d="M14 32c0-16 16-16 16 0s16 16 16 0s16-16 16 0s16 16 16 0"
        stroke="var(--lengths)"
        strokeWidth={2}
      />
      <path d="M6 20v24M3 20h6M3 44h6" strokeWidth={1} />
      {ruler(14, 80, 60)}
      <path d="M30 10v6M62 10v6" strokeWidth={1} />
    </>
  ),
  STRETCH: (
    <>
      <path d="M10 20c8-8 12 8 20 0s12 8 20 0" stroke="var(--lengths)" />
      <path d="M10 42c14-3 30 3 70 0" stroke="var(--lengths)" />
      <path d="M56 20h26m0 0l-6-4m6 4l-6 4M82 52H56m0 0l6-4m-6 4l6 4" strokeWidth={1} />
      <circle cx={10} cy={20} r={3} />
      <circle cx={10} cy={42} r={3} />
    </>
  ),
}
