/** One end of a piece as far as its length matters. */
export interface AllowedEnd {
  /** How far the pipe goes in, in mm; null where it just ends, undefined where the depth is not known. */
  readonly insertion: number | null | undefined
  /** A slip coupling has no stop: pipe that is longer goes further in. */
  readonly slips: boolean
}

/** How wrong a piece may be cut. */
export interface Allowance {
  /** mm too short before a joint falls under its least engagement; null where nothing is joined or known. */
  readonly short: number | null
  /** mm too long before it cannot be home; null where it can be any. */
  readonly long: number | null
  readonly err: 'short' | 'long' | 'either way'
}

/**
 * By how much a piece may be too short or too long, and which way to err.
 *
 * Pushed home at one end, a piece that is too short lacks it all at the other: the shallower joint decides. Too long, it
 * is not home at once; an open end can be cut back, and a slip coupling takes it.
 *
 * @param share of its depth that a joint must have at least, above 0 to 1
 * @example ends of 15.4 and 20, share 0.8: 3.08 too short, 0 too long, err short
 */
export function allowanceOf(ends: readonly [AllowedEnd, AllowedEnd], share: number): Allowance {
  const depths = ends.flatMap(({ insertion }) => (typeof insertion === 'number' ? [insertion] : []))
  const isUnknown = ends.some(({ insertion }) => insertion === undefined)
  const short = isUnknown || depths.length === 0 ? null : (1 - share) * Math.min(...depths)
  if (ends.some(({ insertion }) => insertion === null)) return { short, long: null, err: 'long' }
  if (ends.some(({ slips }) => slips)) return { short, long: null, err: 'either way' }
  return { short, long: 0, err: 'short' }
}
