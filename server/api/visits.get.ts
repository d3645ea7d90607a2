import * as z from 'zod'
import { visitSchema } from '~~/core/job/visit-schema'
import { visitsBetween } from '../database/visits'
import { apiHandler } from '../http/api-handler'
import { invalid } from '../http/refusal'

const askedSchema = z.object({ from: visitSchema.shape.on, to: visitSchema.shape.on })

/** The visits of all jobs from one day to another: `?from=2026-12-01&to=2026-12-07`. */
export default apiHandler(async (event) => {
  const asked = askedSchema.safeParse(getQuery(event))
  if (!asked.success)
    throw invalid(asked.error.issues.map(({ path, message }) => ({ field: String(path[0]), problem: message })))
  return { visits: await visitsBetween(asked.data.from, asked.data.to) }
})
