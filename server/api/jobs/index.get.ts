import { Readable } from 'node:stream'
import { listJobs, type ListedJob } from '../../database/jobs'
import { apiHandler } from '../../http/api-handler'

type Batch = readonly ListedJob[]

/** The jobs as a JSON array, written as they are read. */
async function* arrayOf(first: IteratorResult<Batch>, rest: AsyncGenerator<Batch>): AsyncGenerator<string> {
  let before = '['
  function textOf(batch: Batch): string {
    if (batch.length === 0) return ''
    const text = before + JSON.stringify(batch).slice(1, -1)
    before = ','
    return text
  }
  if (!first.done) {
    yield textOf(first.value)
    for await (const batch of rest) yield textOf(batch)
  }
  yield before === '[' ? '[]' : ']'
}

/** All jobs, the one saved last first: thousands of them hold up nobody else. */
export default apiHandler(async (event) => {
  const jobs = listJobs()
  // Read before anything is answered: a database that is away is said with its status.
  const first = await jobs.next()
  setHeader(event, 'Content-Type', 'application/json')
  return sendStream(event, Readable.from(arrayOf(first, jobs)))
})
