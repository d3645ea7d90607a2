import type { H3Event } from 'h3'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import { readJob } from '~~/core/job/read-job'
import { readJson } from './body'
import { invalid } from './refusal'

function checked(input: unknown): Job {
  const read = readJob(input, shippedCatalogue)
  if (!read.ok) throw invalid(read.fields)
  return read.job
}

/** The job file in the request's body. */
export async function readJobBody(event: H3Event): Promise<Job> {
  return checked(await readJson(event))
}

/** A save: `{ version, job }`, or a bare job file with the version in `If-Match` or `?version=`. */
export async function readSaveBody(event: H3Event): Promise<{ version: number; job: Job }> {
  const body = await readJson(event)
  const isEnvelope = typeof body === 'object' && body !== null && 'job' in body
  const named = isEnvelope
    ? (body as { version?: unknown }).version
    : (getHeader(event, 'if-match') ?? getQuery(event).version)
  const version = typeof named === 'string' ? Number(named.replaceAll('"', '')) : named
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    throw invalid([
      { field: 'version', problem: 'a save names the version that it was made from: a whole number from 1' },
    ])
  }
  return { version, job: checked(isEnvelope ? (body as { job: unknown }).job : body) }
}
