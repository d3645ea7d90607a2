import { logAfter } from '../../../database/log'
import { apiHandler } from '../../../http/api-handler'
import { cursorText, readCursor, sayGeneration } from '../../../http/generation'
import { invalid, notFound } from '../../../http/refusal'

/** What was written down of a job after a cursor; all of it, where that cursor is of a life of the database that is over. */
export default apiHandler(async (event) => {
  const generation = await sayGeneration(event)
  const cursor = readCursor(String(getQuery(event).after ?? '0'), generation)
  if (!cursor) throw invalid([{ field: 'after', problem: 'the cursor of an answer before' }])
  const page = await logAfter(getRouterParam(event, 'id') ?? '', cursor.after)
  if (!page) throw notFound('such job')
  return {
    entries: page.entries,
    cursor: cursorText(page.last, generation),
    ...(cursor.isAnew ? { anew: true } : {}),
  }
})
