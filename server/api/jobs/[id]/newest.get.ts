import { newestOf } from '../../../database/newest'
import { answering } from '../../../http/answering'
import { cursorText, sayGeneration } from '../../../http/generation'
import { notFound } from '../../../http/refusal'

/** Whether anything of a job is new, in one short answer: an open page asks it every few seconds, and nothing else. */
export default answering(async (event) => {
  const generation = await sayGeneration(event)
  const newest = await newestOf(getRouterParam(event, 'id') ?? '')
  if (!newest) throw notFound('such job')
  const { version, entry, rack } = newest
  return { version, log: cursorText(entry, generation), rack }
})
