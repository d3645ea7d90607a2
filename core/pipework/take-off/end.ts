import type { Catalogue } from '../../catalogue/catalogue'
import type { Fitting } from '../../catalogue/fitting'
import type { MethodId } from '../../methods/ids'
import { isLeastDepth, type Socket } from '../../catalogue/socket'
import { partFittings, type PartEnd, type PartFitting } from '../../catalogue/part-key'
import { halfOf, lengthBetween } from '../../catalogue/part-length'
import { reducingTakeOff } from '../../catalogue/reducing-body'
import type { Leg, Node } from '../../job/job'
import type { Figure } from '../../quantity/basis'
import type { Message } from '../../quantity/words/message'
import { chainLengthOf, isChainApart } from '../../catalogue/chain-length'
import { armStretches } from './arm'
import { endsByLeg, turnsAlike, type LegEnd } from './ends-by-leg'
import { namedFittingMethod, namedFittingAt } from '../../run/named-fitting'
import { branchOf, turnAt, type Arm } from '../../run/layout'
import { fromNode } from './from-node'
import type { Laid } from './laid'
import { methodAt } from '../../run/method-at'
import { missing } from './missing'
import { shapeFitting } from './shape-fitting'
import { socketAt } from './socket-at'
import { fixtureTakingPipe } from '../../run/fixture-end'
import { isBare } from '../../run/states'
import { type System, runOf } from '../../job/system'
import { pipeIdIn } from '../../job/leg-defaults'
import { chainChosen } from '../../job/chosen'
import { endLength, sumOf } from '../../catalogue/fitting-length'

/** One end of a piece: what it goes into there, how far, and what that takes off its length. */
export interface PieceEnd {
  readonly node: string
  /** null at an open end: the pipe just stops. */
  readonly method: MethodId | null
  readonly socket: Socket | undefined
  /** null where no figure is known and the part must be measured. */
  readonly insertion: Figure | null
  readonly takeOff: Figure | null
  /** The depth is the least that the standard asks for: the socket itself may be deeper, and nothing of it can be spared. */
  readonly isLeastDepth: boolean
  /** Why a figure is missing; null when none is. */
  readonly missing: Message | null
}

/** Nothing is taken off: as sure as the length that the user measured. */
const none: Figure = { mm: 0, tolerance: 0, basis: 'measured' }
const angleTolerance = 1
/** ± of either end of a gap that is left under a slip coupling, in mm. */
const gapTolerance = 1
const isAbout = (value: number | null, angle: number): boolean =>
  value !== null && Math.abs(value - angle) <= angleTolerance

interface Found {
  readonly takeOff: Figure | null
  readonly missing: Message | null
}
const unknown = (why: Message): Found => ({ takeOff: null, missing: why })

const isPart = (kind: string): kind is PartFitting => (partFittings as readonly string[]).includes(kind)

/** The one fitting that a plain node stands for, or why there is none. */
function kindAt(node: Node, arms: readonly Arm[], leg: string): { kind: PartFitting; end: PartEnd } | Message {
  if (node.kind === 'tee') {
    const branch = branchOf(arms)
    // Its run is in line, and its branch still to be drawn.
    if (!branch && isAbout(turnAt(arms), 0)) return { kind: 'tee', end: 'run' }
    if (!branch) return missing('no tee')
    return { kind: 'tee', end: branch.leg.id === leg ? 'branch' : 'run' }
  }
  if (node.kind === 'elbow') {
    const turn = turnAt(arms)
    if (turn === null) return missing('no elbow')
    if (isAbout(turn, 90)) return { kind: 'elbow-90', end: 'either' }
    if (isAbout(turn, 45)) return { kind: 'elbow-45', end: 'either' }
    return missing('no such angle', { turn })
  }
  // At a run's end what goes on from it is still to be drawn, in line as all goes on from a coupling.
  if (node.kind === 'coupling' && arms.length > 1 && !isAbout(turnAt(arms), 0)) return missing('not in line')
  if (isPart(node.kind)) return { kind: node.kind, end: 'either' }
  return { kind: 'coupling', end: 'either' }
}

/** What stands between two pipes that may be of two sizes: it is told by both. */
const between: ReadonlySet<PartFitting> = new Set(['coupling', 'reducer', 'adapter'])

