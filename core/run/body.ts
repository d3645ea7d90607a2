import type { Catalogue } from '../catalogue/catalogue'
import { fittingNamed } from '../catalogue/chain-length'
import { fitsBySize } from '../catalogue/fit'
import type { Fitting, FittingEnd, PartKind } from '../catalogue/fitting'
import { shippedFittings } from '../catalogue/fittings'
import type { MethodId } from '../catalogue/method'
import type { Socket } from '../catalogue/socket'
import type { Node, NodeKind } from '../job/job'
import { branchOf, turnAt, type Arm, type Layout } from './layout'
import { pipeIdIn } from '../job/leg-defaults'
import { runOf } from '../job/system'

type SocketEnd = Extract<FittingEnd, { type: 'socket' }>
const isSocket = (end: FittingEnd): end is SocketEnd => end.type === 'socket'

/** The method in which all ends that take pipe are made; undefined where they differ, or there is none. */
function methodOf({ ends }: Fitting): MethodId | undefined {
  const methods = new Set(ends.filter(isSocket).map(({ socket }) => socket.method))
  return methods.size === 1 ? [...methods][0] : undefined
}

/** The fitting that was chosen by its name for a node; undefined where none was, or the catalogue has none of that name. */
export function bodyOf({ fitting }: Pick<Node, 'fitting'>): Fitting | undefined {
  const named = fitting === undefined ? undefined : fittingNamed(fitting)
  return named && methodOf(named) ? named : undefined
}

/** The method in which a node's chosen fitting takes pipe; undefined where none was chosen. */
export function bodyMethod(node: Node): MethodId | undefined {
  const body = bodyOf(node)
  return body && methodOf(body)
}

/** How many legs a fitting takes: its ends that pipe goes into. */
export const legsInto = ({ ends }: Fitting): number => ends.filter(isSocket).length

/** Which end of a fitting each leg's pipe goes into, by leg. */
export type EndsTaken = ReadonlyMap<string, { readonly index: number; readonly socket: Socket }>

/**
 * Which ends of a fitting the legs at a node go into, each the first that is free and takes its pipe; a tee's branch is its
 * last. A leg that no end takes is missing.
 *
 * @remarks for instance: a 22 × 15 solder reducer between 15 and 22: the 15 in its second end, the 22 in its first
 */
export function endsTaken(
  catalogue: Catalogue,
  { system }: Layout,
  fitting: Fitting,
  arms: readonly Arm[],
  kind: NodeKind,
): EndsTaken {
  const branch = kind === 'tee' ? branchOf(arms)?.leg : undefined
  const free = new Set(fitting.ends.keys())
  const taken = new Map<string, { index: number; socket: Socket }>()
  for (const { leg } of arms) {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    const index = fitting.ends.findIndex((end, at) => {
      const isBranch = kind === 'tee' && at === 2
      if (!pipe || !free.has(at) || !isSocket(end) || !fitsBySize(pipe, end.socket)) return false
      return branch === undefined || isBranch === (leg === branch)
    })
    const end = fitting.ends[index]
    if (!end || !isSocket(end)) continue
    free.delete(index)
    taken.set(leg.id, { index, socket: end.socket })
  }
  return taken
}

/** What may stand where: a drop-ear elbow, an adapter or an angle stop is an outlet, for instance. */
const kindsAt: Readonly<Partial<Record<NodeKind, readonly PartKind[]>>> = {
  elbow: ['elbow 90', 'elbow 45'],
  tee: ['tee'],
  coupling: ['coupling', 'reducer'],
  reducer: ['reducer'],
  'slip-coupling': ['slip coupling'],
  union: ['union', 'dielectric union'],
  valve: ['valve'],
  outlet: ['drop-ear elbow', 'angle stop', 'swivel connector', 'adapter', 'elbow 90', 'stub-out'],
  cap: ['cap'],
}

const angleOf: Readonly<Partial<Record<PartKind, number>>> = { 'elbow 90': 90, 'elbow 45': 45 }

/** Whether a fitting turns as the pipe does at a node; what does not turn, or has no second leg yet, does. */
export function turnsAlike({ kind }: Fitting, arms: readonly Arm[]): boolean {
  const [angle, turn] = [angleOf[kind], turnAt(arms)]
  return angle === undefined || turn === null || Math.abs(turn - angle) <= 1
}

/**
 * The fittings of the catalogue that can stand at a node: of its kind, with an end for each of its legs, turning as it does;
 * those of the run's own method first.
 *
 * @remarks for instance: an outlet of 22 copper: 22 solder × 1/2 F BSP drop-ear elbow, 22 solder × 3/4 M BSP adapter, …
 */
export function bodiesFor(catalogue: Catalogue, layout: Layout, node: Node): Fitting[] {
  const arms = layout.arms.get(node.id) ?? []
  const kinds = new Set(kindsAt[node.kind] ?? [])
  if (arms.length === 0 || kinds.size === 0) return []
  const isOutlet = node.kind === 'outlet'
  const fits = (fitting: Fitting): boolean =>
    kinds.has(fitting.kind) &&
    methodOf(fitting) !== undefined &&
    legsInto(fitting) === arms.length &&
    (!isOutlet || fitting.ends.length > 1) &&
    turnsAlike(fitting, arms) &&
    endsTaken(catalogue, layout, fitting, arms, node.kind).size === arms.length
  const rank = (fitting: Fitting) => (methodOf(fitting) === runOf(layout.system, node).method ? 0 : 1)
  return shippedFittings()
    .filter(fits)
    .toSorted((a, b) => rank(a) - rank(b))
}
