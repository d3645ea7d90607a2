import fc from 'fast-check'
import { describe, it } from 'vitest'
import { askAll } from '../testing/ask-all'
import type { Direction } from '../job/job'
import { pipeId, sampleJob } from '../testing/sample-run'

/** Directions, and the same or straight back by as little as a number can be off. */
const direction = fc.record({
  bearing: fc.oneof(fc.integer({ min: 0, max: 359 }), fc.double({ min: 0, max: 359, noNaN: true })),
  pitch: fc.constantFrom(0, 0, 33, -45, 90, -90),
})
const off = fc.constantFrom(0, 180, 179.9, 180.1, 179.999_999, 180.000_001, 1e-7, 359.999_999, 90)

describe('a shape that no pipe has', () => {
  it('is told by a check: nothing that a job is asked throws, however its legs turn back', () => {
    fc.assert(
      fc.property(
        direction,
        off,
        fc.boolean(),
        fc.constantFrom('bend', 'elbow', 'coupling', 'outlet'),
        fc.constantFrom(undefined, 30, 88, 2000),
        fc.constantFrom(5, 60, 500),
        (first, by, isUp, kind, radius, length) => {
          const second: Direction = {
            bearing: (first.bearing + by) % 360,
            pitch: by > 100 ? -first.pitch : first.pitch,
          }
          askAll(
            sampleJob({
              pipe: pipeId('EN 1057', '22', 0.9),
              method: 'solder',
              legs: [
                ['open:s', first, length, `${kind}:a`],
                [`${kind}:a`, second, 600, 'bend:b'],
                ['bend:b', isUp ? 'up' : first, 700, 'open:e'],
              ],
              nodes: { a: radius === undefined ? {} : { radius }, b: radius === undefined ? {} : { radius } },
            }),
          )
        },
      ),
      { numRuns: 300 },
    )
  })
})