/** What was measured of the fitting at a node, towards one of its legs; null where nothing was. */
export function measuredTakeOff(node: Node, arms: readonly Arm[], leg: string): Figure | null {
  const { measured } = node
  if (!measured) return null
  const isBranch = node.kind === 'tee' && branchOf(arms)?.leg.id === leg
  const mm = isBranch ? measured.branchTakeOff : measured.takeOff
  return mm === undefined ? null : { mm, tolerance: measured.tolerance, basis: 'measured' }
}

/** The sockets of a fitting, each size once: one, or more where pipes of several sizes meet in it. */
function sizesAt(catalogue: Catalogue, system: System, arms: readonly Arm[], socket: Socket): Socket[] {
  const sizes = new Set([socket])
  for (const { leg } of arms) {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    const other = pipe && catalogue.socketFor(socket.method, pipe)
    if (other) sizes.add(other)
  }
  return [...sizes]
}

/** A node is the middle of what stands there; but a tie-in stands where the existing pipe stops, whatever joins the new to it. */
const fromWhereItStands = ({ kind }: Node, half: Figure): Figure => (kind === 'tie-in' ? sumOf(half, half) : half)

function findTakeOff({ catalogue, layout }: Laid, node: Node, leg: string, socket: Socket | undefined): Found {
  const { system } = layout
  const arms = layout.arms.get(node.id) ?? []
  const chain = chainChosen(node)
  const measured = measuredTakeOff(node, arms, leg)
  if (measured) return { takeOff: measured, missing: null }
  if (node.kind === 'slip-coupling' && node.gap !== undefined)
    return { takeOff: { mm: node.gap / 2, tolerance: gapTolerance, basis: 'measured' }, missing: null }
  // Both are measured to the stop inside.
  if (node.kind === 'cap' || fixtureTakingPipe(node, system.fixtures)) return { takeOff: none, missing: null }
  if (node.kind === 'mixer') return unknown(missing('mixer'))
  if (node.kind === 'tie-in' && !chain && !takesBoth(catalogue, node, socket)) {
    return unknown(missing('not chosen'))
  }
  if (chain) {
    const whole = chainLengthOf(catalogue, chain.fittings)
    if (!whole) return unknown(missing(isChainApart(chain.fittings) ? 'chain apart' : 'chain'))
    return { takeOff: fromWhereItStands(node, halfOf(whole)), missing: null }
  }
  if (!socket) return unknown(missing('no socket'))
  if (node.kind === 'in-line') return ofPartInLine(catalogue, shapeFitting(catalogue, layout, node))
  const at = kindAt(node, arms, leg)
  if ('rule' in at) return unknown(at)
  const sizes = sizesAt(catalogue, system, arms, socket)
  if (sizes.length > 1 && shapeFitting(catalogue, layout, node) === null) return unknown(missing('not made'))
  const takeOff =
    sizes.length > 1 ? twoSizesTakeOff(catalogue, socket, sizes, at) : catalogue.takeOff(socket, at.kind, at.end)
  return takeOff
    ? { takeOff: fromWhereItStands(node, takeOff), missing: null }
    : unknown(missing('no take-off', { socket: socket.label, fitting: at.kind.replace('-', ' ') }))
}

/** By the length that was said of it: no table has one of a thing of any name. */
function ofPartInLine(catalogue: Catalogue, part: Fitting | null | undefined): Found {
  if (!part) return unknown(missing('not made'))
  const takeOff = endLength(catalogue, part, 0)
  return takeOff ? { takeOff, missing: null } : unknown(missing('no length'))
}

/** The take-off where pipes of several sizes meet: a tee or elbow is told by its largest, a reducer by both ends. */
function twoSizesTakeOff(
  catalogue: Catalogue,
  socket: Socket,
  sizes: readonly Socket[],
  { kind, end }: { readonly kind: PartFitting; readonly end: PartEnd },
): Figure | null {
  if (!between.has(kind)) return reducingTakeOff(catalogue, socket, { all: sizes, kind, end })
  const own = catalogue.ownTakeOff(socket, kind, end)
  const whole = lengthBetween(sizes[0]!, sizes[1]!)
  return own ?? (whole && halfOf(whole))
}

