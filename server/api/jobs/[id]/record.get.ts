import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { answerOf, jsonText, readSite } from '../../../http/record'

/** The record as it stands: what is missing stands at its head. */
export default apiHandler(async (event) => {
  const site = await readSite(event)
  return jsonText(event, answerOf(site, await heavily(event, 'record', site)))
})
