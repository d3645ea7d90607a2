/** Things that are tied together, two at a time: which of them belong to one group (union-find). */
export class DisjointSets {
  private readonly above = new Map<string, string>()

  /** The one that stands for a thing's group. */
  root(id: string): string {
    let at = id
    for (let above = this.above.get(at); above !== undefined; above = this.above.get(at)) {
      // Each step on the way is shortened, so that the next way is short.
      const next = this.above.get(above)
      if (next !== undefined) this.above.set(at, next)
      at = next ?? above
    }
    return at
  }

  /** Ties two groups together; the first one's root stands for both. @returns whether they were apart */
  tie(a: string, b: string): boolean {
    const [one, other] = [this.root(a), this.root(b)]
    if (one === other) return false
    this.above.set(other, one)
    return true
  }
}
