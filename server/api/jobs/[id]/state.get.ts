import { answering } from '../../../http/answering'
import { heavily } from '../../../http/heavy'
import { readSite } from '../../../http/record'

/** Where a job stands on site: its plan, and all that was written down, added up. */
export default answering(async (event) => {
  const { job, parts, entries } = await readSite(event)
  return heavily(event, 'state', { job, parts, entries })
})
