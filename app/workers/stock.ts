import loadHighs from 'highs'
import wasm from 'highs/runtime?url'
import { cutStock, type StockProgress } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'
import type { Solver } from '~~/core/cut/solver'
import type { Report } from './report'

let solver: Promise<Solver> | undefined

/** Lays pieces on stock to the end, handing out every better plan on the way; the last one where it is given up. */
export async function stock(question: StockQuestion, report: Report<StockProgress>): Promise<StockProgress> {
  solver ??= loadHighs({ locateFile: () => wasm }).then(highsSolver)
  const search = cutStock(question, await solver)
  let step = search.next()
  while (!step.done && (await report(step.value))) step = search.next()
  return step.value
}
