/** An amount that is not known better than from here to there. */
export interface Range {
  readonly low: number
  readonly high: number
}

/**
 * An amount that may be out by so many per cent either way.
 *
 * @example outBy(100, 30) // { low: 70, high: 130 }
 */
export const outBy = (amount: number, percent: number): Range => ({
  low: amount * (1 - percent / 100),
  high: amount * (1 + percent / 100),
})

export const exactly = (amount: number): Range => ({ low: amount, high: amount })

/**
 * Several amounts together: at the least all at their least, at the most all at their most.
 *
 * @example sumOfRanges([{ low: 1, high: 2 }, { low: 10, high: 10 }]) // { low: 11, high: 12 }
 */
export const sumOfRanges = (ranges: readonly Range[]): Range => ({
  low: ranges.reduce((sum, { low }) => sum + low, 0),
  high: ranges.reduce((sum, { high }) => sum + high, 0),
})

/** @example timesRange({ low: 10, high: 20 }, 1.5) // { low: 15, high: 30 } */
export const timesRange = ({ low, high }: Range, factor: number): Range => ({ low: low * factor, high: high * factor })
