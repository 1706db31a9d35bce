import type { DeskLine } from '../../api/types'
import { useWidth } from '../../chart/useWidth'
import { clock, minuteOf } from '../diary/dayWords'

const HEIGHT = 96
const WATER = 68
const TOP = 26
const EDGE = 18
const FIRST_HOUR = 8
const LAST_HOUR = 19

type DayStripProps = {
  visits: readonly DeskLine[]
  /** Minutes after midnight now, by the clock on the wall. */
  now: number
}

/** The hours of the day as a chart's border, over them how long each head takes: the fall is drawn, no tide was run for it. */
export function DayStrip({ visits, now }: DayStripProps) {
  const [frame, width] = useWidth(900)
  const hours = hoursOf(visits)
  const [from, to] = [hours[0] ?? FIRST_HOUR, (hours.at(-1) ?? LAST_HOUR) + 1]
  const x = (minute: number) => EDGE + ((minute / 60 - from) / (to - from)) * (width - 2 * EDGE)
  return (
    <div ref={frame} className="border-ink border-b [contain:inline-size]">
      <svg
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={
          visits.length === 0
            ? 'The hours of today, nobody comes'
            : `The hours of today: ${visits.map((one) => `${clock(one.at ?? '')} ${one.who}`).join(', ')}`
        }
      >
        {visits.map((one) => (
          <Fall key={`${one.clientId}/${one.at}`} line={one} x={x} />
        ))}
        {hours.flatMap((hour) =>
          [0, 15, 30, 45].map((minute) => (
            <rect
              key={`${hour}/${minute}`}
              x={x(hour * 60 + minute)}
              y={WATER}
              width={x(15) - x(0)}
              height="5"
              fill={minute % 30 === 0 ? 'var(--ink)' : 'var(--paper)'}
              stroke="var(--ink)"
              strokeWidth="0.6"
            />
          )),
        )}
        {[...hours, to].map((hour) => (
          <text
            key={hour}
            x={x(hour * 60)}
            y={HEIGHT - 7}
            textAnchor="middle"
            className="figures"
            fontSize="13"
            fill="var(--ink)"
          >
            {String(hour).padStart(2, '0')}
          </text>
        ))}
        {now >= from * 60 && now <= to * 60 && (
          <g stroke="var(--ink)" fill="var(--ink)">
            <path d={`M${x(now)} 10V${WATER + 5}`} strokeWidth="1.5" />
            <path d={`M${x(now)} 10l14 5l-14 5z`} stroke="none" />
          </g>
        )}
      </svg>
    </div>
  )
}

function Fall({ line, x }: { line: DeskLine; x: (minute: number) => number }) {
  const begin = minuteOf(line.at ?? '')
  const [left, hands, dry] = [
    x(begin),
    x(begin + 0.55 * (line.minutes ?? 60)),
    x(begin + (line.minutes ?? 60)),
  ]
  return (
    <g>
      <path
        d={`M${left} ${WATER}V${TOP}H${hands}C${hands + (dry - hands) * 0.4} ${WATER - 6} ${dry - 6} ${WATER - 2} ${dry} ${WATER}Z`}
        fill="var(--water)"
        stroke="var(--lengths)"
        strokeWidth="1.4"
      />
      <text x={left + 4} y={TOP - 7} className="figures" fontSize="13.5" fill="var(--ink)">
        {line.who.split(' ')[0]}
      </text>
    </g>
  )
}

/** The usual ones, and those before or after in which somebody comes. */
function hoursOf(visits: readonly DeskLine[]): number[] {
  const begins = visits.map((one) => Math.floor(minuteOf(one.at ?? '') / 60))
  const ends = visits.map((one) => Math.floor((minuteOf(one.at ?? '') + (one.minutes ?? 60)) / 60))
  const from = Math.min(FIRST_HOUR, ...begins)
  const to = Math.min(23, Math.max(LAST_HOUR - 1, ...ends))
  return Array.from({ length: to - from + 1 }, (_, i) => from + i)
}
