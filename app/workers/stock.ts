import { expose } from 'comlink'
import loadHighs from 'highs'
import wasm from 'highs/runtime?url'
import { cutStock, type StockProgress } from '~~/core/cut/cut-stock'
import type { StockQuestion } from '~~/core/cut/cutting-problem'
import { highsSolver } from '~~/core/cut/highs-solver'

const loading = loadHighs({ locateFile: () => wasm }).then(highsSolver)

const stockWorker = {
  /** Searches to the end, handing out every better plan on the way. */
  async search(question: StockQuestion, report: (progress: StockProgress) => void): Promise<StockProgress> {
    const search = cutStock(question, await loading)
    for (let step = search.next(); ; step = search.next()) {
      if (step.done) return step.value
      report(step.value)
    }
  },
}
export type StockWorker = typeof stockWorker

expose(stockWorker)
