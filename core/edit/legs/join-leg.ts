import type { Ids } from '../ids'
import type { Direction, Job, Node } from '../../job/job'
import { isRunEnd, legsAtNode, mostLegsAt } from '../../job/node-legs'
import { angleBetween, oppositeDirection, unitVector } from '../../job/direction'
import { goingOn, continuedFrom, withSystem } from '../edit-run'
import { type System, systemOf } from '../../job/system'
import { needLegLength } from './leg-length'
import { asKind } from '../as-kind'

/** What a node is with one more leg that leaves it in this direction; null where it takes none. */
export function withOneMore(system: System, node: Node, away: Direction): Node | null {
  const arms = system.legs
    .filter(({ from, to }) => from === node.id || to === node.id)
    .map((leg) => (leg.from === node.id ? leg.direction : oppositeDirection(leg.direction)))
  const all = [...arms, away]
  // A mixer's inlets stand beside each other: two pipes may come to it from one side.
  if (node.kind === 'mixer') return arms.length < mostLegsAt(node.kind) ? node : null
  if (arms.some((arm) => angleBetween(unitVector(arm), unitVector(away)) < 1)) return null
  if (arms.length === 0 || (isRunEnd(node.kind) && arms.length === 1)) return continuedFrom(system, node, away)
  if (arms.length < legsAtNode[node.kind]) return node
  const inLine = all.some((one, at) =>
    all.some((other, beside) => beside > at && angleBetween(unitVector(one), unitVector(other)) > 179),
  )
  return all.length === 3 && inLine && (node.kind === 'elbow' || node.kind === 'coupling') ? asKind(node, 'tee') : null
}

/**
 * The job with one more leg between two nodes that are there: a loop, or two parts of a run tied together. What stands
 * at either becomes what that many legs need: an open end a coupling or an elbow, an elbow or a coupling a tee.
 *
 * @returns null where an end takes no more legs, or pipe already runs this way from it
 * @remarks for instance: from the last open end of a square back to a coupling in its first side: a tee there
 */
export function joinLeg(
  job: Job,
  ids: Ids,
  runId: string,
  {
    ends,
    direction,
    length,
  }: {
    readonly ends: { readonly from: string; readonly to: string }
    readonly direction: Direction
    readonly length: number
  },
): { job: Job; leg: string } | null {
  const system = systemOf(job, runId)
  const [from, to] = [ends.from, ends.to].map((end) => system?.nodes.find(({ id }) => id === end))
  if (!system || !from || !to || from === to) return null
  const [begun, met] = [withOneMore(system, from, direction), withOneMore(system, to, oppositeDirection(direction))]
  if (!begun || !met) return null
  const leg = ids('l', job.legs)
  return {
    leg,
    job: withSystem(job, runId, ({ nodes, legs }) => ({
      nodes: nodes.map((node) => (node.id === from.id ? begun : node.id === to.id ? met : node)),
      legs: [...legs, { ...goingOn(system, from), id: leg, ...ends, direction, length: needLegLength(length) }],
    })),
  }
}
