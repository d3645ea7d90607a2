import type { Units } from '../quantity/units'
import type { Job, Run, Survey } from '../job/job'
import type { ProfileId } from '../workshop/profile'

/** A job with nothing in it. */
export function emptyJob(title: string, units: Units, profile: ProfileId): Job {
  return { format: 'jolvet-job', version: 1, title, units, profile, surveys: [], runs: [] }
}

/**
 * The next free id of a kind: `n4` after `n1`, `n2`, `n3`.
 *
 * @example nextId('n', [{ id: 'n1' }, { id: 'sink' }]) // 'n2'
 */
export function nextId(prefix: string, taken: readonly { readonly id: string }[]): string {
  const numbers = taken
    .map(({ id }) => (id.startsWith(prefix) ? Number(id.slice(prefix.length)) : 0))
    .filter(Number.isInteger)
  return `${prefix}${Math.max(0, ...numbers) + 1}`
}

/** The pipe and method that a new run starts with, until the user chooses. */
const usual: Readonly<Record<Units, Pick<Run, 'pipe' | 'method'>>> = {
  metric: { pipe: 'copper-half-hard-en-1057-r250-15x0.7', method: 'solder' },
  imperial: { pipe: 'copper-hard-astm-b88-l-1-2', method: 'solder' },
}

/** The job with one more run, which starts at an open end or at the tie-in given. */
export function addRun(job: Job, start: Partial<Run['nodes'][number]> = {}): { job: Job; run: string } {
  const id = nextId('r', job.runs)
  const number = job.runs.length + 1
  const run: Run = {
    id,
    name: `Run ${number}`,
    service: 'cold',
    ...usual[job.units],
    nodes: [{ id: 'n1', kind: 'open', ...start }],
    legs: [],
  }
  return { job: { ...job, runs: [...job.runs, run] }, run: id }
}

/** The job with one more survey of an existing pipe. */
export function addSurvey(job: Job): { job: Job; survey: string } {
  const id = nextId('s', job.surveys)
  const survey: Survey = { id, name: `Existing pipe ${job.surveys.length + 1}`, observations: [] }
  return { job: { ...job, surveys: [...job.surveys, survey] }, survey: id }
}
