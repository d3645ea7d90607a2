import type { Leg, Node } from '../job/job'
import type { Arm, Layout } from './layout'

/** Pipe that goes in; all other is there already, whether it stays or comes out. */
export const isNewLeg = ({ state }: Leg): boolean => state === undefined
/** A fitting stands straight in the next one. */
export const hasNoPipe = ({ state }: Pick<Leg, 'state'>): boolean => state === 'no pipe'
/** Pipe that is there once the work is done: it is filled, tested, drained. */
export const holdsWater = ({ state }: Pick<Leg, 'state'>): boolean => state !== 'comes out' && state !== 'no pipe'
/** Pipe that is there and stays. */
export const isExistingLeg = ({ state }: Leg): boolean => state === 'existing'

/**
 * Whether what stands at a node goes in: as it is said, else where any new pipe or another fitting meets it, or nothing
 * does.
 *
 * @remarks for instance: a tee between two legs of existing pipe with a new branch goes in; an elbow between two existing legs is there
 */
export const isNewFitting = ({ state }: Node, arms: readonly Arm[]): boolean =>
  state ? state === 'new' : arms.length === 0 || arms.some(({ leg }) => isNewLeg(leg) || hasNoPipe(leg))

/** The existing pipe that new pipe meets at a tie-in; where existing pipe goes on from it, nothing is joined there. */
export const tiedInto = (node: Node, arms: readonly Arm[]): string | undefined =>
  node.kind === 'tie-in' && isNewFitting(node, arms) ? node.existing : undefined

/** Where pipe ends with nothing on it, or is bent: no fitting stands there. */
export const isBare = ({ kind }: Node): boolean => kind === 'open' || kind === 'bend'

/** An end of existing pipe that goes into a fitting that is put in. */
export interface ExistingEnd {
  readonly leg: Leg
  readonly node: Node
}

/** The ends of existing pipe that are joined anew, in the order of the legs. */
export function existingEnds({ system, node, arms }: Layout): ExistingEnd[] {
  return system.legs.filter(isExistingLeg).flatMap((leg) =>
    [leg.from, leg.to].flatMap((id): ExistingEnd[] => {
      const there = node.get(id)
      return there && !isBare(there) && isNewFitting(there, arms.get(id) ?? []) ? [{ leg, node: there }] : []
    }),
  )
}
