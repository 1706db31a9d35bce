import { Link } from 'react-router'
import { useTitle } from '../ui/useTitle'

/** An address that leads nowhere. */
export function NoSuchPlace() {
  useTitle('No such place')
  return (
    <section className="sheet mt-6 grid max-w-2xl justify-items-start gap-3 p-8">
      <h1 className="text-2xl font-semibold">Off the chart</h1>
      <p>Nothing lies at this address. It may have been shortened on the way, or what was here is gone.</p>
      <p className="flex flex-wrap gap-x-5">
        <Link to="/" className="underline">
          Back to today
        </Link>
        <Link to="/clients" className="underline">
          All clients
        </Link>
      </p>
    </section>
  )
}
