import fc from 'fast-check'
import type { Tube } from '../bend/tube'

/** For tests: tubes whose bends have room: every leg longer than both its set-backs. */
export const tubes = fc
  .array(
    fc.record({
      angle: fc.integer({ min: 10, max: 120 }),
      radius: fc.integer({ min: 20, max: 90 }),
      turn: fc.integer({ min: -179, max: 180 }),
      leg: fc.integer({ min: 320, max: 900 }),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((parts): Tube => ({
    legs: [...parts.map(({ leg }) => leg), 400],
    bends: parts.map(({ angle, radius, turn }, index) => ({ angle, radius, turn: index === 0 ? 0 : turn })),
  }))
