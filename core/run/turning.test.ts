import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { unitVector } from '../job/direction'
import { directionOf, turnTowards } from './turning'
import { near } from '../testing/sample-edits'

describe('directions', () => {
  it('are axes where they lie along one, else bearing and pitch; back and forth', () => {
    expect(directionOf([0, 0, 3])).toBe('up')
    expect(directionOf([1, 1, 0])).toEqual({ bearing: 45, pitch: 0 })
    expect(turnTowards('east', 'up', 45)).toEqual({ bearing: 90, pitch: 45 })
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), fc.integer({ min: -89, max: 89 }), (bearing, pitch) => {
        near(unitVector(directionOf(unitVector({ bearing, pitch }))), unitVector({ bearing, pitch }))
      }),
    )
    expect(() => directionOf([0, 0, 0])).toThrow(RangeError)
    expect(() => turnTowards('east', 'west', 45)).toThrow(/square/)
  })
})
