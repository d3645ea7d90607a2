import type { H3Event } from 'h3'
import type { Job } from '~~/core/job/job'
import { readJson } from './body'
import { checkJob } from '../check-job'
import { invalid } from '../refusal'

function checked(input: unknown): Job {
  const read = checkJob(input)
  if (!read.ok) throw invalid(read.fields)
  return read.job
}

/** The job file in the request's body. */
export async function readJobBody(event: H3Event): Promise<Job> {
  return checked(await readJson(event))
}

/** A version as a number, or as text from a header or a query. */
export function readVersion(named: unknown): number {
  const version = typeof named === 'string' ? Number(named.replaceAll('"', '') || NaN) : named
  if (typeof version === 'number' && Number.isInteger(version) && version >= 0) return version
  throw invalid([
    {
      field: 'version',
      problem: 'the version that it was made from: a whole number from 1, or 0 for a job that is begun',
    },
  ])
}

/** A save: `{ version, job }`, or a bare job file with the version in `If-Match` or `?version=`. */
export async function readSaveBody(event: H3Event): Promise<{ version: number; job: Job }> {
  const body = await readJson(event)
  const isEnvelope = typeof body === 'object' && body !== null && 'job' in body
  const named = isEnvelope
    ? (body as { version?: unknown }).version
    : (getHeader(event, 'if-match') ?? getQuery(event).version)
  return { version: readVersion(named), job: checked(isEnvelope ? (body as { job: unknown }).job : body) }
}
