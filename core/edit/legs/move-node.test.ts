import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { moveNode } from './move-node'
import { job, besideAnother, places, lengths, near, branched, walks } from '../../testing/sample-edits'

describe('moving a node with what follows', () => {
  it('a tee 200 east: its leg grows, the one after it shrinks, the branch follows', () => {
    const moved = moveNode(branched, 'r1', 't', [200, 0, 0])
    expect(lengths(moved)).toEqual([1200, 300, 400])
    near(places(moved).get('b'), [1200, 0, 400])
    near(places(moved).get('a'), [1500, 0, 0])
  })

  it('is the same along any axis and aslant, and leaves other runs', () => {
    const aslant = job([
      ['open:s', { bearing: 45, pitch: 0 }, 1000, 'tee:t'],
      ['tee:t', { bearing: 45, pitch: 0 }, 500, 'outlet:a'],
      ['tee:t', 'up', 400, 'outlet:b'],
    ])
    const by = 200 * Math.SQRT1_2
    const moved = moveNode(besideAnother(aslant), 'r1', 't', [by, by, 0])
    expect(lengths(moved, 1)).toEqual([1200, 300, 400])
    expect(lengths(moved, 0)).toEqual([77, 77, 77])
    expect(lengths(moveNode(branched, 'r1', 'b', [0, 0, 150]))).toEqual([1000, 500, 550])
  })

  it('by nothing, or in no such run, leaves the job as it is', () => {
    expect(moveNode(branched, 'r1', 't', [0, 0, 0])).toBe(branched)
    expect(moveNode(branched, 'r9', 't', [50, 0, 0])).toBe(branched)
  })

  it('does not move what is fixed, nor a leg to nothing', () => {
    const fixed = job([['tie-in:s', 'east', 1000, 'outlet:e']], { s: { at: [0, 0, 0] } })
    expect(() => moveNode(fixed, 'r1', 'e', [0, 50, 0])).toThrow(/tie-in is fixed/)
    expect(() => moveNode(branched, 'r1', 't', [500, 0, 0])).toThrow(/only 500.mm/)
  })

  it('there and back is as before', () => {
    fc.assert(
      fc.property(walks, fc.integer({ min: 1, max: 200 }), (walk, by) => {
        const last = walk.nodes.at(-1)!.id
        expect(lengths(moveNode(moveNode(walk, 'r1', last, [0, 0, by]), 'r1', last, [0, 0, -by]))).toEqual(
          lengths(walk),
        )
      }),
    )
  })
})
