/** A repeatable stream of numbers from 0 to 1 (mulberry32), so that every run of a bench sees the same inspections. */
export function randomStream(seed: number): () => number {
  let state = seed
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/** One of these, each as often as its weight says. */
export function drawn<Item>(random: () => number, items: readonly Item[], weightOf: (item: Item) => number): Item {
  let left = random() * items.reduce((sum, item) => sum + weightOf(item), 0)
  for (const item of items) {
    left -= weightOf(item)
    if (left <= 0) return item
  }
  return items.at(-1)!
}
