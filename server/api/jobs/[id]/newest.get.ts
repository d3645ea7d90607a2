import { newestOf } from '../../../database/newest'
import { apiHandler } from '../../../http/api-handler'
import { cursorText, sayGeneration } from '../../../http/generation'
import { notFound } from '../../../http/refusal'

/** Whether anything of a job is new, in one short answer: an open page asks it every few seconds, and nothing else. */
export default apiHandler(async (event) => {
  const generation = await sayGeneration(event)
  const newest = await newestOf(getRouterParam(event, 'id') ?? '')
  if (!newest) throw notFound('such job')
  const { version, entry, rack } = newest
  return { version, log: cursorText(entry, generation), rack }
})
