import { memo } from 'react'
import type { Box } from './tideGeometry'

type SandProps = { box: Box }

/** The land the water lies over: a layer of its own, so that its stipple is not drawn anew each time the water moves. */
export const Sand = memo(
  function Sand({ box }: SandProps) {
    const land = {
      x: box.left,
      y: box.top,
      width: box.width - box.left - box.right,
      height: box.height - box.top - box.bottom,
    }
    return (
      <svg
        width={box.width}
        height={box.height}
        className="absolute inset-0 block will-change-transform"
        aria-hidden
      >
        <pattern id="stipple" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="2" cy="2" r=".8" fill="var(--stipple)" opacity=".55" />
          <circle cx="6.5" cy="6.5" r=".8" fill="var(--stipple)" opacity=".4" />
        </pattern>
        <rect {...land} fill="var(--sand)" />
        <rect {...land} fill="url(#stipple)" />
      </svg>
    )
  },
  (before, after) => JSON.stringify(before.box) === JSON.stringify(after.box),
)
