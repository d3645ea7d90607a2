import type { EntryOf } from '../log/known-entry'
import { groupBy } from '../quantity/group-by'

/** Photos that belong together: those of one wall or floor before it was closed, or the others of the work. */
export interface PhotoGroup {
  /** The wall or floor, as it was called; empty for the others. */
  readonly where: string
  readonly photos: readonly EntryOf<'photo'>[]
}

/**
 * A record's photos in groups: those taken before covering by what was then closed, each in its order, and the others
 * last.
 *
 * @remarks for instance: two of the stud wall and one of a joint: `stud wall` with two, then the one
 */
export function photoGroups(photos: readonly EntryOf<'photo'>[]): PhotoGroup[] {
  const whereOf = ({ body }: EntryOf<'photo'>): string => (body.beforeCovering ? (body.caption ?? '').trim() : '')
  const groups = [...groupBy(photos, (photo) => whereOf(photo).toLowerCase())].map(([, alike]): PhotoGroup => ({
    where: whereOf(alike[0]!),
    photos: alike,
  }))
  return groups.toSorted((a, b) => Number(a.where === '') - Number(b.where === ''))
}
