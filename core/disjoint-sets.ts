/** Things that are tied together, two at a time: which of them belong to one group (union-find). */
export class DisjointSets {
  private readonly above = new Map<string, string>()

  /** The one that stands for a thing's group. */
  root(id: string): string {
    const above = this.above.get(id)
    return above === undefined ? id : this.root(above)
  }

  /** Ties two groups together; the first one's root stands for both. @returns whether they were apart */
  tie(a: string, b: string): boolean {
    const [one, other] = [this.root(a), this.root(b)]
    if (one === other) return false
    this.above.set(other, one)
    return true
  }
}
