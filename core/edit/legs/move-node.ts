import { thousandths } from '../../quantity/thousandths'
import { type Vector, dot, lengthOf } from '../../quantity/vector'
import { setLeg } from '../edit-run'
import type { Job } from '../../job/job'
import { sentence } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { unitVector } from '../../job/direction'
import { namesInRun } from '../../run/names'
import { systemOf } from '../../job/system'

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

/**
 * The job with a node moved along one direction: legs that lie in that direction become longer or shorter, legs that
 * do not move with it, and what hangs on them too.
 *
 * @param by mm in each axis; lies along one direction
 * @throws RangeError when a fixed point would have to move, or a leg would have no length left
 * @remarks for instance: a tee moved 200 east: the leg to it from the west becomes 200 longer, the leg on to the east 200 shorter, its branch follows
 */
export function moveNode(job: Job, runId: string, nodeId: string, by: Vector): Job {
  const system = systemOf(job, runId)
  const distance = lengthOf(by)
  if (!system || distance === 0) return job
  const along: Vector = [by[0] / distance, by[1] / distance, by[2] / distance]
  const moving = new Set([nodeId])
  for (let grown = true; grown;) {
    grown = false
    for (const { from, to, direction } of system.legs) {
      if (moving.has(from) === moving.has(to) || Math.abs(dot(unitVector(direction), along)) >= parallel) continue
      moving.add(from).add(to)
      grown = true
    }
  }
  const fixed = system.nodes.find(({ id, at }) => at && moving.has(id))
  if (fixed) throw refuse('fixed', { node: namesInRun(job, runId).node(fixed.id) })
  return system.legs.reduce((moved, { id, from, to, direction, length }) => {
    if (moving.has(from) === moving.has(to)) return moved
    // Where its length does not matter, it gives what is wanted.
    if (length === null) return moved
    const longer = dot(unitVector(direction), along) * distance * (moving.has(to) ? 1 : -1)
    if (!(length + longer > 0)) throw refuse('short', { leg: namesInRun(job, runId).leg(id), has: length })
    return setLeg(moved, runId, id, { length: thousandths(length + longer) })
  }, job)
}
