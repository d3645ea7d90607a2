import type { EventHandler, H3Event } from 'h3'
import { errorCode } from '../database/connection/error-code'
import { noneFree } from '../database/connection/limit-waiting'
import { Cancelled } from '../work/work-pool'
import { Refusal } from './refusal'

/** What the driver reports when the server is away, starting or going down. */
const awayCodes = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  'PROTOCOL_CONNECTION_LOST',
  'ER_SERVER_SHUTDOWN',
  'ER_CON_COUNT_ERROR',
  'ENOENT',
])

/** What the database reports when its disk is full: it takes nothing more until there is room. */
const fullCodes = new Set([
  'ER_DISK_FULL',
  'ER_RECORD_FILE_FULL',
  'ER_ERROR_ON_WRITE',
  'ER_CANT_CREATE_FILE',
  'ER_TEMP_FILE_WRITE_FAILURE',
])

function isDatabaseAway(error: unknown): boolean {
  for (let at: unknown = error; at instanceof Error; at = at.cause) {
    const code = (at as { code?: unknown }).code
    if (typeof code === 'string' && awayCodes.has(code)) return true
    if (/closed state|connection is in closed/i.test(at.message)) return true
  }
  return false
}

/** A handler whose refusals, and a database that is away, are answered in one form. */
export function apiHandler<Answer>(handle: (event: H3Event) => Promise<Answer> | Answer): EventHandler {
  return defineEventHandler(async (event) => {
    try {
      return await handle(event)
    } catch (error) {
      if (error instanceof Refusal) {
        setResponseStatus(event, error.status)
        return error.body
      }
      if (error instanceof Cancelled) return null
      if (errorCode(error) === noneFree) {
        setHeader(event, 'Retry-After', 5)
        setResponseStatus(event, 503)
        return { error: 'database', message: 'Too much is asked of the database just now; nothing was saved.' }
      }
      if (isDatabaseAway(error)) {
        setResponseStatus(event, 503)
        return {
          error: 'database',
          message: 'The database is not reachable; nothing was saved. Try again in a moment.',
        }
      }
      if (fullCodes.has(errorCode(error))) {
        setResponseStatus(event, 503)
        return {
          error: 'database',
          message: 'The database’s disk is full; nothing was saved. It goes on when there is room.',
        }
      }
      console.error(error)
      setResponseStatus(event, 500)
      return { error: 'internal', message: 'Something went wrong here; nothing was saved.' }
    }
  })
}
