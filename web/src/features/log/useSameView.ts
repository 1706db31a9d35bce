import { useQueries } from '@tanstack/react-query'
import { photosQuery } from '../../api/queries'
import type { WashDay } from '../../api/types'
import type { View } from './Photos'

/** How many earlier washes are looked through for the same view. */
const LOOKED_THROUGH = 20

/** A photograph of the view at another wash. */
export type SameView = { day: WashDay; key: string }

/** Photographs of one view at other washes, in the order the washes are given. */
export function useSameView(days: readonly WashDay[], view: View): readonly SameView[] {
  const looked = days.slice(0, LOOKED_THROUGH)
  return useQueries({
    queries: looked.map((day) => photosQuery(day.id)),
    combine: (answers) =>
      looked.flatMap((day, i) => {
        const photo = answers[i]?.data?.find((one) => one.view === view)
        return photo === undefined ? [] : [{ day, key: photo.key }]
      }),
  })
}
