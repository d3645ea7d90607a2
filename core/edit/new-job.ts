import type { Ids } from './ids'
import type { Units } from '../quantity/units'
import type { Job, Survey, Run, Node } from '../job/job'
import type { ProfileId } from '../workshop/profile'

/** A job with nothing in it. */
export function emptyJob(title: string, units: Units, profile: ProfileId): Job {
  return { format: 'jolvet-job', version: 3, title, units, profile, surveys: [], runs: [], nodes: [], legs: [] }
}

/** The pipe and method that a new run starts with, until the user chooses. */
const usual: Readonly<Record<Units, Pick<Run, 'pipe' | 'method'>>> = {
  metric: { pipe: 'copper-half-hard-en-1057-r250-15x0.7', method: 'solder' },
  imperial: { pipe: 'copper-hard-astm-b88-l-1-2', method: 'solder' },
}

/** What a new run has of another, or of the pipe that it starts from. */
export type RunLike = Partial<Pick<Run, 'pipe' | 'method' | 'service'>>

/**
 * The job with one more run, which starts at an open end or at the tie-in given.
 *
 * @param like what it has of what it starts from; of what nothing is said, the usual
 */
export function addRun(
  job: Job,
  ids: Ids,
  start: Partial<Node> = {},
  { pipe, method, service = 'cold' }: RunLike = {},
): { job: Job; run: string } {
  const id = ids('r', job.runs)
  const number = job.runs.length + 1
  const run: Run = {
    id,
    name: `Run ${number}`,
    service,
    pipe: pipe ?? usual[job.units].pipe,
    method: method ?? usual[job.units].method,
  }
  const node: Node = { id: ids('n', job.nodes), run: id, kind: 'open', ...start }
  return { job: { ...job, runs: [...job.runs, run], nodes: [...job.nodes, node] }, run: id }
}

/** The job with one more survey of an existing pipe. */
export function addSurvey(job: Job, ids: Ids): { job: Job; survey: string } {
  const id = ids('s', job.surveys)
  const survey: Survey = { id, name: `Existing pipe ${job.surveys.length + 1}`, observations: [] }
  return { job: { ...job, surveys: [...job.surveys, survey] }, survey: id }
}
