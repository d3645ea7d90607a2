import { describe, expect, it } from 'vitest'
import { DisjointSets } from './disjoint-sets'

describe('things tied together', () => {
  it('says whether a tie brought two groups together, and who stands for them', () => {
    const sets = new DisjointSets()
    expect([sets.tie('a', 'b'), sets.tie('c', 'd'), sets.tie('b', 'd')]).toEqual([true, true, true])
    expect([sets.tie('a', 'd'), sets.tie('a', 'a')]).toEqual([false, false])
    expect(['a', 'b', 'c', 'd', 'e'].map((id) => sets.root(id))).toEqual(['a', 'a', 'a', 'a', 'e'])
  })
})
