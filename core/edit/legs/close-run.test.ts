import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Job } from '../../job/job'
import { spreadClosing, takeUpIn } from './close-run'
import { closingErrors } from '../../run/closing'
import { layOut } from '../../run/layout'
import { systemsOf } from '../../job/system'
import { job, lengths } from '../../testing/sample-edits'

describe('closing a run between fixed points', () => {
  const open = (end: [number, number, number]): Job =>
    job(
      [
        ['tie-in:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 800, 'elbow:b'],
        ['elbow:b', 'east', 2000, 'tie-in:e'],
      ],
      { s: { at: [0, 0, 0] }, e: { at: end } },
    )

  it('is taken up in one leg, along it', () => {
    const closed = takeUpIn(open([3006, 800, 0]), 'r1', 'l1')
    expect(lengths(closed)).toEqual([1006, 800, 2000])
    expect(closingErrors(layOut(systemsOf(closed)[0]!))).toEqual([{ run: 'r1', x: 0, y: 0, z: 0 }])
    // What closes stays as it is.
    expect(takeUpIn(closed, 'r1', 'l1')).toBe(closed)
    expect(takeUpIn(closed, 'none', 'l1')).toBe(closed)
  })

  it('is spread in proportion: 6 over 1000 and 2000 is 2 and 4; 5 north goes to the one leg north', () => {
    expect(lengths(spreadClosing(open([3006, 805, 0]), 'r1'))).toEqual([1002, 805, 2004])
  })

  it('says when no leg lies that way', () => {
    expect(() => spreadClosing(open([3000, 800, 7]), 'r1')).toThrow(/no leg lies/)
    expect(() => takeUpIn(open([10, 800, 0]), 'r1', 'l1')).toThrow(/to give/)
    // Leg 1 of 1000: one millimetre may be left of it, nothing may not.
    expect(lengths(takeUpIn(open([2001, 800, 0]), 'r1', 'l1'))[0]).toBe(1)
    expect(() => takeUpIn(open([2000, 800, 0]), 'r1', 'l1')).toThrow(/to give/)
  })

  it('any error of any run that turns on all axes is closed to the hundredth', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.integer({ min: -40, max: 40 }),
          fc.integer({ min: -40, max: 40 }),
          fc.integer({ min: -40, max: 40 }),
        ),
        ([x, y, z]) => {
          const run = job(
            [
              ['tie-in:s', 'east', 900, 'elbow:a'],
              ['elbow:a', 'north', 700, 'elbow:b'],
              ['elbow:b', 'up', 500, 'elbow:c'],
              ['elbow:c', 'west', 400, 'tie-in:e'],
            ],
            { s: { at: [0, 0, 0] }, e: { at: [500 + x, 700 + y, 500 + z] } },
          )
          const [error] = closingErrors(layOut(systemsOf(spreadClosing(run, 'r1'))[0]!))
          expect(Math.hypot(error!.x, error!.y, error!.z)).toBeLessThan(0.02)
        },
      ),
    )
  })
})
