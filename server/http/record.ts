import type { H3Event } from 'h3'
import { findJob } from '../database/jobs'
import { wholeLog } from '../database/log'
import { currentParts } from '../database/parts'
import { heavily } from './heavy'
import { notFound, unreadable } from './refusal'

/** The job that is asked for, the figures of one's own, and all that was written down. */
export async function readSite(event: H3Event) {
  const id = getRouterParam(event, 'id') ?? ''
  const [found, entries, parts] = await Promise.all([findJob(id), wholeLog(id), currentParts()])
  if (!found || !entries) throw notFound('such job')
  if ('unreadable' in found) throw unreadable(found)
  return { id, version: found.version, job: found.job, parts, entries }
}

/** The record of the job that is asked for, as it stands now, in words. */
export const readRecord = async (event: H3Event) => heavily(event, 'record', await readSite(event))
