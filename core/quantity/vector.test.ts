import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { distance, dot, lengthOf, turnedAbout, unitOf, type Vector } from './vector'

const near = (of: Vector, other: Vector) => of.forEach((value, axis) => expect(value).toBeCloseTo(other[axis]!, 9))

describe('a vector turned about an axis', () => {
  it('east about up by 90 is north, and what lies along the axis stays', () => {
    near(turnedAbout([1, 0, 0], [0, 0, 1], 90), [0, 1, 0])
    near(turnedAbout([1, 0, 2], [0, 0, 1], 90), [0, 1, 2])
    // About the diagonal a third of a turn takes each axis to the next.
    near(turnedAbout([1, 0, 0], unitOf([1, 1, 1]), 120), [0, 1, 0])
    near(turnedAbout([1, 0, 0], unitOf([1, 1, 1]), 240), [0, 0, 1])
  })

  it('keeps its length and what it has along the axis, and comes back by as much', () => {
    const one = fc.integer({ min: -100, max: 100 })
    const vector = fc.tuple(one, one, one)
    fc.assert(
      fc.property(
        vector,
        vector.filter((of) => lengthOf(of) > 0),
        fc.integer({ min: -360, max: 360 }),
        (of, along, by) => {
          const axis = unitOf(along)
          const turned = turnedAbout(of, axis, by)
          expect(lengthOf(turned)).toBeCloseTo(lengthOf(of), 6)
          expect(dot(turned, axis)).toBeCloseTo(dot(of, axis), 6)
          expect(distance(turnedAbout(turned, axis, -by), of)).toBeCloseTo(0, 6)
        },
      ),
    )
  })

  it('has no direction where it has no length', () => {
    expect(() => unitOf([0, 0, 0])).toThrow('no direction')
    near(unitOf([0, 3, -4]), [0, 0.6, -0.8])
  })
})
