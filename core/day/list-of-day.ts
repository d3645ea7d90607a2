import type { ListTable } from '../record/lists'

/**
 * What to bring to several jobs as one list: what is the same item in the same length is counted together.
 *
 * @param lists what to bring to each, in the same units
 * @remarks for instance: two elbows for one job and three for the other: five elbows
 */
export function listOfDay(lists: readonly ListTable[]): ListTable | null {
  const [first] = lists
  if (!first) return null
  const rows = new Map<string, (string | number | null)[]>()
  for (const row of lists.flatMap((list) => list.rows)) {
    const [count, , item, length] = row
    // What comes by the tin has no count, and its length adds up; a length of pipe is one of its length.
    const key = count === null ? `${item} by the tin` : `${item} ${length}`
    const before = rows.get(key)
    if (!before) rows.set(key, [...row])
    else if (typeof count === 'number') before[0] = Number(before[0]) + count
    else if (typeof length === 'number') before[3] = Number(before[3] ?? 0) + length
  }
  return { ...first, rows: [...rows.values()] }
}
