import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { answerOf, jsonText, readSite } from '../../../http/record'

/** Where a job stands on site: its plan, and all that was written down, added up. */
export default apiHandler(async (event) => {
  const site = await readSite(event)
  return jsonText(event, answerOf(site, await heavily(event, 'state', site)))
})