/** Whether a plain coupling of the run's own size also takes the tie-in's existing pipe. */
export function takesBoth(catalogue: Catalogue, node: Node, socket: Socket | undefined): boolean {
  if (node.existing === undefined) return true
  const existing = catalogue.pipe(node.existing)
  return (
    existing !== undefined && socket !== undefined && catalogue.socketFor(socket.method, existing)?.id === socket.id
  )
}

/**
 * The method of the plain coupling that a tie-in stands for where no fittings were chosen at it; null where some are still
 * to be chosen.
 *
 * @remarks for instance: new 22 copper, soldered, on existing 22 copper: 'solder'; on old 3/4 bore: null
 */
export function plainMethodAt(catalogue: Catalogue, system: System, node: Node): MethodId | null {
  const method = methodAt(system, node)
  const pipe = catalogue.pipe(runOf(system, node).pipe)
  return pipe && takesBoth(catalogue, node, catalogue.socketFor(method, pipe)) ? method : null
}

function findInsertion(node: Node, socket: Socket | undefined): Figure | null {
  const { measured } = node
  if (measured?.insertion !== undefined)
    return { mm: measured.insertion, tolerance: measured.tolerance, basis: 'measured' }
  return socket?.insertion ?? null
}

/** From a fitting's centre to where the pipe stops: its own end, and the fittings of the arm that stands in it. */
const lengthToPipe = (catalogue: Catalogue, node: Node, named: Fitting, { index, arm }: LegEnd): Figure | null =>
  arm ? armStretches(catalogue, named, index, arm).at(-1)![1] : fromNode(catalogue, node, named, index)

/** What a leg's pipe meets in a fitting that was chosen by its name: the end that takes it, by that end's own length. */
function namedEnd(laid: Laid, node: Node, named: Fitting, leg: string): PieceEnd {
  const { catalogue, layout } = laid
  const arms = layout.arms.get(node.id) ?? []
  const end = endsByLeg(laid, named, arms, node).get(leg)
  const takeOff = measuredTakeOff(node, arms, leg) ?? (end ? lengthToPipe(catalogue, node, named, end) : null)
  const insertion = findInsertion(node, end?.socket)
  const why = !end
    ? missing('no end', { fitting: named.label })
    : turnsAlike(named, arms)
      ? node.kind === 'in-line' && !takeOff
        ? missing('no length')
        : null
      : missing('other turn', { fitting: named.label })
  return {
    node: node.id,
    method: end?.socket.method ?? namedFittingMethod(node) ?? null,
    socket: end?.socket,
    insertion,
    takeOff: why ? null : takeOff,
    isLeastDepth: insertion !== null && insertion === end?.socket.insertion && isLeastDepth(end.socket),
    missing: why ?? (insertion ? null : missing('no depth')),
  }
}

/** What a leg's pipe meets at one of its nodes. Take-offs are from the node's centre; a cap's is from its stop, an open end takes nothing. */
export function pieceEnd(laid: Laid, nodeId: string, leg: Leg): PieceEnd {
  const { catalogue, layout } = laid
  const node = layout.node.get(nodeId)!
  if (isBare(node)) {
    // A piece goes on through its bends: one that ends at a bend lacks the leg beyond it.
    const isOpen = node.kind === 'open'
    return {
      node: nodeId,
      method: null,
      socket: undefined,
      insertion: none,
      takeOff: isOpen ? none : null,
      isLeastDepth: false,
      missing: isOpen ? null : missing('bend ends'),
    }
  }
  const named = namedFittingAt(node)
  if (named) return namedEnd(laid, node, named, leg.id)
  const method = methodAt(layout.system, node, leg)
  const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))!
  const socket = socketAt(catalogue, node, method, pipe)
  const found = findTakeOff(laid, node, leg.id, socket)
  const insertion = findInsertion(node, socket)
  return {
    node: nodeId,
    method,
    socket,
    insertion,
    takeOff: found.takeOff,
    isLeastDepth: insertion !== null && insertion === socket?.insertion && isLeastDepth(socket),
    missing: found.missing ?? (insertion ? null : missing('no depth')),
  }
}
