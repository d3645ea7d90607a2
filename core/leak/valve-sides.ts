import type { Job } from '../job/job'
import { layOut } from '../run/layout'
import { walk } from '../run/walk'
import type { Suspect } from './suspects'

/** A valve that parts what is under test in two: what lies beyond it, seen from where its run begins. */
export interface ValveSides {
  readonly run: string
  readonly node: string
  /** Ids of the suspects beyond it. */
  readonly beyond: ReadonlySet<string>
}

/**
 * Every valve under test that parts the pipework when it is shut; one in a ring does not.
 *
 * @remarks for instance: stop end, 1 m, valve, 2 m, outlet: beyond the valve its far joint, the 2 m and the outlet's joint
 */
export function valveSides(job: Job, suspects: readonly Suspect[]): ValveSides[] {
  return job.runs.flatMap((run) => {
    const layout = layOut(run)
    const start = run.nodes[0]
    const of = suspects.filter((suspect) => suspect.run === run.id)
    if (!start || of.length === 0) return []
    return run.nodes.flatMap(({ id, kind }): ValveSides[] => {
      if (kind !== 'valve' || id === start.id) return []
      const reached = new Set<string>()
      for (const step of walk(layout.arms, start.id, (leg) => leg.from !== id && leg.to !== id)) reached.add(step.node)
      const isBeyond = (leg: string) => {
        const { from, to } = run.legs.find((other) => other.id === leg)!
        return !reached.has(from === id ? to : from)
      }
      const beyond = of.filter((suspect) =>
        suspect.leg !== null ? isBeyond(suspect.leg) : suspect.node !== id && !reached.has(suspect.node!),
      )
      const rest = suspects.length - beyond.length
      return beyond.length > 0 && rest > 0
        ? [{ run: run.id, node: id, beyond: new Set(beyond.map((at) => at.id)) }]
        : []
    })
  })
}
