/** Where `public/sw.js` keeps what it has seen. */
const KEPT = 'eventide'

/**
 * Lets this page open again without the server: what it is made of is kept by the browser. Does nothing where the browser
 * keeps nothing.
 *
 * @param loadAll loads what is loaded only when it is gone to
 */
export async function keepForOffline(loadAll: () => Promise<void>): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return
  try {
    await loadAll()
    await navigator.serviceWorker.register('/sw.js')
    await navigator.serviceWorker.ready
    const kept = await caches.open(KEPT)
    // The first visit was loaded before anyone was there to keep it.
    const paths = performance
      .getEntriesByType('resource')
      .map((entry) => new URL(entry.name))
      .filter((url) => url.origin === location.origin && url.pathname.startsWith('/assets/'))
      .map((url) => url.pathname)
    await Promise.all(['/', ...paths].map(async (path) => (await kept.match(path)) ?? kept.add(path)))
    // What an earlier build was made of is of no use any more.
    for (const { url } of await kept.keys()) {
      const { pathname } = new URL(url)
      if (pathname.startsWith('/assets/') && !paths.includes(pathname)) await kept.delete(url)
    }
  } catch {
    // A browser that forbids it: the app works as long as the server does.
  }
}

type Head = { id: number; openWashDay?: number }

/** Everything the chair of each of these asks for: it opens then without the server. */
export async function keepHeads(heads: readonly Head[]): Promise<void> {
  if (!('caches' in window)) return
  const paths = heads.flatMap(({ id, openWashDay: day }) =>
    day === undefined
      ? []
      : [
          `/api/clients/${id}`,
          `/api/clients/${id}/wash-days`,
          `/api/products?client=${id}`,
          ...['chair', 'events', 'live', 'tide'].map((part) => `/api/wash-days/${day}/${part}`),
        ],
  )
  if (paths.length === 0) return
  try {
    const kept = await caches.open(KEPT)
    for (const path of ['/api/today', '/api/roles', '/api/air', ...paths]) {
      const asked = path.endsWith('/live') ? `${path}?now=${new Date().toISOString()}` : path
      const answer = await fetch(asked)
      if (answer.ok) await kept.put(path, answer)
    }
  } catch {
    // Without the server there is nothing newer to keep.
  }
}
