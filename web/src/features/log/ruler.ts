import type { Measurement } from '../../api/types'

/** A place on a photograph, in parts of its width and height. */
export type Place = { x: number; y: number }

/** The two ends of a line laid over a photograph. */
export type Ends = readonly [Place, Place]

type Pixels = Measurement['pixels']

/** Where a line lies until it is tapped into place. */
export const ENDS: Ends = [
  { x: 0.35, y: 0.5 },
  { x: 0.65, y: 0.5 },
]

/** How far apart the ends are on the picture, px. */
function pixelsOf([from, to]: Ends, pixels: Pixels): number {
  return Math.hypot((to.x - from.x) * pixels.width, (to.y - from.y) * pixels.height)
}

/** What lies between the ends, as a ruler reads it; undefined where nothing tells the scale. */
export function readCentimetres(ends: Ends, measured: Measurement): number | undefined {
  const { millimetresPerPixel, pixels } = measured
  return millimetresPerPixel === undefined ? undefined : (pixelsOf(ends, pixels) * millimetresPerPixel) / 10
}

/** The line with the nearer end at this place. */
export function drawnTo(ends: Ends, place: Place, pixels: Pixels): Ends {
  const [from, to] = ends
  return pixelsOf([from, place], pixels) <= pixelsOf([to, place], pixels) ? [place, to] : [from, place]
}

const within = (part: number) => Math.min(1, Math.max(0, part))

/** An end moved by so many pixels, no farther than the picture goes. */
export function moved(place: Place, byX: number, byY: number, pixels: Pixels): Place {
  return { x: within(place.x + byX / pixels.width), y: within(place.y + byY / pixels.height) }
}
