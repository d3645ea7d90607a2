import { findJob, versionOf } from '../../database/jobs'
import { apiHandler } from '../../http/api-handler'
import { sayGeneration } from '../../http/generation'
import { notFound, unreadable } from '../../http/refusal'

const tagOf = (version: number, generation: string): string => `"${version}.${generation.slice(0, 8)}"`

/** A job; with `If-None-Match` it is answered only when its version is another, so that one may ask every few seconds. */
export default apiHandler(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  const generation = await sayGeneration(event)
  const known = getHeader(event, 'if-none-match')
  if (known !== undefined) {
    const version = await versionOf(id)
    if (version !== null && tagOf(version, generation) === known) {
      setResponseStatus(event, 304)
      return null
    }
  }
  const found = await findJob(id)
  if (!found) throw notFound(`job “${id}”`)
  if ('unreadable' in found) throw unreadable(found)
  setHeader(event, 'ETag', tagOf(found.version, generation))
  return found
})
