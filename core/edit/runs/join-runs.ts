import type { Job, Leg } from '../../job/job'
import { isRunEnd } from '../../job/node-legs'
import { systemOf } from '../../job/system'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { oppositeDirection } from '../../job/direction'
import { withOneMore } from '../legs/join-leg'

const refuse = refusalsOf({
  id: 'join-runs',
  messages: {
    together: fixed('Join a run: these two hang together already; draw a leg between them'),
    end: fixed('Join a run: choose an open end, an outlet or a cap of the other run'),
    full: fixed(
      'Join a run: no more legs fit there; a tee needs two of its three in line, and none may lie on another',
    ),
  },
})

/**
 * The job with the end of one run put to a node of another: the two are one system from there, each with its own pipe,
 * method and service. What stands there becomes what so many legs need.
 *
 * @param at the node that stays
 * @param end of the other run: its legs then lead to that node
 * @throws RangeError where both are in one system, the end is none, or the node takes no more legs
 * @remarks for instance: a branch of hot water whose start is put to a coupling in the hot main: a tee there
 */
export function joinRuns(job: Job, at: string, end: string): Job {
  const [kept, gone] = [at, end].map((id) => job.nodes.find((node) => node.id === id))
  if (!kept || !gone) return job
  const [system, other] = [systemOf(job, kept.run)!, systemOf(job, gone.run)!]
  if (system === other) throw refuse('together')
  if (!isRunEnd(gone.kind)) throw refuse('end')
  const moved = (leg: Leg): Leg => ({
    ...leg,
    from: leg.from === end ? at : leg.from,
    to: leg.to === end ? at : leg.to,
  })
  let [joined, legs] = [kept, system.legs]
  for (const leg of other.legs) {
    if (leg.from !== end && leg.to !== end) continue
    const away = leg.from === end ? leg.direction : oppositeDirection(leg.direction)
    const more = withOneMore({ ...system, legs }, joined, away)
    if (!more) throw refuse('full')
    joined = more
    legs = [...legs, moved(leg)]
  }
  return {
    ...job,
    nodes: job.nodes.flatMap((node) => (node === gone ? [] : [node === kept ? joined : node])),
    legs: job.legs.map(moved),
  }
}
