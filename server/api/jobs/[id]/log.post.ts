import { entriesSchema } from '~~/core/log/entry'
import { addEntries } from '../../../database/log'
import { answering } from '../../../http/answering'
import { readAs } from '../../../http/body'
import { invalid, notFound } from '../../../http/refusal'
import { sealHandOver } from '../../../http/hand-over'
import { problemsAgainst, saidProblems } from '../../../http/log-body'
import { namedBy } from '../../../http/named'
import { inTransaction } from '../../../database/transaction'

/** Adds entries to a job's log, all or none. Each has an id of its own: one that comes again stands there once. */
export default answering(async (event) => {
  const { entries } = await readAs(event, entriesSchema)
  const job = getRouterParam(event, 'id') ?? ''
  const problems = saidProblems(entries, Date.now())
  if (problems.length > 0) throw invalid(problems)
  const named = await namedBy(job, entries)
  const isThere = await inTransaction((transaction) =>
    addEntries(transaction, job, entries, (held, version) => {
      const found = problemsAgainst(entries, { job, version, held, named })
      if (found.length > 0) throw invalid(found)
    }),
  )
  if (!isThere) throw notFound('such job')
  const handedOver = entries.findLast(({ kind }) => kind === 'handed-over')
  if (handedOver) await sealHandOver(event, handedOver)
  setResponseStatus(event, 201)
  return { entries: entries.map(({ id }) => id) }
})
