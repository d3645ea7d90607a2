import type { Laid } from './laid'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Fitting, FittingKind } from '../../catalogue/fitting'
import { shippedFittings, shippedPartsInLine } from '../../catalogue/fittings'
import type { Arms, Leg, NamedChoice, Node, NodeKind } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { runOf } from '../../job/system'
import { armsOf, armsTo, type ArmChain } from './arm'
import { endsByLeg, mayGoInto, turnsAlike } from './ends-by-leg'
import { namedFittingAt, takesPipe, takesPipeItself, isSocket, methodOf, pipeEnds } from '../../run/named-fitting'
import type { Layout } from '../../run/layout'
import { namedEnds, endsTowards, meetingAt, usedByPipe, type DirectJoint, type FacingEnd } from './direct-joint'
import { hasNoPipe } from '../../run/states'

/** What may stand where: a drop-ear elbow, an adapter or an angle stop is an outlet, for instance. */
const kindsAt: Readonly<Partial<Record<NodeKind, readonly FittingKind[]>>> = {
  elbow: ['elbow 90', 'elbow 45', 'street elbow 90', 'street elbow 45'],
  tee: ['tee'],
  coupling: ['coupling', 'reducer'],
  reducer: ['reducer'],
  'slip-coupling': ['slip coupling'],
  union: ['union', 'dielectric union'],
  valve: ['valve'],
  'in-line': ['part in line'],
  outlet: ['drop-ear elbow', 'angle stop', 'radiator valve', 'swivel connector', 'adapter', 'elbow 90', 'stub-out'],
  cap: ['cap', 'plug'],
}

/** Whether a fitting may be chosen by its name where this stands. */
export const canBeNamed = (kind: NodeKind): boolean => kindsAt[kind] !== undefined

/**
 * How many legs the fitting of a node takes: its ends that pipe goes into, and others in which an arm stands, or a fitting.
 *
 * @param directJoints of its system
 */
export function legsInto(
  laid: Laid,
  directJoints: ReadonlyMap<string, DirectJoint>,
  named: Fitting,
  node: Node,
): number {
  const used = usedByPipe(laid, node)
  for (const { leg } of laid.layout.arms.get(node.id) ?? []) {
    const end = directJoints.get(leg.id)?.ends[leg.from === node.id ? 0 : 1]
    if (typeof end?.index === 'number') used.add(end.index)
  }
  return pipeEnds(named) + [...used].filter((index) => !isSocket(named.ends[index]!)).length
}

/** How a fitting takes the legs at its node. */
interface Taking {
  readonly arms: Arms
  /** A fitting that is to stand in it, or it in that, is still to be chosen. */
  readonly isWaiting: boolean
}

/** The fittings that look at a node along its legs without pipe, by the leg: found once, and asked of each fitting. */
type Facing = ReadonlyMap<Leg, { readonly isNamed: boolean; readonly ends: readonly FacingEnd[] }>

function facingOf(laid: Laid, node: Node): Facing {
  const { layout } = laid
  const legs = layout.arms
    .get(node.id)!
    .map(({ leg }) => leg)
    .filter(hasNoPipe)
  return new Map(
    legs.map((leg) => {
      const other = layout.node.get(leg.from === node.id ? leg.to : leg.from)!
      const ends = endsTowards(laid, other, leg, usedByPipe(laid, other))
      return [leg, { isNamed: namedFittingAt(other) !== undefined, ends }]
    }),
  )
}

/**
 * How a fitting takes the legs at a node: each by itself but one at most, or both of a part in line, which go in by an arm,
 * of their run's own method where there is one.
 *
 * @returns null where it does not take them, or an end would be left over for pipe
 */
