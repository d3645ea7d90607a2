import { groupBy } from '../quantity/group-by'
import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { layOnStock, type StockPiece, type StockPlan } from './stock'
import { usualStockLength } from './stock-length'

export interface PipeStock extends StockPlan {
  /** The pipe's id. */
  readonly pipe: string
  readonly label: string
  /** The stock length that the pieces are laid on, in mm. */
  readonly length: number
  /** What is to be laid. */
  readonly pieces: readonly StockPiece[]
  /** Pieces that have no cut length yet and are not laid. */
  readonly unknown: readonly string[]
}

interface CutPiece {
  readonly id: string
  readonly pipe: string
  readonly blank: number | null
}

/** The job's pieces laid onto the stock lengths of their pipes. */
export function layPieces(catalogue: Catalogue, pieces: readonly CutPiece[], stock: Job['stock']): PipeStock[] {
  return [...groupBy(pieces, ({ pipe }) => pipe)].map(([pipeId, group]) => {
    const pipe = catalogue.pipe(pipeId)!
    const known = group.flatMap(({ id, blank }) => (blank && blank > 0 ? [{ id, length: blank }] : []))
    const unknown = group.filter(({ blank }) => (blank ?? 0) <= 0).map(({ id }) => id)
    const length = stock?.lengths[pipeId] ?? usualStockLength(pipe)
    return {
      pipe: pipeId,
      label: pipe.label,
      length,
      pieces: known,
      ...layOnStock(known, length, stock?.kerf ?? 0),
      unknown,
    }
  })
}
