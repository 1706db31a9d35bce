import { ZONES, type Zone } from '../api/types'
import { ZONE_LABEL } from '../api/words'

type IslandProps = {
  /** What is written at each zone: a number is set as a sounding with a raised small tenth. */
  value: (zone: Zone) => number | string | undefined
  /** What the numbers are, for the corner and for screen readers. */
  title: string
  selected?: Zone | undefined
  onSelect?: ((zone: Zone) => void) | undefined
  /** How high the land stands in a zone, 0 to 1: the higher, the darker its sand. */
  height?: (zone: Zone) => number
  /** Zones in hand: several at once. */
  lit?: ReadonlySet<Zone>
  /** Zones that differ from the rest of the head. */
  marked?: ReadonlySet<Zone>
}

/** Where each zone lies on the head seen from above, in the drawing's own 240 × 240. */
const PLACE: Record<Zone, { x: number; y: number; path: string }> = {
  HAIRLINE: { x: 120, y: 52, path: 'M58 74C66 40 92 22 120 22s54 18 62 52C160 66 80 66 58 74Z' },
  CROWN: { x: 120, y: 106, path: 'M84 72c22-5 50-5 72 0c7 22 7 44 1 66c-22 4-52 4-74 0c-6-22-6-44 1-66Z' },
  LEFT: { x: 57, y: 116, path: 'M58 74l26-2c-7 22-7 44-1 66l-31 16C40 128 44 98 58 74Z' },
  RIGHT: { x: 183, y: 116, path: 'M182 74l-26-2c7 22 7 44 1 66l31 16c12-26 8-56-6-80Z' },
  BACK: {
    x: 120,
    y: 160,
    path: 'M83 138c22 4 52 4 74 0l31 16c-4 11-9 20-15 27c-32 10-74 10-106 0c-6-7-11-16-15-27Z',
  },
  NAPE: { x: 120, y: 202, path: 'M67 181c32 10 74 10 106 0c-13 20-31 38-53 38s-40-18-53-38Z' },
}

function land(height: number): string {
  return `color-mix(in srgb, var(--sand), var(--stipple) ${Math.round(height * 38)}%)`
}

/** The head from above as an island in six zones, values written as soundings. */
export function Island({ value, title, selected, onSelect, lit, marked, height }: IslandProps) {
  const isOn = (zone: Zone) => zone === selected || lit?.has(zone) === true
  return (
    <div className="bg-shallow relative mx-auto aspect-square w-full max-w-72">
      <p className="figures absolute top-1 left-2 text-sm">{title}</p>
      <svg
        viewBox="0 0 240 240"
        className="absolute inset-0 h-full w-full"
        aria-hidden={onSelect !== undefined}
        role="img"
        aria-label={spoken(value, title)}
      >
        <path
          d="M120 8c46 0 86 44 86 112s-40 112-86 112s-86-44-86-112s40-112 86-112Z"
          fill="var(--paper)"
          stroke="var(--line)"
        />
        <path
          d="M120 14c42 0 79 42 79 106s-37 106-79 106s-79-42-79-106s37-106 79-106Z"
          fill="none"
          stroke="var(--line)"
          strokeDasharray="1 4"
        />
        <path d="M110 22q10 -12 20 0" fill="var(--sand)" stroke="var(--ink)" strokeWidth={1.4} />
        {ZONES.map((zone) => (
          <path
            key={zone}
            d={PLACE[zone].path}
            fill={isOn(zone) ? 'var(--water)' : land(height?.(zone) ?? 0)}
            stroke="var(--ink)"
            strokeWidth={isOn(zone) ? 2.6 : 1.3}
            strokeLinejoin="round"
          />
        ))}
        <g fill="none" stroke="var(--stipple)" strokeWidth={1} opacity={0.8}>
          <path d="M120 36c36 0 64 36 64 84s-28 86-64 86s-64-38-64-86s28-84 64-84Z" />
          <path d="M120 64c24 0 42 24 42 54s-18 54-42 54s-42-24-42-54s18-54 42-54Z" />
        </g>
        {ZONES.map((zone) => (
          <Sounding key={zone} zone={zone} value={value(zone)} marked={marked?.has(zone) ?? false} />
        ))}
      </svg>
      {onSelect !== undefined &&
        ZONES.map((zone) => (
          <button
            key={zone}
            type="button"
            aria-pressed={isOn(zone)}
            aria-label={`${ZONE_LABEL[zone]}: ${value(zone) ?? 'nothing yet'}`}
            onClick={() => onSelect(zone)}
            className="absolute h-[17%] w-[27%] -translate-x-1/2 -translate-y-1/2"
            style={{ left: `${PLACE[zone].x / 2.4}%`, top: `${PLACE[zone].y / 2.4}%` }}
          />
        ))}
    </div>
  )
}

function Sounding({
  zone,
  value,
  marked,
}: {
  zone: Zone
  value: number | string | undefined
  marked: boolean
}) {
  const { x, y } = PLACE[zone]
  const tenths = typeof value === 'number' ? Math.round(value * 10) : undefined
  return (
    <g
      textAnchor="middle"
      className="figures"
      fill="var(--ink)"
      paintOrder="stroke"
      stroke="var(--sand)"
      strokeWidth={2.5}
    >
      <text x={x} y={y + 1} fontSize={typeof value === 'string' ? 15 : 19}>
        {tenths === undefined ? (
          (value ?? '·')
        ) : (
          <>
            {Math.floor(tenths / 10)}
            <tspan fontSize={12} dy={-5}>
              {tenths % 10}
            </tspan>
          </>
        )}
      </text>
      <text x={x} y={y + 13} fontSize={10.5} fontWeight={500} fill="var(--ink)">
        {/* The place on the head says it is a side. */}
        {ZONE_LABEL[zone].split(' ')[0]}
        {marked ? ' ∗' : ''}
      </text>
    </g>
  )
}

function spoken(value: IslandProps['value'], title: string): string {
  return `${title}: ${ZONES.map((zone) => `${ZONE_LABEL[zone]} ${value(zone) ?? 'nothing yet'}`).join(', ')}`
}
