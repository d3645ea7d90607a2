import { currentParts } from '../database/parts'
import { apiHandler } from '../http/api-handler'
import { readText } from '../http/body/body'
import { heavily } from '../http/heavy'
import { jsonText } from '../http/record'
import { invalid } from '../http/refusal'

/** The plan of a job file; read, planned and written on a thread. */
export default apiHandler(async (event) => {
  const text = await readText(event)
  const told = await heavily(event, 'plan', { text, parts: await currentParts() })
  if ('fields' in told) throw invalid(told.fields)
  return jsonText(event, told.answer)
})
