import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { axes, walls } from '../job/kinds'
import { directionWords, turnedWith, wayWord } from './direction-words'

describe('a way in words', () => {
  it('is by the compass where nobody faces a wall', () => {
    expect(axes.map((axis) => wayWord(axis))).toEqual([...axes])
    expect(directionWords({ bearing: 90, pitch: -45 })).toBe('90° from north, 45° down')
  })

  it('is left, right, back and out for who faces a wall', () => {
    const said = (facing: (typeof walls)[number]) => axes.map((axis) => wayWord(axis, facing))
    // East, west, north, south, up, down.
    expect(said('north')).toEqual(['right', 'left', 'back', 'out', 'up', 'down'])
    expect(said('east')).toEqual(['back', 'out', 'left', 'right', 'up', 'down'])
    expect(said('south')).toEqual(['left', 'right', 'out', 'back', 'up', 'down'])
    expect(said('west')).toEqual(['out', 'back', 'right', 'left', 'up', 'down'])
  })

  it('at an angle is so many degrees to either hand of back', () => {
    expect(directionWords({ bearing: 45, pitch: 0 }, 'north')).toBe('45° right of back')
    expect(directionWords({ bearing: 45, pitch: 30 }, 'east')).toBe('45° left of back, 30° up')
    expect(directionWords({ bearing: 0, pitch: 0 }, 'west')).toBe('90° right of back')
    expect(directionWords({ bearing: -200, pitch: 0 }, 'north')).toBe('160° right of back')
  })

  it('an arrow means the same to who faces any wall: left stays left', () => {
    fc.assert(
      fc.property(fc.constantFrom(...axes), fc.constantFrom(...walls), (axis, facing) => {
        expect(wayWord(turnedWith(axis, facing), facing)).toBe(wayWord(axis, 'north'))
      }),
    )
  })
})
