import { entriesSchema } from '~~/core/log/entry'
import { heldGeneration } from '../../../database/backup/generation'
import { addEntries } from '../../../database/log'
import { apiHandler } from '../../../http/api-handler'
import { readAs } from '../../../http/body/body'
import { invalid, notFound } from '../../../http/refusal'
import { generationHeader, isOfAnother } from '../../../http/generation'
import { sealHandOver } from '../../../http/hand-over'
import { problemsAgainst, unknownEntryFields } from '../../../http/body/log-body'
import { namedBy } from '../../../http/named'
import { inTransaction } from '../../../database/connection/transaction'
import { summariseSoon } from '../../../http/summaries'

/** Adds entries to a job's log, all or none. Each has an id of its own: one that comes again stands there once. */
export default apiHandler(async (event) => {
  const { entries, sentAt } = await readAs(event, entriesSchema)
  const job = getRouterParam(event, 'id') ?? ''
  const problems = unknownEntryFields(entries)
  if (problems.length > 0) throw invalid(problems)
  const at = new Date()
  const came = { at, ahead: sentAt === undefined ? null : Date.parse(sentAt) - at.getTime() }
  const named = await namedBy(job, entries)
  const isThere = await inTransaction(async (transaction) => {
    // Held from here on: with a restore in between, versions would be taken for those of another life.
    const generation = await heldGeneration(transaction)
    setHeader(event, generationHeader, generation)
    const added = await addEntries(transaction, job, { entries, came }, (held, version) => {
      const isVersionKnown = !isOfAnother(event, generation)
      const found = problemsAgainst(entries, { job, version, isVersionKnown, held, named })
      if (found.length > 0) throw invalid(found)
    })
    // Sealed with it or not written at all: a hand-over without its record would be none.
    const handedOver = added?.findLast(({ kind }) => kind === 'handed-over')
    if (added && handedOver) await sealHandOver(event, transaction, handedOver, added)
    return added !== null
  })
  if (!isThere) throw notFound('such job')
  summariseSoon(job)
  setResponseStatus(event, 201)
  return { entries: entries.map(({ id }) => id), arrived: at.toISOString(), ahead: came.ahead }
})
