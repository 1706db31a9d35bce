import { Link } from 'react-router'

const COURSE = [
  { name: 'Consult', does: 'Five readings tell what hair this is, zone by zone.' },
  { name: 'Plan', does: 'What goes on, how much, on how wet hair, dried until when.' },
  { name: 'Chair', does: 'What hands do now; the water and every clock watched meanwhile.' },
  { name: 'Log', does: 'How it came out. From it the next plan gets better.' },
] as const

/** Where each place stands on the falling water, in the drawing's own units. */
const POSTS = [
  { x: 60, y: 46 },
  { x: 270, y: 62 },
  { x: 480, y: 112 },
  { x: 690, y: 158 },
] as const

const WATER = 'M0 40C120 40 190 50 270 62S420 88 480 112S620 150 690 158S820 170 900 172'

/** The first page of a salon that has nobody in it yet: the course of the work, and where it begins. */
export function EmptySalon() {
  return (
    <section className="sheet" aria-label="An empty salon">
      <svg
        viewBox="0 0 900 190"
        preserveAspectRatio="none"
        className="border-ink hidden h-44 w-full border-b sm:block"
        aria-hidden
      >
        <rect width="900" height="190" fill="var(--sand)" />
        <path d={`${WATER}V190H0Z`} fill="var(--water)" />
        <path
          d={WATER}
          fill="none"
          stroke="var(--lengths)"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
        {POSTS.map(({ x, y }) => (
          <g key={x} stroke="var(--ink)" fill="var(--ink)">
            <path d={`M${x} ${y}V190`} strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
            <path d={`M${x} ${y - 34}l20 7l-20 7z`} stroke="none" />
            <path d={`M${x} ${y - 34}V${y}`} strokeWidth="1.5" vectorEffect="non-scaling-stroke" />
          </g>
        ))}
      </svg>
      <ol className="grid sm:grid-cols-4">
        {COURSE.map(({ name, does }, i) => (
          <li
            key={name}
            className="border-line grid content-start gap-1 px-5 py-4 max-sm:border-b max-sm:border-dotted sm:border-r sm:last:border-r-0"
          >
            <h2 className="text-xl font-semibold">
              <span className="figures text-muted mr-2">{i + 1}</span>
              {name}
            </h2>
            <p>{does}</p>
          </li>
        ))}
      </ol>
      <div className="border-ink flex flex-wrap items-center gap-x-6 gap-y-3 border-t px-5 py-4">
        <Link to="/new" className="bg-ink text-paper px-5 py-2.5 font-semibold">
          Begin with the first head
        </Link>
        <p className="text-muted">
          A plan chooses from what stands on the{' '}
          <Link to="/shelf" className="text-ink underline">
            shelf
          </Link>
          : write down the bottles you work with, by their labels.
        </p>
      </div>
    </section>
  )
}
