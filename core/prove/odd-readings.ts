import { dropOut, isNear, median, type Reading } from './readings'

/** A row is odd that stands so far from those about it, in bar, and so many times farther than these from each other. */
const [oddBar, oddTimes] = [0.5, 4]

/**
 * The rows that stand apart from the two before and the two after, which agree: a slip of the finger or of the logger more
 * likely than the pipe. They are asked about, never left out unasked. A gauge that let go for a moment, and shows next to
 * nothing, is none of them: it is left out of itself.
 *
 * @remarks for instance: 10.05, 10.00, 99.9, 9.95, 9.9: the third
 */
export const oddReadings = (readings: readonly Reading[]): Reading[] =>
  readings.filter(({ bar }, at) => {
    if (isNear(readings, at, (other) => Math.abs(bar - other) <= oddBar)) return false
    const about = [...readings.slice(Math.max(0, at - 2), at), ...readings.slice(at + 1, at + 3)].map((of) => of.bar)
    if (about.length < 3 || bar < dropOut * median(about)) return false
    const apart = Math.abs(bar - median(about))
    return apart > oddBar && apart > oddTimes * (Math.max(...about) - Math.min(...about))
  })
