import { thousandths } from '../../quantity/thousandths'
import { groupBy } from '../../quantity/group-by'
import { type Vector, dot, lengthOf, plus } from '../../quantity/vector'
import { setLeg } from '../edit-run'
import type { Job } from '../../job/job'
import { sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { unitVector } from '../../job/direction'
import { namesInRun } from '../../run/names'
import { systemOf, type System } from '../../job/system'

const refuse = refusalsOf({
  id: 'move-node',
  messages: {
    fixed: sentence({ node: 'tie-in' }, ({ node }) => `Move: ${node} is fixed and would have to move too`),
    short: sentence(
      { leg: 'leg 3', has: 40 },
      ({ leg, has }, say) => `Move: ${leg} has only ${say.length(has)} to give`,
    ),
  },
})

const parallel = 1 - 1e-9

/** Nodes that move together with these: over legs that do not lie along the way. */
function movingWith({ legs }: System, ids: readonly string[], along: Vector): Set<string> {
  const moving = new Set(ids)
  for (let grown = true; grown;) {
    grown = false
    for (const { from, to, direction } of legs) {
      if (moving.has(from) === moving.has(to) || Math.abs(dot(unitVector(direction), along)) >= parallel) continue
      moving.add(from).add(to)
      grown = true
    }
  }
  return moving
}

interface Moved {
  readonly run: string
  readonly nodes: readonly string[]
  /** A fixed point of theirs moves with them. */
  readonly carry: boolean
}

function moveTogether(job: Job, { run, nodes, carry }: Moved, by: Vector): Job {
  const carried = new Set(carry ? nodes : [])
  const system = systemOf(job, run)
  const distance = lengthOf(by)
  if (!system || distance === 0) return job
  const along: Vector = [by[0] / distance, by[1] / distance, by[2] / distance]
  const moving = movingWith(system, nodes, along)
  const fixed = system.nodes.find(({ id, at }) => at && moving.has(id) && !carried.has(id))
  if (fixed) throw refuse('fixed', { node: namesInRun(job, run).node(fixed.id) })
  const stretched = system.legs.reduce((moved, { id, from, to, direction, length }) => {
    if (moving.has(from) === moving.has(to)) return moved
    // Where its length does not matter, it gives what is wanted.
    if (length === null) return moved
    const longer = dot(unitVector(direction), along) * distance * (moving.has(to) ? 1 : -1)
    if (!(length + longer > 0)) throw refuse('short', { leg: namesInRun(job, run).leg(id), has: length })
    return setLeg(moved, run, id, { length: thousandths(length + longer) })
  }, job)
  return {
    ...stretched,
    nodes: stretched.nodes.map((node) =>
      node.at && carried.has(node.id) ? { ...node, at: plus(node.at, by, 1) as [number, number, number] } : node,
    ),
  }
}

/**
 * The job with a node moved along one direction: legs that lie in that direction become longer or shorter, legs that
 * do not move with it, and what hangs on them too.
 *
 * @param by mm in each axis; lies along one direction
 * @throws RangeError when a fixed point would have to move, or a leg would have no length left
 * @remarks for instance: a tee moved 200 east: the leg to it from the west becomes 200 longer, the leg on to the east 200 shorter, its branch follows
 */
export const moveNode = (job: Job, run: string, node: string, by: Vector): Job =>
  moveTogether(job, { run, nodes: [node], carry: false }, by)

/**
 * The job with a fixture moved along one direction: every outlet that leads to it moves, in whatever run, and pipe is
 * stretched as by {@link moveNode}. Outlets that are fixed points are so where they come to.
 *
 * @throws RangeError when another fixed point would have to move, or a leg would have no length left
 * @remarks for instance: a basin moved 200 east: its hot and its cold outlet
 */
export function moveFixture(job: Job, fixture: string, by: Vector): Job {
  const outlets = job.nodes.filter((node) => node.fixture?.id === fixture)
  const bySystem = groupBy(outlets, ({ run }) => systemOf(job, run)?.id ?? run)
  return [...bySystem].reduce(
    (moved, [run, of]) => moveTogether(moved, { run, nodes: of.map(({ id }) => id), carry: true }, by),
    job,
  )
}
