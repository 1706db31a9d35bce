import { gzipSync } from 'node:zlib'
import type { Plugin, Rollup } from 'vite'

const KB = 1000

/** The most script the first page may load, and what each later place may add to it; bytes gzipped. */
const FIRST_LOAD = 200 * KB
const LATER_PLACE = 80 * KB

/** What opens first. */
const LANDING = 'TodayPage'

/** Prints how much script each place loads and refuses a build that loads too much. */
export function bundleLimits(): Plugin {
  return {
    name: 'bundle-limits',
    writeBundle(_, bundle) {
      const chunks = new Map(
        Object.values(bundle)
          .filter((part): part is Rollup.OutputChunk => part.type === 'chunk')
          .map((chunk) => [chunk.fileName, chunk]),
      )
      const entry = [...chunks.values()].find((chunk) => chunk.isEntry)
      if (entry === undefined) throw new Error('The build has no entry')
      const places = entry.dynamicImports.flatMap((name) => chunks.get(name) ?? [])
      const landing = places.find((place) => place.name === LANDING)
      if (landing === undefined) throw new Error(`The build has no ${LANDING}`)
      const first = new Set([...needed(entry, chunks), ...needed(landing, chunks)])
      const sizes = [
        { what: 'first load', bytes: weight(first), most: FIRST_LOAD },
        ...places
          .filter((place) => place !== landing)
          .map((place) => ({
            what: place.name,
            bytes: weight([...needed(place, chunks)].filter((chunk) => !first.has(chunk))),
            most: LATER_PLACE,
          })),
      ]
      for (const { what, bytes, most } of sizes) {
        console.log(`${(bytes / KB).toFixed(1).padStart(7)} kB of ${most / KB}  ${what}`)
      }
      const over = sizes.filter(({ bytes, most }) => bytes > most).map(({ what }) => what)
      if (over.length > 0) throw new Error(`Too much script: ${over.join(', ')}`)
    },
  }
}

/** A chunk and all that it cannot start without. */
function needed(
  chunk: Rollup.OutputChunk,
  chunks: ReadonlyMap<string, Rollup.OutputChunk>,
  seen = new Set<Rollup.OutputChunk>(),
): Set<Rollup.OutputChunk> {
  if (seen.has(chunk)) return seen
  seen.add(chunk)
  for (const name of chunk.imports) {
    const other = chunks.get(name)
    if (other !== undefined) needed(other, chunks, seen)
  }
  return seen
}

function weight(of: Iterable<Rollup.OutputChunk>): number {
  return [...of].reduce((bytes, chunk) => bytes + gzipSync(chunk.code).length, 0)
}