function takingOf(laid: Laid, named: Fitting, node: Node, facing: Facing): Taking | null {
  const { layout } = laid
  const legs = layout.arms.get(node.id) ?? []
  const { kind } = node
  const plain = { ...node, fitting: undefined }
  const taken = endsByLeg(laid, named, legs, { kind })
  const used = new Set([...taken.values()].map(({ index }) => index))
  const left = legs.map(({ leg }) => leg).filter((leg) => !hasNoPipe(leg) && !taken.has(leg.id))
  let isWaiting = false
  for (const [leg, { isNamed, ends }] of facing) {
    const own = namedEnds(laid, { node: plain, named }, leg, used)
    const met = own.find((end) => ends.some((other) => meetingAt(end, other) !== null))
    const end = met ?? (isNamed ? undefined : own[0])
    if (end) used.add(end.index!)
    else left.push(leg)
    isWaiting ||= !met && end !== undefined
  }
  if (left.length === 0) return used.size === legs.length && allSocketsIn(named, used) ? { arms: {}, isWaiting } : null
  // What has threads on both sides wants an arm on both.
  const most = kind === 'in-line' ? 2 : 1
  if (left.length > most || kind === 'outlet' || named.ends.length !== legs.length) return null
  const arms: Record<string, ArmChain> = {}
  for (const other of left) {
    const index = named.ends.findIndex((_, at) => !used.has(at))
    const arm = mayGoInto(kind, legs, other, index) ? armFor(laid, named, index, { leg: other, facing }) : undefined
    if (!arm) return null
    used.add(index)
    arms[other.id] = arm
  }
  return { arms, isWaiting }
}

/** What stands between an end of a fitting and a leg that it does not take itself: of the leg's own method where it is made. */
function armFor(
  { catalogue, layout }: Laid,
  named: Fitting,
  index: number,
  { leg, facing }: { readonly leg: Leg; readonly facing: Facing },
): ArmChain | undefined {
  const ends = facing.get(leg)?.ends
  if (ends) return ends.flatMap(({ end }) => armsTo(named, index, end))[0]
  const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))
  return pipe && armsOf(named, index, pipe, runOf(layout.system, leg).method)[0]
}

const allSocketsIn = (named: Fitting, used: ReadonlySet<number>): boolean =>
  named.ends.every((_, index) => !takesPipe(named, index) || used.has(index))

/** A fitting that can stand at a node, with the arms by which it takes its legs. */
export interface NamedFitting extends Taking {
  readonly named: Fitting
}

/** A fitting as it is chosen by its name, with what stands on its arms. */
export const chosenByName = ({ named, arms }: Pick<NamedFitting, 'named' | 'arms'>): NamedChoice => ({
  by: 'name',
  name: named.id,
  ...(Object.keys(arms).length > 0 ? { arms } : {}),
})

/**
 * The fittings of the catalogue that can stand at a node: of its kind, with an end for each of its legs, turning as it does;
 * those that take all of it themselves first, of them those of the run's own method; last those that wait for another fitting.
 *
 * @remarks for instance: an outlet of 22 copper: 22 solder × 1/2 F BSP drop-ear elbow, 22 solder × 3/4 M BSP adapter, …
 */
export function namedFittingsFor(catalogue: Catalogue, layout: Layout, node: Node): NamedFitting[] {
  const legs = layout.arms.get(node.id) ?? []
  const kinds = new Set(kindsAt[node.kind] ?? [])
  if (legs.length === 0 || kinds.size === 0) return []
  const isOutlet = node.kind === 'outlet'
  const facing = facingOf({ catalogue, layout }, node)
  const rank = ({ named, arms, isWaiting }: NamedFitting) =>
    (isWaiting ? 4 : 0) +
    (Object.keys(arms).length > 0 ? 2 : 0) +
    (methodOf(named) === runOf(layout.system, node).method ? 0 : 1)
  return (node.kind === 'in-line' ? shippedPartsInLine() : shippedFittings())
    .filter((named) => kinds.has(named.kind) && takesPipeItself(named) && (!isOutlet || named.ends.length > 1))
    .filter((named) => turnsAlike(named, legs))
    .flatMap((named): NamedFitting[] => {
      const taking = takingOf({ catalogue, layout }, named, node, facing)
      return taking ? [{ named, ...taking }] : []
    })
    .toSorted((a, b) => rank(a) - rank(b))
}

/** What may stand on the arm of a leg at a node whose fitting was chosen by its name: none where that leg has no arm. */
export function armChoices(catalogue: Catalogue, layout: Layout, node: Node, legId: string): ArmChain[] {
  const named = namedFittingAt(node)
  const end = named && endsByLeg({ catalogue, layout }, named, layout.arms.get(node.id) ?? [], node).get(legId)
  const leg = layout.leg.get(legId)
  const pipe = leg && catalogue.pipe(pipeIdIn(layout.system, leg))
  return named && end?.arm && pipe ? armsOf(named, end.index, pipe, runOf(layout.system, leg).method) : []
}
