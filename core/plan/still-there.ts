import type { Job } from '../job/job'
import type { Plan } from './types'

/**
 * What a plan says of the places that a job still has: for a plan that was made of the job's text before.
 *
 * @remarks for instance: a leg was taken away since: its piece, that piece's joints and its clips are left out
 */
export function planStillThere(plan: Plan, job: Job): Plan {
  const [runs, nodes, legs] = [job.runs, job.nodes, job.legs].map((list) => new Set(list.map(({ id }) => id)))
  const isThere = ({ run, node, leg }: { run: string; node?: string; leg?: string }): boolean =>
    runs!.has(run) && (node === undefined || nodes!.has(node)) && (leg === undefined || legs!.has(leg))
  const pieces = plan.pieces.filter(({ run, legs }) => legs.every((leg) => isThere({ run, leg })))
  const kept = new Set(pieces.map(({ id }) => id))
  return {
    ...plan,
    pieces,
    joints: plan.joints.filter(
      (joint) => isThere({ run: joint.run, node: joint.node }) && (!joint.piece || kept.has(joint.piece)),
    ),
    parts: plan.parts.filter((part) => isThere(part) && (part.kind !== 'piece' || kept.has(part.id))),
    supports: plan.supports.filter(({ run, leg }) => isThere({ run, leg })),
    closing: plan.closing.filter(isThere),
    cutIns: plan.cutIns.filter(
      ({ run, node, ends }) => isThere({ run, node }) && ends.every(({ leg }) => isThere({ run, leg })),
    ),
    removed: plan.removed.filter(isThere),
    checks: plan.checks.filter(isThere),
  }
}
