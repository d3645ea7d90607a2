import { saveJob } from '../../database/jobs'
import { answering } from '../../http/answering'
import { readSaveBody } from '../../http/job-body'
import { notFound, refusal } from '../../http/refusal'

export default answering(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  const { version, job } = await readSaveBody(event)
  const saved = await saveJob(id, version, job)
  if (saved.outcome === 'missing') throw notFound(`job “${id}”`)
  if (saved.outcome === 'saved') return saved.stored
  throw refusal(409, {
    error: 'conflict',
    message: `Another save came first: version ${saved.stored.version}.`,
    ...saved.stored,
  })
})
