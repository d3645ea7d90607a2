/** One of these, each as often as its weight says. */
export function drawn<Item>(random: () => number, items: readonly Item[], weightOf: (item: Item) => number): Item {
  let left = random() * items.reduce((sum, item) => sum + weightOf(item), 0)
  for (const item of items) {
    left -= weightOf(item)
    if (left <= 0) return item
  }
  return items.at(-1)!
}
