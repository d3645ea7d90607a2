import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdNow } from '../catalogue/former-pipe-ids'
import { fieldProblems, type FieldProblem } from '../quantity/field-problem'
import { jobSchema, type Job, type Run } from './job'
import { namePipes } from './name-pipes'

export type ReadJob =
  { readonly ok: true; readonly job: Job } | { readonly ok: false; readonly fields: readonly FieldProblem[] }

function duplicates(ids: readonly { readonly id: string }[], field: string): FieldProblem[] {
  const seen = new Set<string>()
  return ids.flatMap(({ id }, index) => {
    const again = seen.has(id)
    seen.add(id)
    return again ? [{ field: `${field}.${index}.id`, problem: `“${id}” is used twice; ids are unique here` }] : []
  })
}

function runProblems(run: Run, at: string, catalogue: Catalogue): FieldProblem[] {
  const nodes = new Set(run.nodes.map(({ id }) => id))
  const noPipe = (id: string | undefined, field: string): FieldProblem[] =>
    id === undefined || catalogue.pipe(id) ? [] : [{ field, problem: `there is no pipe “${id}” in the catalogue` }]
  const noNode = (id: string, field: string): FieldProblem[] =>
    nodes.has(id) ? [] : [{ field, problem: `there is no node “${id}” in this run` }]
  return [
    ...noPipe(run.pipe, `${at}.pipe`),
    ...duplicates(run.nodes, `${at}.nodes`),
    ...duplicates(run.legs, `${at}.legs`),
    ...run.nodes.flatMap((node, index) => noPipe(node.existing, `${at}.nodes.${index}.existing`)),
    ...run.legs.flatMap((leg, index) => [
      ...noPipe(leg.pipe, `${at}.legs.${index}.pipe`),
      ...noNode(leg.from, `${at}.legs.${index}.from`),
      ...noNode(leg.to, `${at}.legs.${index}.to`),
      ...(leg.from === leg.to
        ? [{ field: `${at}.legs.${index}.to`, problem: 'a leg ends at another node than it begins' }]
        : []),
    ]),
  ]
}

function referenceProblems(job: Job, catalogue: Catalogue): FieldProblem[] {
  return [
    ...duplicates(job.runs, 'runs'),
    ...duplicates(job.surveys, 'surveys'),
    ...job.runs.flatMap((run, index) => runProblems(run, `runs.${index}`, catalogue)),
    ...job.surveys.flatMap(({ pipe }, index) =>
      pipe === undefined || catalogue.pipe(pipe)
        ? []
        : [{ field: `surveys.${index}.pipe`, problem: `there is no pipe “${pipe}” in the catalogue` }],
    ),
  ]
}

/**
 * Reads a job from anything: checks its shape, its ids and its pipes.
 *
 * @param idNow what a pipe's id is now, for jobs that name it by a former one
 * @returns the job, or every field that is wrong with what would be accepted; never throws
 */
export function readJob(input: unknown, catalogue: Catalogue, idNow = pipeIdNow): ReadJob {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, fields: [{ field: '(body)', problem: 'a job file is a JSON object' }] }
  }
  const { format, version } = input as { format?: unknown; version?: unknown }
  if (format !== 'jolvet-job') {
    return { ok: false, fields: [{ field: 'format', problem: 'this is not a job file: format must be “jolvet-job”' }] }
  }
  if (version !== 1) {
    const named = typeof version === 'number' || typeof version === 'string' ? String(version) : 'of this kind'
    return {
      ok: false,
      fields: [{ field: 'version', problem: `job file version ${named.slice(0, 40)} is not known here; version 1 is` }],
    }
  }
  const parsed = jobSchema.safeParse(input)
  if (!parsed.success) return { ok: false, fields: fieldProblems(parsed.error) }
  const job = namePipes(parsed.data as Job, (id) => idNow(id))
  const fields = referenceProblems(job, catalogue)
  return fields.length > 0 ? { ok: false, fields } : { ok: true, job }
}

/** Reads a job file's text: as `readJob`, and says where the text stops being JSON. */
export function readJobText(text: string, catalogue: Catalogue): ReadJob {
  try {
    return readJob(JSON.parse(text), catalogue)
  } catch (error) {
    const where = error instanceof Error ? error.message : 'unreadable'
    return {
      ok: false,
      fields: [{ field: '(file)', problem: `the file is not whole JSON (${where}); was it cut short?` }],
    }
  }
}
