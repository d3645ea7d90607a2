import type { Reading } from './readings'

/** A reading is far off from so many bar, or this share of what its neighbours say. */
const [farBar, farShare] = [0.5, 0.1]

/**
 * Readings that stand far from both neighbours while these agree with each other: a slip of the finger or of the logger
 * more likely than the pipe. They are asked about, never left out unasked.
 *
 * @remarks for instance: 10.0, 99.9, 9.95 bar: the second; 10, 8, 6: none
 */
export const oddReadings = (readings: readonly Reading[]): Reading[] =>
  readings.filter(({ bar }, at) => {
    const [before, after] = [readings[at - 1]?.bar, readings[at + 1]?.bar]
    if (before === undefined || after === undefined) return false
    const far = Math.max(farBar, farShare * Math.max(before, after))
    const isBetween = bar >= Math.min(before, after) && bar <= Math.max(before, after)
    return (
      !isBetween && Math.abs(bar - before) > far && Math.abs(bar - after) > far && Math.abs(before - after) < far / 2
    )
  })
