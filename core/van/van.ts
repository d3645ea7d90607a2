import type { VanRow } from './booking-schema'

/** What may be in the van: an item of the catalogue or one's own, of pipe by the length of each. */
export interface VanThing {
  readonly item: string
  /** Length of each in mm; null where it has none. */
  readonly mm: number | null
}

export interface VanItem extends VanThing {
  /** What it is called at the counter. */
  readonly what: string
  readonly count: number
  /** So many are always to be there; 0 where nobody said. */
  readonly least: number
}

/** What was taken for a job. */
export interface Taken extends VanThing {
  readonly job: string
  readonly what: string
  /** So many are on the job: taken, less what came back. */
  readonly count: number
  /** So many of those that came back were left over. */
  readonly leftOver: number
}

export interface Van {
  readonly items: readonly VanItem[]
  readonly taken: readonly Taken[]
}

/** Two rows are of one thing where this is the same. */
export const vanKey = ({ item, mm }: VanThing): string => `${item} ${mm ?? ''}`.trimEnd()

/**
 * How many are there after a row of the book: what was counted holds, whatever the book said.
 *
 * @example thereAfter(4, { count: -1 }) // 3
 * @example thereAfter(4, { count: 0, counted: 9 }) // 9
 */
export const thereAfter = (there: number, { count, counted }: Pick<VanRow, 'count' | 'counted'>): number =>
  counted ?? there + count

/** Fewer are there than are always to be: what is missing up to that. */
export const isLow = ({ count, least }: VanItem): boolean => count < least

/** What a thing is called, and how many of it are there, after these rows. */
function itemAfter(before: VanItem | undefined, { item, mm, what, least, ...row }: VanRow): VanItem {
  return {
    ...{ item, mm, what },
    count: Math.max(0, thereAfter(before?.count ?? 0, row)),
    least: least ?? before?.least ?? 0,
  }
}

/**
 * The van as it is once rows that were written here have reached the book. What another took meanwhile is not known here:
 * the book refuses what is no longer there.
 */
export function vanAfter(van: Van, rows: readonly VanRow[]): Van {
  const items = new Map(van.items.map((of) => [vanKey(of), of]))
  const taken = new Map(van.taken.map((of) => [`${of.job} ${vanKey(of)}`, of]))
  for (const row of rows) {
    const { item, mm, what, job, count, leftOver } = row
    items.set(vanKey(row), itemAfter(items.get(vanKey(row)), row))
    if (job === undefined) continue
    const key = `${job} ${vanKey(row)}`
    const before = taken.get(key) ?? { count: 0, leftOver: 0 }
    taken.set(key, {
      ...{ job, item, mm, what },
      count: before.count - count,
      leftOver: before.leftOver + (leftOver ? count : 0),
    })
  }
  return { items: [...items.values()], taken: [...taken.values()].filter((of) => of.count !== 0 || of.leftOver !== 0) }
}
