import type { Catalogue } from '../catalogue/catalogue'
import { fittingNamed } from '../catalogue/chain-length'
import { fitsBySize } from '../catalogue/fit'
import type { Fitting, FittingEnd, PartKind } from '../catalogue/fitting'
import { shippedFittings } from '../catalogue/fittings'
import type { MethodId } from '../catalogue/method'
import type { Socket } from '../catalogue/socket'
import type { Leg, Node, NodeKind } from '../job/job'
import { armsOf, armTaken, type ArmChain, type ArmTaken } from './arm'
import { branchOf, turnAt, type Arm, type Layout } from './layout'
import { pipeIdIn } from '../job/leg-defaults'
import { runOf } from '../job/system'

type SocketEnd = Extract<FittingEnd, { type: 'socket' }>
const isSocket = (end: FittingEnd): end is SocketEnd => end.type === 'socket'

/** How many legs a fitting takes by itself: its ends that pipe goes into. */
const pipeEnds = ({ ends }: Fitting): number => ends.filter(isSocket).length

/** The method in which all ends that take pipe are made; undefined where they differ, or there is none. */
function methodOf({ ends }: Fitting): MethodId | undefined {
  const methods = new Set(ends.filter(isSocket).map(({ socket }) => socket.method))
  return methods.size === 1 ? [...methods][0] : undefined
}

/** Whether a fitting stands for itself: it takes pipe by one method, or by what stands on its arms alone. */
const isBody = (fitting: Fitting): boolean => methodOf(fitting) !== undefined || pipeEnds(fitting) === 0

/** The fitting that was chosen by its name for a node; undefined where none was, or the catalogue has none of that name. */
export function bodyOf({ fitting }: Pick<Node, 'fitting'>): Fitting | undefined {
  const named = fitting === undefined ? undefined : fittingNamed(fitting)
  return named && isBody(named) ? named : undefined
}

/** The method in which a node's chosen fitting takes pipe; undefined where none was chosen. */
export function bodyMethod(node: Node): MethodId | undefined {
  const body = bodyOf(node)
  return body && methodOf(body)
}

/** Which end of a fitting each leg's pipe goes into, by leg; on an arm, into the arm's last fitting. */
export type EndsTaken = ReadonlyMap<string, EndTaken>
export interface EndTaken {
  readonly index: number
  readonly socket: Socket
  readonly arm?: ArmTaken
}

/**
 * Which ends of a fitting the legs at a node go into, each the first that is free and takes its pipe, itself or by the arm
 * that stands there; a tee's branch is its last. A leg that no end takes is missing.
 *
 * @remarks for instance: a 22 × 15 solder reducer between 15 and 22: the 15 in its second end, the 22 in its first
 */
export function endsTaken(
  catalogue: Catalogue,
  { system }: Layout,
  fitting: Fitting,
  arms: readonly Arm[],
  { kind, arms: onArms }: Pick<Node, 'kind' | 'arms'>,
): EndsTaken {
  const branch = kind === 'tee' ? branchOf(arms)?.leg : undefined
  const free = new Set(fitting.ends.keys())
  const taken = new Map<string, EndTaken>()
  const endFor = (leg: Leg, at: number): Omit<EndTaken, 'index'> | null => {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    const end = fitting.ends[at]!
    const isBranch = kind === 'tee' && at === 2
    if (!pipe || !free.has(at) || (branch !== undefined && isBranch !== (leg === branch))) return null
    const onArm = onArms?.[leg.id]
    if (onArm) {
      const arm = armTaken(fitting, at, onArm, pipe)
      return arm && { socket: arm.socket, arm }
    }
    return isSocket(end) && fitsBySize(pipe, end.socket) ? { socket: end.socket } : null
  }
  for (const { leg } of arms) {
    for (const index of fitting.ends.keys()) {
      const end = endFor(leg, index)
      if (!end) continue
      free.delete(index)
      taken.set(leg.id, { index, ...end })
      break
    }
  }
  return taken
}

/** What may stand where: a drop-ear elbow, an adapter or an angle stop is an outlet, for instance. */
const kindsAt: Readonly<Partial<Record<NodeKind, readonly PartKind[]>>> = {
  elbow: ['elbow 90', 'elbow 45', 'street elbow 90', 'street elbow 45'],
  tee: ['tee'],
  coupling: ['coupling', 'reducer'],
  reducer: ['reducer'],
  'slip-coupling': ['slip coupling'],
  union: ['union', 'dielectric union'],
  valve: ['valve'],
  outlet: ['drop-ear elbow', 'angle stop', 'swivel connector', 'adapter', 'elbow 90', 'stub-out'],
  cap: ['cap', 'plug'],
}

