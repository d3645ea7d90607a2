import type { Catalogue } from '../catalogue/catalogue'
import { isChainApart } from '../catalogue/chain-length'
import { endTakes } from '../catalogue/fit'
import type { FittingEnd } from '../catalogue/fitting'
import { endLength } from '../catalogue/fitting-length'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import { armsChosen, chainChosen, nameChosen } from '../job/chosen'
import type { ChainChoice, Job, Leg, Node } from '../job/job'
import { pipeIdIn } from '../job/leg-defaults'
import { isRunEnd } from '../job/node-legs'
import { movedInLine } from '../job/moved-in-line'
import { systemOf, withChanged, type System } from '../job/system'
import { armFittings, armStretches, type ArmChain } from './take-off/arm'
import { mayGoInto } from './take-off/ends-by-leg'
import { namedFittingAt } from '../run/named-fitting'
import { chainLegs } from '../job/chain-legs'
import { oppositeDirection, unitVector } from '../job/direction'
import { layOut, turnAt, type Layout } from '../run/layout'
import { usedByPipe } from './take-off/direct-joint'
import { chainStretches } from './fittings/chain-stretches'
import { putInLine } from './fittings/put-in-line'

const straightWithin = 1

/** Whether an end takes a pipe by a method; where nothing is said of the pipe it takes what is to come. */
const takes =
  (pipe: Pipe | undefined, method: MethodId) =>
  (end: FittingEnd): boolean =>
    !pipe || endTakes(end, pipe, method)

const isThere = <T>(of: T | undefined): of is T => of !== undefined

/** Where a chain comes apart. */
interface Apart {
  readonly layout: Layout
  readonly node: Node
  /** The ids of all nodes and legs of the job. */
  readonly taken: ReadonlySet<string>
}

/** A node's chain with the pieces between its sockets, as several nodes; null where it stays one. */
function chainPulledApart(catalogue: Catalogue, { layout, node, taken }: Apart): System | null {
  const { system } = layout
  const arms = layout.arms.get(node.id) ?? []
  const { arriving, leaving } = chainLegs(
    node,
    arms.map(({ leg }) => leg),
  )
  const turn = turnAt(arms)
  const line = leaving ?? arriving
  // What was measured of the whole holds for the whole.
  const chain = chainChosen(node)
  if (!chain || node.measured || isRunEnd(node.kind) || !line) return null
  if (arms.length > 2 || (turn !== null && turn > straightWithin)) return null
  const { fittings, joints } = chain
  const isTieIn = node.kind === 'tie-in'
  const pipeOf = (leg: Leg | undefined): Pipe | undefined => leg && catalogue.pipe(pipeIdIn(system, leg))
  const before = arriving || node.existing === undefined ? pipeOf(arriving) : catalogue.pipe(node.existing)
  const after = pipeOf(leaving)
  const stretches = chainStretches(catalogue, fittings, {
    open: null,
    takes: { back: takes(before, joints[0]), on: takes(after, joints[1]) },
    near: [before, after].filter(isThere),
  })
  const [own, ...others] = stretches ?? []
  if (!own || others.length === 0) return null
  const direction = (line.from === node.id) === (line === leaving) ? line.direction : oppositeDirection(line.direction)
  const whole = others.reduce((sum, { length, piece }) => sum + piece!.cut + length.mm, own.length.mm)
  const outermost = [joints[0], own.methods[1]] as ChainChoice['joints']
  const first: Node = { ...node, fitting: { ...chain, fittings: [...own.fittings], joints: outermost } }
  const named: System = { ...system, nodes: system.nodes.map((of) => (of === node ? first : of)) }
  // A tie-in stands where the existing pipe stops; any other node in the middle of what stands there.
  const moved = isTieIn
    ? named
    : movedInLine(named, first, {
        by: (own.length.mm - whole) / 2,
        on: unitVector(direction),
        along: { arriving, leaving },
      })
  return (
    moved &&
    putInLine(
      moved,
      {
        node: node.id,
        run: line.run,
        reach: isTieIn ? own.length.mm : own.length.mm / 2,
        direction,
        outer: leaving?.id,
        name: node.id,
        taken,
        last: joints[1],
      },
      others,
    )
  )
}

