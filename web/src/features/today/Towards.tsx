import type { DeskEvent } from '../../api/types'
import { useWidth } from '../../chart/useWidth'
import { clock, daysAfter, daysBetween, longDay, shortDay } from '../diary/dayWords'

const ROW = 22
const EDGE = 30
/** The words of a day, with air around them. */
const DAY_WIDTH = 62

/** What is done on the way to an event, on its days: a flag each, the event itself a light. */
export function Towards({ event, today }: { event: DeskEvent; today: string }) {
  const [frame, width] = useWidth(700)
  const days = Math.max(1, daysBetween(today, event.at))
  const x = (day: string) => EDGE + (daysBetween(today, day) / days) * (width - 2 * EDGE)
  const flags = placed(event.flags, x, width)
  const rows = Math.max(1, ...flags.map(({ row }) => row + 1))
  const water = 16 + rows * ROW
  return (
    <section aria-label={`Towards ${event.name}`} className="px-4 py-2.5">
      <h2 className="label">
        Towards {event.name}, {longDay(event.at)}, {clock(event.at)} · in {days} {days === 1 ? 'day' : 'days'}
      </h2>
      <div ref={frame} className="[contain:inline-size]">
        <svg
          width={width}
          height={water + 34}
          viewBox={`0 0 ${width} ${water + 34}`}
          role="img"
          aria-label={event.flags.map((flag) => `${words(flag)} on ${shortDay(flag.date)}`).join(', ')}
        >
          <DayScale today={today} days={days} width={width} water={water} />
          {flags.map(({ flag, at, row }) => (
            <path
              key={`${flag.clientId}/${flag.date}/${flag.what}`}
              d={`M${at} ${water}V${8 + row * ROW}`}
              stroke="var(--ink)"
              strokeWidth="1.2"
            />
          ))}
          {flags.map(({ flag, at, row, flip }) => (
            <g key={`${flag.clientId}/${flag.date}/${flag.what}`}>
              <path
                d={flip ? `M${at} ${8 + row * ROW}l-14 5l14 5z` : `M${at} ${8 + row * ROW}l14 5l-14 5z`}
                fill={flag.what === 'wash' ? 'var(--water)' : 'var(--paper)'}
                stroke="var(--lengths)"
                strokeWidth="1.2"
              />
              <text
                x={flip ? at - 18 : at + 18}
                y={17 + row * ROW}
                textAnchor={flip ? 'end' : 'start'}
                className="figures"
                fontSize="13.5"
                fill="var(--ink)"
                stroke="var(--paper)"
                strokeWidth="4"
                paintOrder="stroke"
              >
                {words(flag)}
              </text>
            </g>
          ))}
          <circle cx={x(event.at)} cy={water - 3} r="6" fill="var(--ink)" />
        </svg>
      </div>
    </section>
  )
}

type DayScaleProps = { today: string; days: number; width: number; water: number }

/** The days till then, a graduated border. */
function DayScale({ today, days, width, water }: DayScaleProps) {
  const every = Math.max(1, Math.ceil((days * DAY_WIDTH) / (width - 2 * EDGE)))
  return (
    <>
      {Array.from({ length: days }, (_, i) => (
        <rect
          key={i}
          x={EDGE + (i / days) * (width - 2 * EDGE)}
          y={water}
          width={(width - 2 * EDGE) / days}
          height="5"
          fill={i % 2 === 0 ? 'var(--ink)' : 'var(--paper)'}
          stroke="var(--ink)"
          strokeWidth="0.6"
        />
      ))}
      {Array.from({ length: days + 1 }, (_, i) => i)
        .filter((i) => i % every === 0 || i === days)
        .filter((i) => i === days || days - i >= every * 1.3)
        .map((i) => (
          <text
            key={i}
            x={EDGE + (i / days) * (width - 2 * EDGE)}
            y={water + 22}
            textAnchor={i === days ? 'end' : 'middle'}
            className="figures"
            fontSize="13"
            fill="var(--ink)"
          >
            {shortDay(daysAfter(today, i))}
          </text>
        ))}
    </>
  )
}

type Flag = DeskEvent['flags'][number]
type Placed = { flag: Flag; at: number; row: number; flip: boolean }

function words({ who, what, at }: Flag): string {
  return `${what} ${who.split(' ')[0]}${at === undefined ? '' : ` ${clock(at)}`}`
}

/** Letters of a flag's words, in their own width. */
const LETTER = 6.6

/** Each in the highest row where its words meet no other's. */
function placed(flags: readonly Flag[], x: (day: string) => number, width: number): Placed[] {
  const taken: { row: number; from: number; to: number }[] = []
  return flags.map((flag) => {
    const at = x(flag.date)
    const long = 18 + words(flag).length * LETTER
    const flip = at + long > width
    const [from, to] = flip ? [at - long, at + 4] : [at - 4, at + long]
    let row = 0
    while (taken.some((one) => one.row === row && one.from < to && one.to > from)) row++
    taken.push({ row, from, to })
    return { flag, at, row, flip }
  })
}
