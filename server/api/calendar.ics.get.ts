import { visitsBetween } from '../database/visits'
import { apiHandler } from '../http/api-handler'
import { calendarOf } from '../http/calendar'

/** Days of visits that are over and still in the calendar. */
const back = 60
const last = '9999-12-31'

/** The visits of all jobs as a calendar that others can subscribe to. */
export default apiHandler(async (event) => {
  const from = new Date(Date.now() - back * 86_400_000).toISOString().slice(0, 10)
  setHeader(event, 'Content-Type', 'text/calendar; charset=utf-8')
  return calendarOf(await visitsBetween(from, last))
})
