import { useQuery } from '@tanstack/react-query'
import { NavLink } from 'react-router'
import { airQuery } from '../api/queries'
import { useTheme } from './useTheme'
import { figure } from '../ui/figure'

export function Header() {
  const { theme, toggle } = useTheme()
  const air = useQuery(airQuery).data
  return (
    <header className="border-ink flex flex-wrap items-center gap-x-2.5 border-b px-3 py-2 sm:gap-x-6 sm:px-6">
      <NavLink to="/" className="figures text-lg tracking-[0.04em] uppercase sm:text-xl sm:tracking-[0.14em]">
        Even Tide
      </NavLink>
      <nav aria-label="Main" className="flex gap-2.5 sm:gap-5">
        <Place to="/" label="Today" />
        <Place to="/clients" label="Clients" isWhole />
        <Place to="/shelf" label="Shelf" />
        <Place to="/practice" label="Practice" />
      </nav>
      <div className="figures ml-auto flex items-center gap-4 text-[0.95rem]">
        {air !== undefined && (
          <span className="hidden sm:inline">
            Room {figure(air.temperatureC, 0)}° {figure(air.relativeHumidity, 0)} % · dew point{' '}
            {figure(air.dewPointC, 0)}°, {air.band.toLowerCase().replace('_', ' ')} ·{' '}
            <span className="text-muted">{air.from}</span>
          </span>
        )}
        <button
          type="button"
          onClick={toggle}
          aria-pressed={theme === 'night'}
          aria-label="Night chart"
          className="border-ink aria-pressed:bg-ink aria-pressed:text-paper min-h-8 border px-2.5 hover:bg-shallow"
        >
          Night<span className="hidden sm:inline"> chart</span>
        </button>
      </div>
    </header>
  )
}

/** @param isWhole a place of its own, not also of what lies below it */
function Place({ to, label, isWhole = false }: { to: string; label: string; isWhole?: boolean }) {
  return (
    <NavLink
      to={to}
      end={to === '/' || isWhole}
      className="aria-[current=page]:border-ink border-b-2 border-transparent py-1 font-medium hover:border-line"
    >
      {label}
    </NavLink>
  )
}
