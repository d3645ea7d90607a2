import { safeRead } from '../quantity/safe-read'
import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdNow } from '../catalogue/former-pipe-ids'
import { fieldProblems, type FieldProblem } from '../quantity/words/field-problem'
import { withoutLengthsMade } from './decisions'
import type { Job, Leg, Node, Run } from './job'
import { jobSchema } from './job-schema'
import { namePipes } from './name-pipes'
import { jobSchemaOfVersion1, liftVersion1 } from './version-1'
import { jobSchemaOfVersion2, liftVersion2, type JobOfVersion2 } from './version-2'

export type ReadJob =
  | {
      readonly ok: true
      readonly job: Job
      /** What the schema of its own version made of it: what is not in there is not known. */
      readonly taken: unknown
    }
  | { readonly ok: false; readonly fields: readonly FieldProblem[] }

function duplicates(ids: readonly { readonly id: string }[], field: string): FieldProblem[] {
  const seen = new Set<string>()
  return ids.flatMap(({ id }, index) => {
    const again = seen.has(id)
    seen.add(id)
    return again ? [{ field: `${field}.${index}.id`, problem: `“${id}” is used twice; ids are unique here` }] : []
  })
}

type Legged = Pick<Leg, 'from' | 'to' | 'pipe'>
type Noded = Pick<Node, 'id' | 'existing'>

/** What is wrong with the nodes and legs of one graph. @param at the field that holds both, with its dot */
function graphProblems(
  nodes: readonly Noded[],
  legs: readonly (Legged & { readonly id: string })[],
  at: string,
  noPipe: NoPipe,
): FieldProblem[] {
  const known = new Set(nodes.map(({ id }) => id))
  const where = at === '' ? 'job' : 'run'
  const noNode = (id: string, field: string): FieldProblem[] =>
    known.has(id) ? [] : [{ field, problem: `there is no node “${id}” in this ${where}` }]
  return [
    ...duplicates(nodes, `${at}nodes`),
    ...duplicates(legs, `${at}legs`),
    ...nodes.flatMap((node, index) => noPipe(node.existing, `${at}nodes.${index}.existing`)),
    ...legs.flatMap((leg, index) => [
      ...noPipe(leg.pipe, `${at}legs.${index}.pipe`),
      ...noNode(leg.from, `${at}legs.${index}.from`),
      ...noNode(leg.to, `${at}legs.${index}.to`),
      ...(leg.from === leg.to
        ? [{ field: `${at}legs.${index}.to`, problem: 'a leg ends at another node than it begins' }]
        : []),
    ]),
  ]
}

type NoPipe = (id: string | undefined, field: string) => FieldProblem[]
const noPipeIn =
  (catalogue: Catalogue): NoPipe =>
  (id, field) =>
    id === undefined || catalogue.pipe(id) ? [] : [{ field, problem: `there is no pipe “${id}” in the catalogue` }]

/** What is wrong in any version: ids that are used twice, pipes that are not known. */
function listProblems(
  job: Pick<Job, 'surveys'> & { readonly runs: readonly Pick<Run, 'id' | 'pipe'>[] },
  noPipe: NoPipe,
): FieldProblem[] {
  return [
    ...duplicates(job.runs, 'runs'),
    ...duplicates(job.surveys, 'surveys'),
    ...job.runs.flatMap(({ pipe }, index) => noPipe(pipe, `runs.${index}.pipe`)),
    ...job.surveys.flatMap(({ pipe }, index) => noPipe(pipe, `surveys.${index}.pipe`)),
  ]
}

/** Whether nodes and legs belong to runs that are there, and new pipe has its length. */
function runProblems({ runs, nodes, legs }: Job | JobOfVersion2): FieldProblem[] {
  const known = new Set(runs.map(({ id }) => id))
  const noRun = (list: 'nodes' | 'legs', items: readonly { readonly run: string }[]) =>
    items.flatMap(({ run }, index) =>
      known.has(run) ? [] : [{ field: `${list}.${index}.run`, problem: `there is no run “${run}” in this job` }],
    )
  return [
    ...noRun('nodes', nodes),
    ...noRun('legs', legs),
    ...legs.flatMap(({ length, state }, index) =>
      length === null && state === undefined
        ? [{ field: `legs.${index}.length`, problem: 'new pipe has a length: millimetres, more than 0' }]
        : [],
    ),
  ]
}

function readVersion1(input: unknown, catalogue: Catalogue, idNow: (id: string) => string): ReadJob {
  const parsed = safeRead(jobSchemaOfVersion1, input)
  if (!parsed.success) return { ok: false, fields: fieldProblems(parsed.error) }
  const noPipe = noPipeIn(catalogue)
  const known: NoPipe = (id, field) => noPipe(id === undefined ? id : idNow(id), field)
  const fields = [
    ...listProblems(parsed.data, known),
    ...parsed.data.runs.flatMap(({ nodes, legs }, index) => graphProblems(nodes, legs, `runs.${index}.`, known)),
  ]
  return fields.length > 0
    ? { ok: false, fields }
    : { ok: true, job: liftVersion2(catalogue, namePipes(liftVersion1(parsed.data), idNow)), taken: parsed.data }
}

/** What is read of a job whose nodes and legs are one graph. @param lift it to the version of today */
function graphRead<Read extends Job | JobOfVersion2>(
  job: Read,
  catalogue: Catalogue,
  lift: (job: Read) => Job,
): ReadJob {
  const noPipe = noPipeIn(catalogue)
  const fields = [...listProblems(job, noPipe), ...graphProblems(job.nodes, job.legs, '', noPipe), ...runProblems(job)]
  return fields.length > 0 ? { ok: false, fields } : { ok: true, job: lift(job), taken: job }
}

function readVersion2(input: unknown, catalogue: Catalogue, idNow: (id: string) => string): ReadJob {
  const parsed = safeRead(jobSchemaOfVersion2, input)
  if (!parsed.success) return { ok: false, fields: fieldProblems(parsed.error) }
  return graphRead(namePipes(parsed.data, idNow), catalogue, (job) => liftVersion2(catalogue, job))
}

function readVersion3(input: unknown, catalogue: Catalogue, idNow: (id: string) => string): ReadJob {
  const parsed = safeRead(jobSchema, input)
  if (!parsed.success) return { ok: false, fields: fieldProblems(parsed.error) }
  return graphRead(namePipes(parsed.data as Job, idNow), catalogue, withoutLengthsMade)
}

/**
 * Reads a job of any version from anything: checks its shape, its ids and its pipes.
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
  if (version === 1) return readVersion1(input, catalogue, (id) => idNow(id))
  if (version === 2) return readVersion2(input, catalogue, (id) => idNow(id))
  if (version === 3) return readVersion3(input, catalogue, (id) => idNow(id))
  const named = typeof version === 'number' || typeof version === 'string' ? String(version) : 'of this kind'
  return {
    ok: false,
    fields: [{ field: 'version', problem: `job file version ${named.slice(0, 40)} is not known here; 1, 2 and 3 are` }],
  }
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
