import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { answerOf, readSite } from '../../../http/record'

/** The readings of a record's tests as a table. */
export default apiHandler(async (event) => {
  const site = await readSite(event)
  const table = answerOf(site, await heavily(event, 'testsCsv', site))
  setHeader(event, 'Content-Type', 'text/csv; charset=utf-8')
  return table
})
