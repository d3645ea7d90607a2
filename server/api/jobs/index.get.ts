import { Readable } from 'node:stream'
import { listJobs, type ListedJob } from '../../database/jobs'
import { answering } from '../../http/answering'

/** The jobs as a JSON array, written as they are read. */
async function* arrayOf(first: IteratorResult<ListedJob>, rest: AsyncGenerator<ListedJob>): AsyncGenerator<string> {
  yield first.done ? '[' : `[${JSON.stringify(first.value)}`
  if (!first.done) for await (const job of rest) yield `,${JSON.stringify(job)}`
  yield ']'
}

/** All jobs, the one saved last first: thousands of them hold up nobody else. */
export default answering(async (event) => {
  const jobs = listJobs()
  // Read before anything is answered: a database that is away is said with its status.
  const first = await jobs.next()
  setHeader(event, 'Content-Type', 'application/json')
  return sendStream(event, Readable.from(arrayOf(first, jobs)))
})
