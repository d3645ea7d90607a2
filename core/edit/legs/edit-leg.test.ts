import { countedIds } from '../../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import { removeLegs, splitLeg } from './edit-leg'
import { places, lengths, near, branched } from '../../testing/sample-edits'

describe('splitting a leg', () => {
  it('puts a valve in, and everything beyond stays where it is', () => {
    const { job: split, node } = splitLeg(branched, countedIds, 'r1', { legId: 'l1', at: 300, kind: 'valve' })
    expect(lengths(split)).toEqual([300, 700, 500, 400])
    near(places(split).get(node), [300, 0, 0])
    near(places(split).get('b'), [1000, 0, 400])
    expect(() => splitLeg(branched, countedIds, 'r1', { legId: 'l1', at: 1000, kind: 'valve' })).toThrow(
      /less than 1.000.mm/,
    )
  })

  it('at neither of its ends', () => {
    for (const at of [0, -5, 1000, 1200])
      expect(() => splitLeg(branched, countedIds, 'r1', { legId: 'l1', at, kind: 'valve' })).toThrow(RangeError)
  })

  it('several legs go together, with what hangs on them', () => {
    expect(removeLegs(branched, 'r1', ['l2', 'l3']).legs.map(({ id }) => id)).toEqual(['l1'])
  })
})
