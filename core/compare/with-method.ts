import type { Catalogue } from '../catalogue/catalogue'
import type { Ids } from '../edit/ids'
import type { Job, Node, Run } from '../job/job'
import { judge } from '../join/judge'
import type { MethodId } from '../methods/ids'
import { settled } from '../patterns/settled'
import type { Costs } from '../workshop/costs'
import { profileWith } from '../workshop/profile'

/** Whether a run's pipe goes into this method's fittings where it lies. */
function takes(catalogue: Catalogue, job: Job, run: Run, method: MethodId): boolean {
  const pipe = catalogue.pipe(run.pipe)
  const circumstances = {
    service: run.service,
    place: { ...job.place, ...run.place },
    profile: profileWith(job.profile, job.own?.changes),
    condition: run.condition,
  }
  return (
    pipe !== undefined &&
    catalogue.socketFor(method, pipe) !== undefined &&
    judge(catalogue, pipe, method, circumstances).verdict !== 'refuse'
  )
}

/** What stood at a node by its own method goes: another is chosen for it. */
const cleared = ({ fitting: _fitting, method: _method, measured: _measured, ...node }: Node): Node => node

/**
 * The job as it would be with another method wherever its pipe takes that one: the same pipe on the same way, with
 * fittings chosen anew. It is to look at and add up, not to go on with.
 *
 * @returns null where no run takes it
 * @remarks for instance: 15 copper, soldered, to an outdoor tap: the same elbows and drop-ear elbow as press fittings
 */
export function withMethod(
  catalogue: Catalogue,
  job: Job,
  method: MethodId,
  { ids, costs }: { readonly ids: Ids; readonly costs: Costs },
): Job | null {
  const changed = new Set(job.runs.flatMap((run) => (takes(catalogue, job, run, method) ? [run.id] : [])))
  if (changed.size === 0) return null
  return settled(
    catalogue,
    {
      ...job,
      runs: job.runs.map((run) => (changed.has(run.id) ? { ...run, method } : run)),
      nodes: job.nodes.map((node) => (changed.has(node.run) ? cleared(node) : node)),
    },
    ids,
    costs,
  )
}
