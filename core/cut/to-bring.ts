import type { PipeStock } from './lay-pieces'
import type { Bar } from './stock'

/** New lengths of one pipe that are to be brought. */
export interface StockToBring {
  /** The pipe's id. */
  readonly pipe: string
  readonly label: string
  readonly count: number
  /** Of each, in mm. */
  readonly length: number
}

/**
 * How many new lengths of each pipe the work takes, as its pieces are laid; what comes off the rack is not among them.
 *
 * @param laid how the pieces of a pipe are laid where a better way than the plan's own was found, by pipe
 * @remarks for instance: 22 copper laid on two bars of 3000, one of them an offcut: one length of 3000
 */
export const stockToBring = (stock: readonly PipeStock[], laid: ReadonlyMap<string, readonly Bar[]>): StockToBring[] =>
  stock
    .map(({ pipe, label, length, bars }) => ({
      pipe,
      label,
      length,
      count: (laid.get(pipe) ?? bars).filter(({ offcut }) => offcut === undefined).length,
    }))
    .filter(({ count }) => count > 0)