/** Whether a fitting may be chosen by its name where this stands. */
export const canBeNamed = (kind: NodeKind): boolean => kindsAt[kind] !== undefined

const angleOf: Readonly<Partial<Record<PartKind, number>>> = {
  'elbow 90': 90,
  'elbow 45': 45,
  'street elbow 90': 90,
  'street elbow 45': 45,
}

/** Whether a fitting turns as the pipe does at a node; what does not turn, or has no second leg yet, does. */
export function turnsAlike({ kind }: Fitting, arms: readonly Arm[]): boolean {
  const [angle, turn] = [angleOf[kind], turnAt(arms)]
  return angle === undefined || turn === null || Math.abs(turn - angle) <= 1
}

/** How many legs the body of a node takes: its ends that pipe goes into, and others in which an arm stands. */
export function legsInto(catalogue: Catalogue, layout: Layout, body: Fitting, node: Node): number {
  const taken = endsTaken(catalogue, layout, body, layout.arms.get(node.id) ?? [], node)
  return pipeEnds(body) + [...taken.values()].filter(({ index }) => !isSocket(body.ends[index]!)).length
}

/**
 * The arms with which a body takes the legs at a node: none where all go into it themselves, else one, for the leg that
 * does not; of its run's own method, where there is one.
 *
 * @returns null where it does not take them, or an end would be left over for pipe
 */
export function armsFor(catalogue: Catalogue, layout: Layout, body: Fitting, node: Node): Node['arms'] | null {
  const legs = layout.arms.get(node.id) ?? []
  const { kind } = node
  const taken = endsTaken(catalogue, layout, body, legs, { kind })
  if (taken.size === legs.length) return pipeEnds(body) === legs.length ? {} : null
  const [other, more] = legs.filter(({ leg }) => !taken.has(leg.id))
  if (!other || more || kind === 'outlet' || body.ends.length !== legs.length) return null
  const used = new Set([...taken.values()].map(({ index }) => index))
  const index = body.ends.findIndex((_, at) => !used.has(at))
  const pipe = catalogue.pipe(pipeIdIn(layout.system, other.leg))
  const [arm] = pipe ? armsOf(body, index, pipe, runOf(layout.system, other.leg).method) : []
  if (!arm) return null
  const arms = { [other.leg.id]: arm }
  return endsTaken(catalogue, layout, body, legs, { kind, arms }).size === legs.length ? arms : null
}

/** A fitting that can stand at a node, with the arms by which it takes its legs. */
export interface BodyChoice {
  readonly body: Fitting
  readonly arms: NonNullable<Node['arms']>
}

/**
 * The fittings of the catalogue that can stand at a node: of its kind, with an end for each of its legs, turning as it does;
 * those that take all pipe themselves first, of them those of the run's own method.
 *
 * @remarks for instance: an outlet of 22 copper: 22 solder × 1/2 F BSP drop-ear elbow, 22 solder × 3/4 M BSP adapter, …
 */
export function bodiesFor(catalogue: Catalogue, layout: Layout, node: Node): BodyChoice[] {
  const legs = layout.arms.get(node.id) ?? []
  const kinds = new Set(kindsAt[node.kind] ?? [])
  if (legs.length === 0 || kinds.size === 0) return []
  const isOutlet = node.kind === 'outlet'
  const rank = ({ body, arms }: BodyChoice) =>
    (Object.keys(arms).length > 0 ? 2 : 0) + (methodOf(body) === runOf(layout.system, node).method ? 0 : 1)
  return shippedFittings()
    .filter((body) => kinds.has(body.kind) && isBody(body) && (!isOutlet || body.ends.length > 1))
    .filter((body) => turnsAlike(body, legs))
    .flatMap((body): BodyChoice[] => {
      const arms = armsFor(catalogue, layout, body, node)
      return arms ? [{ body, arms }] : []
    })
    .toSorted((a, b) => rank(a) - rank(b))
}

/** What may stand on the arm of a leg at a node whose fitting was chosen by its name: none where that leg has no arm. */
export function armChoices(catalogue: Catalogue, layout: Layout, node: Node, legId: string): ArmChain[] {
  const body = bodyOf(node)
  const end = body && endsTaken(catalogue, layout, body, layout.arms.get(node.id) ?? [], node).get(legId)
  const leg = layout.leg.get(legId)
  const pipe = leg && catalogue.pipe(pipeIdIn(layout.system, leg))
  return body && end?.arm && pipe ? armsOf(body, end.index, pipe, runOf(layout.system, leg).method) : []
}
