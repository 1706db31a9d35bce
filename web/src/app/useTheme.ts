import { useEffect, useState } from 'react'

type Theme = 'day' | 'night'

/** Day or night chart: as last chosen, else as the system asks. */
export function useTheme() {
  const [theme, setTheme] = useState<Theme>(first)
  useEffect(() => {
    document.documentElement.dataset['theme'] = theme
    localStorage.setItem('theme', theme)
  }, [theme])
  return { theme, toggle: () => setTheme(theme === 'day' ? 'night' : 'day') }
}

function first(): Theme {
  const chosen = localStorage.getItem('theme')
  if (chosen === 'day' || chosen === 'night') return chosen
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'night' : 'day'
}
