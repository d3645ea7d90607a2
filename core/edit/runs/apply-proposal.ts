import type { Ids } from '../ids'
import type { Vector } from '../../quantity/vector'
import { addLeg, setKind } from '../edit-run'
import type { Job } from '../../job/job'
import type { ProposedRoute } from '../../run/propose-route'

/** Where a proposed route is drawn. */
interface ProposalPlace {
  readonly run: string
  /** The node that it goes on from. */
  readonly from: string
  readonly to: Vector
  /** Of its bends, in mm. */
  readonly radius?: number
}

/** The job with a proposed route drawn from a node; its end is a tie-in at the target. */
export function applyProposal(
  job: Job,
  ids: Ids,
  { legs, corner }: ProposedRoute,
  { run, from, to, radius }: ProposalPlace,
): { job: Job; node: string } {
  const drawn = legs.reduce(
    (at, { direction, length }, index) => {
      const added = addLeg(at.job, ids, run, { from: at.node, direction, length })
      const cornered =
        index > 0
          ? setKind(added.job, run, at.node, corner === 'bend' ? { kind: 'bend', radius } : { kind: 'elbow' })
          : added.job
      return { job: cornered, node: added.node }
    },
    { job, node: from },
  )
  return { job: setKind(drawn.job, run, drawn.node, { kind: 'tie-in', at: [to[0], to[1], to[2]] }), node: drawn.node }
}
