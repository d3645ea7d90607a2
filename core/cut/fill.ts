/** Something that can be laid on a bar: what it takes of it, what it is worth, and how many there are. */
export interface Laid {
  readonly size: number
  readonly worth: number
  readonly count: number
}

export interface Filling {
  readonly worth: number
  /** How many of each. */
  readonly counts: readonly number[]
}

/**
 * The most valuable fillings of bars: a bounded knapsack, solved exactly by dynamic programming over the capacity.
 *
 * @param items sizes in whole steps, above 0
 * @param capacities of the bars, in whole steps; all are answered by one pass
 * @example fillBest([{ size: 3, worth: 4, count: 1 }, { size: 2, worth: 2, count: 2 }], [5])[0] // { worth: 6, counts: [1, 1] }
 */
export function fillBest(items: readonly Laid[], capacities: readonly number[]): Filling[] {
  const most = Math.max(0, ...capacities)
  // So many of an item are taken as bundles of 1, 2, 4 and the rest: every number can be made of them.
  const bundles: { item: number; count: number; size: number; worth: number }[] = []
  items.forEach(({ size, worth, count }, item) => {
    if (worth <= 0 || size > most) return
    let left = Math.min(count, Math.floor(most / size))
    for (let bundle = 1; left > 0; bundle *= 2) {
      const of = Math.min(bundle, left)
      bundles.push({ item, count: of, size: of * size, worth: of * worth })
      left -= of
    }
  })
  const best = new Float64Array(most + 1)
  const taken = bundles.map(({ size, worth }) => {
    const here = new Uint8Array(most + 1)
    for (let at = most; at >= size; at -= 1) {
      const value = best[at - size]! + worth
      if (value > best[at]! + 1e-12) {
        best[at] = value
        here[at] = 1
      }
    }
    return here
  })
  return capacities.map((capacity) => {
    const counts = items.map(() => 0)
    let at = Math.max(0, capacity)
    for (let index = bundles.length - 1; index >= 0; index -= 1) {
      if (taken[index]![at] !== 1) continue
      const { item, count, size } = bundles[index]!
      counts[item]! += count
      at -= size
    }
    return { worth: best[Math.max(0, capacity)]!, counts }
  })
}
