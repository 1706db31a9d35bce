import { useQuery } from '@tanstack/react-query'
import { Failure, Waiting } from '../../ui/Notice'
import type { Measurement, PhotoKept, WashDay, ZoneRating } from '../../api/types'
import { measuredQuery } from './measuredQuery'
import { figure } from '../../ui/figure'

type Name = keyof Measurement['measures']

const NAMES: readonly { name: Name; label: string }[] = [
  { name: 'frizz', label: 'frizz' },
  { name: 'definition', label: 'definition' },
  { name: 'clumping', label: 'clumping' },
  { name: 'volume', label: 'volume' },
  { name: 'shine', label: 'shine' },
  { name: 'clumpWidth', label: 'width of a clump' },
  { name: 'lengthOnPicture', label: 'length as it hangs' },
]

/** What a photograph says beside what the eye scored; nothing where it is not fit to be measured. */
export function Measured({ photo, day }: { photo: PhotoKept; day: WashDay }) {
  const { data, error } = useQuery(measuredQuery(photo.key))
  if (error !== null) return <Failure error={error} />
  if (data === undefined) return <Waiting what="Measuring the picture" />
  if (!data.quality.fit) return <Unfit faults={data.quality.faults} />
  const scores = day.rating?.byZone[photo.zone]
  return (
    <section aria-label="Measured" className="grid content-start gap-1">
      {data.quality.faults.map((fault) => (
        <p key={fault.what} className="border-ink border-l-4 pl-3">
          <span className="font-semibold">{fault.what}</span> {fault.doNext}
        </p>
      ))}
      <table className="figures w-full max-w-xl text-left">
        <thead>
          <tr>
            <th scope="col" className="label">
              measured
            </th>
            <th scope="col" className="label text-right">
              picture
            </th>
            <th scope="col" className="label pl-5 text-right">
              eye
            </th>
          </tr>
        </thead>
        <tbody>
          {NAMES.flatMap(({ name, label }) => {
            const one = data.measures[name]
            return one === undefined
              ? []
              : [
                  <tr key={name} className="border-line border-t">
                    <th scope="row" className="font-normal">
                      {label}
                    </th>
                    <td className="text-right">
                      {figure(one.value)}
                      <span className="text-muted">
                        {' '}
                        ({figure(one.low)} to {figure(one.high)}
                        {one.unit === 'points' ? '' : ` ${one.unit}`})
                      </span>
                    </td>
                    <td className="pl-5 text-right">{eyeOf(scores, name)}</td>
                  </tr>,
                ]
          })}
        </tbody>
      </table>
      <p className="text-muted text-sm">
        {data.fittedOn}{' '}
        <a href="/api/pictures/marker-sheet.svg" target="_blank" className="underline underline-offset-2">
          A sheet to print
        </a>{' '}
        beside the hair tells millimetres; where there is none, two taps with the ruler do.
      </p>
    </section>
  )
}

function Unfit({ faults }: { faults: Measurement['quality']['faults'] }) {
  return (
    <section aria-label="Measured" className="border-ink border-l-4 pl-3">
      <p className="font-semibold">This picture is not fit to be measured.</p>
      <ul>
        {faults.map((fault) => (
          <li key={fault.what}>
            {fault.what} {fault.doNext}
          </li>
        ))}
      </ul>
    </section>
  )
}

function eyeOf(scores: ZoneRating | undefined, name: Name): string {
  if (scores === undefined || name === 'clumpWidth' || name === 'lengthOnPicture') return '–'
  const score = scores[name]
  return score === undefined ? '–' : figure(score)
}
