// Keeps what the chair needs, so that it opens and goes on when the server is gone. What is asked is always asked of the
// server first; only its silence is answered from here.
const KEPT = 'eventide'

// Of what the server answers, only what a run at the chair asks for.
const CHAIR =
  /^\/api\/(clients\/\d+(\/wash-days)?|wash-days\/\d+\/(chair|events|live|tide)|chair\/running|products|roles|air|today)$/

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (url.pathname.startsWith('/api/') && !CHAIR.test(url.pathname)) return
  event.respondWith(answer(request, keyOf(request, url)))
})

// A screen's address is the app's; the moment asked for is not part of what is asked.
function keyOf(request, url) {
  if (request.mode === 'navigate') return '/'
  return url.searchParams.has('now') ? url.pathname : url.pathname + url.search
}

async function answer(request, key) {
  const kept = await caches.open(KEPT)
  try {
    const fresh = await fetch(request)
    if (fresh.ok) await kept.put(key, fresh.clone())
    return fresh
  } catch (gone) {
    const before = await kept.match(key)
    if (before === undefined) throw gone
    return before
  }
}
