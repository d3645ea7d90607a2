import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'

/** One end of a piece as far as its length matters. */
export interface AllowedEnd {
  /** How it is joined; null where it just ends. */
  readonly method: MethodId | null
  /** How far the pipe goes in, in mm; null where the depth is not known. */
  readonly insertion: number | null
  /** That depth is the least that the standard asks for: nothing of it can be spared. */
  readonly isLeastDepth: boolean
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
 * What a joint can lack of its depth and still be one, in mm: nothing where the depth is the least that its standard asks
 * for, else what its method or the profile can spare.
 *
 * @param share least share of the profile, above 0 to 1
 * @returns 0 where nothing is joined or the depth is not known
 * @remarks for instance: a push-fit socket of 25, profile 0.8: a tenth, 2.5
 */
export function spareDepth({ method, insertion, isLeastDepth }: Omit<AllowedEnd, 'slips'>, share: number): number {
  if (method === null || insertion === null || isLeastDepth) return 0
  return (1 - Math.max(share, methods[method].leastShare)) * insertion
}

/**
 * By how much a piece may be too short or too long, and which way to err.
 *
 * Pushed home at one end, a piece that is too short lacks it all at the other: the joint that can spare least decides.
 * Where a depth is the whole depth of its socket, a method's own share of it must be there, and never less than the
 * profile's; where it is the standard's least engagement, all of it. Too long, it won't seat at all; an open end can be
 * cut back, and a slip coupling takes it.
 *
 * @param share of its depth that a joint must have at least, above 0 to 1
 * @remarks for instance: solder cups of 15.4 and 20, whole depths, share 0.8: 3.08 too short, 0 too long, aim short
 */
export function allowanceOf(ends: readonly [AllowedEnd, AllowedEnd], share: number): Allowance {
  const spares = ends.flatMap((end) => (end.method !== null ? [spareDepth(end, share)] : []))
  const isUnknown = ends.some(({ method, insertion }) => method !== null && insertion === null)
  const short = isUnknown || spares.length === 0 ? null : Math.min(...spares)
  if (ends.some(({ method }) => method === null)) return { short, long: null, err: 'long' }
  if (ends.some(({ slips }) => slips)) return { short, long: null, err: 'either way' }
  return { short, long: 0, err: 'short' }
}
