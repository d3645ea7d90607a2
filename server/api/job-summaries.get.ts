import { listSummaries, type ListCursor } from '../database/job-summaries'
import { answering } from '../http/answering'
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

/** The list of jobs by pages: where each stands, without its whole document. */
export default answering(async (event) => {
  const { jobs, next } = await listSummaries(onPage, readCursor(getQuery(event).after))
  return { jobs, next: next ? `${next.updatedAt.toISOString()} ${next.id}` : null }
})
