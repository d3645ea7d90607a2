import { meetingOfEnds, socketEnd, type Fitting, type FittingEnd, type Meeting } from '../../catalogue/fitting'
import { sumOf, takeUpOf } from '../../catalogue/fitting-length'
import { asMet } from '../../catalogue/fittings/threaded'
import type { Leg, Node, NodeKind } from '../../job/job'
import type { Figure } from '../../quantity/basis'
import { armFittings, armStretches, type ArmFittings } from './arm'
import { endsByLeg, mayGoInto } from './ends-by-leg'
import { namedFittingAt } from '../../run/named-fitting'
import { measuredTakeOff, pieceEnd } from './end'
import { fromNode } from './from-node'
import type { Laid } from './laid'
import { hasNoPipe } from '../../run/states'
import { armsChosen, chainChosen } from '../../job/chosen'

/** An end by which a fitting can stand straight in another, or another in it. */
export interface FacingEnd {
  /** Among the ends of a fitting that was chosen by its name; null of one that is as it was drawn. */
  readonly index: number | null
  /** The fittings that come between, a nipple for instance. */
  readonly arm: ArmFittings | null
  readonly end: FittingEnd
  /** From its node to the end's reference. */
  readonly length: Figure | null
}

/** Two fittings of which one stands straight in the other, with no pipe between. */
export interface DirectJoint {
  readonly leg: Leg
  /** At the leg's first node and at its last. */
  readonly ends: readonly [FacingEnd, FacingEnd]
  readonly meeting: Meeting
  /** From node to node. */
  readonly length: Figure | null
}

/** What stands as it was drawn, by the method, and has ends that a fitting can stand in. */
const plainKinds: ReadonlySet<NodeKind> = new Set([
  'elbow',
  'tee',
  'coupling',
  'union',
  'valve',
  'in-line',
  'reducer',
  'cap',
])

function plainEnd(laid: Laid, node: Node, leg: Leg): FacingEnd[] {
  if (!plainKinds.has(node.kind) || chainChosen(node)) return []
  const { socket, takeOff } = pieceEnd(laid, node.id, leg)
  return socket ? [{ index: null, arm: null, end: socketEnd(socket), length: takeOff }] : []
}

/** The ends of a fitting that was chosen by its name which look along a leg, outwards of what stands on its arm. */
export function namedEnds(
  { catalogue, layout }: Laid,
  { node, named }: { readonly node: Node; readonly named: Fitting },
  leg: Leg,
  used: ReadonlySet<number>,
): FacingEnd[] {
  const arms = layout.arms.get(node.id) ?? []
  const onArm = armsChosen(node)[leg.id]
  return named.ends.flatMap((own, index): FacingEnd[] => {
    if (used.has(index) || !mayGoInto(node.kind, arms, leg, index)) return []
    if (!onArm) {
      const measured = own.type === 'socket' ? measuredTakeOff(node, arms, leg.id) : null
      return [{ index, arm: null, end: own, length: measured ?? fromNode(catalogue, node, named, index) }]
    }
    const arm = armFittings(named, index, onArm.fittings)
    return arm ? [{ index, arm, end: arm.last, length: armStretches(catalogue, named, index, arm).at(-1)![1] }] : []
  })
}

/** The ends of what stands at a node which look along a leg. @param used ends of its fitting that something else goes into */
export function endsTowards(laid: Laid, node: Node, leg: Leg, used: ReadonlySet<number>): FacingEnd[] {
  const named = namedFittingAt(node)
  return named ? namedEnds(laid, { node, named }, leg, used) : plainEnd(laid, node, leg)
}

/** The ends of a node's fitting that pipe goes into. */
export function usedByPipe(laid: Laid, node: Node): Set<number> {
  const named = namedFittingAt(node)
  const taken = named && endsByLeg(laid, named, laid.layout.arms.get(node.id) ?? [], node)
  return new Set([...(taken?.values() ?? [])].map(({ index }) => index))
}

/** How two ends stand one in the other; null where they do not. */
export const meetingAt = (one: Pick<FacingEnd, 'end'>, other: Pick<FacingEnd, 'end'>): Meeting | null =>
  meetingOfEnds(asMet(one.end), asMet(other.end))

function lengthOf([one, other]: DirectJoint['ends'], meeting: Meeting): Figure | null {
  const both = one.length && other.length && sumOf(one.length, other.length)
  return both && meeting.kind === 'thread' ? sumOf(both, takeUpOf(meeting.male)) : both
}

/**
 * Where fittings of a system stand straight one in the other, by the leg between them; a leg is missing where they do not.
 * The length from node to node is what the two make: from each to its end, and what a thread takes up.
 *
 * @remarks for instance: a 22 street elbow in a 22 tee: from its centre to its tip, from there, the stop, to the tee’s
 */
export function directJointsOf(laid: Laid): ReadonlyMap<string, DirectJoint> {
  const { layout } = laid
  const found = new Map<string, DirectJoint>()
  const open = new Set(layout.system.legs.filter(hasNoPipe))
  if (open.size === 0) return found
  const used = new Map<string, Set<number>>()
  const usedAt = (node: Node): Set<number> => {
    const known = used.get(node.id) ?? usedByPipe(laid, node)
    used.set(node.id, known)
    return known
  }
  const choicesFor = (leg: Leg): DirectJoint[] => {
    const [from, to] = [leg.from, leg.to].map((id) => {
      const node = layout.node.get(id)!
      return endsTowards(laid, node, leg, usedAt(node))
    })
    return from!.flatMap((one) =>
      to!.flatMap((other): DirectJoint[] => {
        const meeting = meetingAt(one, other)
        const ends = [one, other] as const
        return meeting ? [{ leg, ends, meeting, length: lengthOf(ends, meeting) }] : []
      }),
    )
  }
  const settle = (direct: DirectJoint): void => {
    const { leg, ends } = direct
    found.set(leg.id, direct)
    open.delete(leg)
    for (const [at, id] of [leg.from, leg.to].entries()) {
      const { index } = ends[at]!
      if (index !== null) usedAt(layout.node.get(id)!).add(index)
    }
  }
  // Those that can stand in one way alone go first: what they take, no other may.
  for (let most = 1; open.size > 0;) {
    const before = open.size
    for (const leg of open) {
      const choices = choicesFor(leg)
      if (choices.length === 0) open.delete(leg)
      else if (choices.length <= most) settle(choices[0]!)
    }
    most = open.size < before ? 1 : Infinity
  }
  return found
}
