import type { Catalogue } from '../../catalogue/catalogue'
import { methods } from '../../methods'
import { methodIds, type MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import type { Job } from '../../job/job'
import { profileWith } from '../../workshop/profile'
import { judge, type Circumstances } from '../../join/judge'
import type { VerdictKind } from '../../join/verdict'
import { chainChosen } from '../../job/chosen'

/** What is usually taken first where several methods fit. */
const usualFirst = methodIds.toSorted((a, b) => methods[a].usual - methods[b].usual)
const rank: Readonly<Record<VerdictKind, number>> = { fits: 0, caution: 1, refuse: 2 }

/**
 * A method that a pipe takes: the one that is in use where it fits, else the usual one of those that do.
 *
 * @param wanted the method in use; it stays where nothing is better
 * @remarks for instance: multilayer, where solder was in use: 'press-multilayer'
 */
export function methodFor(catalogue: Catalogue, pipe: Pipe, wanted: MethodId, circumstances: Circumstances): MethodId {
  const rankOf = (method: MethodId) =>
    catalogue.socketFor(method, pipe) ? rank[judge(catalogue, pipe, method, circumstances).verdict] : rank.refuse
  return [wanted, ...usualFirst].reduce((best, method) => (rankOf(method) < rankOf(best) ? method : best))
}

/**
 * The job with another pipe in a run, joined by a method that it takes. Fittings that were chosen between the old pipe
 * and another do not hold for the new one, and are chosen anew.
 */
export function choosePipe(catalogue: Catalogue, job: Job, runId: string, pipeId: string): Job {
  const pipe = catalogue.pipe(pipeId)
  if (!pipe || job.runs.find(({ id }) => id === runId)?.pipe === pipeId) return job
  const touched = new Set([
    ...job.nodes.flatMap(({ id, run }) => (run === runId ? [id] : [])),
    ...job.legs.flatMap(({ run, from, to }) => (run === runId ? [from, to] : [])),
  ])
  return {
    ...job,
    runs: job.runs.map((run) => {
      if (run.id !== runId) return run
      const method = methodFor(catalogue, pipe, run.method, {
        service: run.service,
        place: { ...job.place, ...run.place },
        profile: profileWith(job.profile, job.own?.changes),
        condition: run.condition,
        tools: job.tools,
      })
      return { ...run, pipe: pipeId, method }
    }),
    nodes: job.nodes.map((node) =>
      chainChosen(node) && touched.has(node.id) ? { ...node, fitting: undefined } : node,
    ),
  }
}
