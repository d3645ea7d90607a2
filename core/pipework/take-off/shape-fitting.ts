import { methods } from '../../methods'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Fitting, FittingEnd, FittingKind } from '../../catalogue/fitting'
import { shippedFittings, shippedPartsInLine } from '../../catalogue/fittings'
import type { Socket } from '../../catalogue/socket'
import type { Node, NodeKind } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { asDescribed } from '../../run/in-line-part'
import { methodAt } from '../../run/method-at'
import { branchOf, turnAt, type Layout } from '../../run/layout'

const inLineKinds: Readonly<Partial<Record<NodeKind, FittingKind>>> = {
  coupling: 'coupling',
  reducer: 'coupling',
  adapter: 'coupling',
  'slip-coupling': 'slip coupling',
  union: 'union',
  valve: 'valve',
  'in-line': 'part in line',
  cap: 'cap',
}

/** What goes in at an end, pipe or thread: a female thread takes threaded pipe. */
function takenBy(end: FittingEnd): string {
  if (end.type === 'socket') return methods[end.socket.method].threaded ? threadKey(end.socket) : end.socket.id
  return end.type === 'thread' && end.sex === 'F' ? `${end.system} ${end.size}` : `${end.type} no pipe`
}
const threadKey = ({ system, size }: Socket): string => `${system === 'NPT' ? 'NPT' : 'BSP'} ${size}`

/** By kind, by what its run takes in any order, then by its branch. */
const keyOf = (kind: FittingKind, [first, second = first, branch = '']: readonly string[]): string =>
  `${kind}: ${[first, second].toSorted().join(' + ')} ${branch}`

let byKey: ReadonlyMap<string, Fitting> | undefined
const fittingOfKey = (key: string): Fitting | undefined => {
  byKey ??= new Map(
    [...shippedFittings(), ...shippedPartsInLine()]
      .toReversed()
      .map((fitting) => [keyOf(fitting.kind, fitting.ends.map(takenBy)), fitting]),
  )
  return byKey.get(key)
}

/** The fitting of a kind whose ends are these sockets: its run in any order, then its branch. */
export const fittingOf = (kind: FittingKind, sockets: readonly Socket[]): Fitting | undefined =>
  fittingOfKey(
    keyOf(
      kind,
      sockets.map((socket) => takenBy({ type: 'socket', socket })),
    ),
  )

function kindOf(node: Node, turn: number | null, isEqual: boolean): FittingKind | undefined {
  if (node.kind === 'tee') return 'tee'
  if (node.kind === 'elbow') {
    const angle = [90, 45].find((of) => turn !== null && Math.abs(turn - of) <= 1)
    return angle === 90 ? 'elbow 90' : angle === 45 ? 'elbow 45' : undefined
  }
  const kind = inLineKinds[node.kind]
  return kind === 'coupling' && !isEqual ? 'reducer' : kind
}

/**
 * The fitting of the catalogue that stands at a node where none was chosen: told by the node's kind, by how it turns, and
 * by what meets there in the method of its joints.
 *
 * @returns null where nobody makes it; undefined where its shape tells none: an outlet, a mixer, a tie-in, an open end, a
 *   corner that no elbow turns, a pipe that no socket of the method takes
 * @remarks for instance: two legs of 22 copper at a right angle, soldered: the 22 solder elbow 90; 22 on 15 in a valve: null
 */
export function shapeFitting(catalogue: Catalogue, layout: Layout, node: Node): Fitting | null | undefined {
  const arms = layout.arms.get(node.id) ?? []
  const branch = node.kind === 'tee' ? branchOf(arms) : null
  const inOrder = branch ? [...arms.filter((arm) => arm !== branch), branch] : arms
  const sockets: Socket[] = []
  for (const { leg } of inOrder) {
    const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))
    const socket = pipe && catalogue.socketFor(methodAt(layout.system, node, leg), pipe)
    if (!socket) return undefined
    sockets.push(socket)
  }
  const [first] = sockets
  if (!first || (node.kind === 'tee' && !branch)) return undefined
  const kind = kindOf(
    node,
    turnAt(arms),
    sockets.every(({ id }) => id === first.id),
  )
  const made = kind && fittingOf(kind, sockets)
  return kind && (made ? asDescribed(made, node) : null)
}
