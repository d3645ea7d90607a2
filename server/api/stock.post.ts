import { setImmediate as breathe } from 'node:timers/promises'
import loadHighs from 'highs'
import { cutStock, type StockProgress } from '~~/core/cut/cut-stock'
import { highsSolver } from '~~/core/cut/highs-solver'
import { stockQuestionSchema } from '~~/core/cut/rack'
import type { Solver } from '~~/core/cut/solver'
import { fieldProblems } from '~~/core/job/read-job'
import { answering } from '../http/answering'
import { readJson } from '../http/body'
import { invalid } from '../http/refusal'

let loading: Promise<Solver> | undefined
const longestMs = 20_000

/** Pieces laid on stock; the best plan after twenty seconds where the search takes longer. */
export default answering(async (event): Promise<StockProgress> => {
  const body = stockQuestionSchema.safeParse(await readJson(event))
  if (!body.success) throw invalid(fieldProblems(body.error))
  loading ??= loadHighs().then(highsSolver)
  const search = cutStock(body.data, await loading)
  const start = Date.now()
  let step = search.next()
  // Others are answered between two steps.
  while (!step.done && Date.now() - start < longestMs && !event.node.req.socket.destroyed) {
    await breathe()
    step = search.next()
  }
  return step.value
})
