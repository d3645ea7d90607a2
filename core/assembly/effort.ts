import type { AssemblyQuestion } from './question'

/** So many joints are gone through in trying one thing or another. */
const joinedInAll = 200_000

/**
 * How often something is tried: the longer the order, the longer each try takes, and the fewer there are.
 *
 * @param most tries, where the joints are few
 * @returns a whole number, 1 or more
 * @example effort(4000, { joints: Array(50) }) // 4000
 * @example effort(4000, { joints: Array(2000) }) // 100
 */
export const effort = (most: number, { joints }: { readonly joints: AssemblyQuestion['joints'] }): number =>
  Math.min(most, Math.ceil(joinedInAll / Math.max(1, joints.length)))
