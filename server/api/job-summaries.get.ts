import { listSummaries, type ListCursor } from '../database/job-summaries'
import { apiHandler } from '../http/api-handler'
import { summariseNow } from '../http/summaries'
import { invalid } from '../http/refusal'

const onPage = 30

/** A place in the list, as the page before gave it: a time and a job's id. */
function readCursor(after: unknown): ListCursor | null {
  if (after === undefined) return null
  const [time = '', id = ''] = typeof after === 'string' ? after.split(' ') : []
  const updatedAt = new Date(time)
  if (Number.isNaN(updatedAt.getTime()) || id === '')
    throw invalid([{ field: 'after', problem: 'what the page before gave as `next`' }])
  return { updatedAt, id }
}

/** So long the list waits for where a job stands to be worked out beside, in ms. */
const patience = 400

/** The list of jobs by pages: where each stands, without its whole document; `pending` where that is not known yet. */
export default apiHandler(async (event) => {
  const cursor = readCursor(getQuery(event).after)
  const known = await listSummaries(onPage, cursor)
  const pending = known.jobs.filter((job) => 'pending' in job).map(({ id }) => id)
  if (pending.length > 0) await summariseNow(pending, patience)
  const { jobs, next } = pending.length > 0 ? await listSummaries(onPage, cursor) : known
  return { jobs, next: next ? `${next.updatedAt.toISOString()} ${next.id}` : null }
})