/** A fitting's arm with the pieces between its sockets, as nodes beyond the fitting; null where it stays an arm. */
function armPulledApart(
  catalogue: Catalogue,
  { layout, node, taken }: Apart,
  legId: string,
  arm: ArmChain,
): System | null {
  const { system } = layout
  const [named, leg] = [namedFittingAt(node), layout.leg.get(legId)]
  const arms = layout.arms.get(node.id) ?? []
  const pipe = leg && catalogue.pipe(pipeIdIn(system, leg))
  if (!named || !leg || !pipe || node.measured) return null
  const used = usedByPipe({ catalogue, layout }, node)
  for (const index of named.ends.keys()) {
    if (used.has(index) || !mayGoInto(node.kind, arms, leg, index)) continue
    // The first of its fittings may go in the fitting, up to the piece.
    const counts = [...arm.fittings.keys(), arm.fittings.length].toReversed()
    const count = counts.find((of) => armFittings(named, index, arm.fittings.slice(0, of)) !== null)!
    const own = armFittings(named, index, arm.fittings.slice(0, count))!
    if (count === arm.fittings.length) continue
    const stretches = chainStretches(catalogue, arm.fittings.slice(count), {
      open: own.last,
      takes: { back: () => true, on: takes(pipe, arm.method) },
      near: [pipe],
    })
    const reach =
      count === 0 ? endLength(catalogue, named, index) : armStretches(catalogue, named, index, own).at(-1)![1]
    if (!stretches || !reach || own.last.type !== 'socket') continue
    const apart = putInLine(
      system,
      {
        node: node.id,
        run: leg.run,
        reach: reach.mm,
        direction: leg.from === node.id ? leg.direction : oppositeDirection(leg.direction),
        outer: leg.id,
        name: leg.id,
        taken,
        last: arm.method,
      },
      stretches,
    )
    if (!apart) return null
    const { [legId]: _, ...others } = armsChosen(node)
    const piece = apart.legs.find(({ id }) => !layout.leg.has(id))!
    const first = { fittings: [...arm.fittings.slice(0, count)], method: own.last.socket.method }
    const onArms = count === 0 ? others : { ...others, [piece.id]: first }
    const changed: Node = { ...node, fitting: { ...nameChosen(node)!, arms: onArms } }
    return { ...apart, nodes: apart.nodes.map((of) => (of === node ? changed : of)) }
  }
  return null
}

/** The arms of a node's fitting that do not go in it as they stand. */
const armsApart = (node: Node): [string, ArmChain][] => {
  const named = namedFittingAt(node)
  return Object.entries(armsChosen(node)).filter(
    ([, { fittings }]) => named && !named.ends.some((_, index) => armFittings(named, index, fittings) !== null),
  )
}

/**
 * A job in which every chain of fittings goes together: where two sockets face each other, at a node or on an arm, the
 * chain comes apart there into nodes, and between them stands a short piece, a leg of new pipe with its own number and
 * cut length. What the two outer legs measured together stays. A chain stays as it is where no pipe goes into two of its
 * ends, where a figure is missing, where it was measured as a whole, or where a leg is too short for it.
 *
 * @returns the same job where that changes nothing
 * @remarks for instance: a 22 solder coupling and a 22 press one at a node: 22 copper of 48.4 between the two
 */
export function withMadeUpPieces(catalogue: Catalogue, job: Job): Job {
  const pulledApart = (done: Job, { id, run }: Node, pull: (at: Apart) => System | null): Job => {
    const system = systemOf(done, run)!
    const taken = new Set([...done.nodes, ...done.legs].map((of) => of.id))
    const apart = pull({ layout: layOut(system), node: system.nodes.find((node) => node.id === id)!, taken })
    return apart ? withChanged(done, system, apart) : done
  }
  let done = job
  for (const node of job.nodes) {
    if (isChainApart(chainChosen(node)?.fittings ?? []))
      done = pulledApart(done, node, (at) => chainPulledApart(catalogue, at))
    for (const [leg, arm] of armsApart(node))
      done = pulledApart(done, node, (at) => armPulledApart(catalogue, at, leg, arm))
  }
  return done
}
