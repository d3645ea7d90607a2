import { currentParts } from '../database/parts'
import { answering } from '../http/answering'
import { heavily } from '../http/heavy'
import { readJobBody } from '../http/job-body'

export default answering(async (event) => {
  const job = await readJobBody(event)
  return heavily(event, 'plan', { job, parts: await currentParts() })
})
