import type { H3Event } from 'h3'
import type { Job } from '~~/core/job/job'
import { createJob, findJob, saveJob, type StoredJob } from '../../database/jobs'
import { heldGeneration } from '../../database/backup/generation'
import { apiHandler } from '../../http/api-handler'
import { generationHeader, isOfAnother, sayGeneration } from '../../http/generation'
import { readSaveBody } from '../../http/body/job-body'
import { once } from '../../http/once'
import { invalid, notFound, refusal, type Refusal } from '../../http/refusal'
import { summariseSoon } from '../../http/summaries'

const uuid = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/

/** Undoes the transaction of a save that is not taken. */
class Superseded extends Error {}

/** Another save came first, or there is nothing to save to. */
async function refused(event: H3Event, id: string): Promise<Refusal> {
  await sayGeneration(event)
  const newer = await findJob(id)
  // What stands there and cannot be read is no version to choose from.
  if (!newer || !('job' in newer)) return notFound(`job “${id}”`)
  return refusal(409, {
    error: 'conflict',
    message: `Another save came first: version ${newer.version}.`,
    ...newer,
  })
}

/** Saves a job from the version that it was made from; from version 0 it begins one under an id made elsewhere. */
export default apiHandler(async (event): Promise<StoredJob> => {
  const id = getRouterParam(event, 'id') ?? ''
  const { version, job }: { version: number; job: Job } = await readSaveBody(event)
  if (version === 0 && !uuid.test(id))
    throw invalid([{ field: 'id', problem: 'a job is begun under an id that nothing else has: a lower-case UUID' }])
  const isTaken = await once(event, { version, job }, async (transaction) => {
    const generation = await heldGeneration(transaction)
    setHeader(event, generationHeader, generation)
    // A version of a life that is over says nothing of the text that stands there now.
    if (version > 0 && isOfAnother(event, generation)) throw new Superseded()
    const isFree = version === 0 ? await createJob(transaction, id, job) : await saveJob(transaction, id, version, job)
    if (!isFree) throw new Superseded()
    return true
  }).catch((error: unknown) => {
    if (error instanceof Superseded) return false
    throw error
  })
  if (!isTaken) throw await refused(event, id)
  summariseSoon(id)
  return { id, version: version + 1, job }
})
