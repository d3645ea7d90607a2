import type { Pipe } from '../catalogue/pipe'
import { weightPerMetre } from '../catalogue/weight'
import type { Bar } from './stock'

export interface Waste {
  /** Length that serves no more: offcuts not worth keeping, and what the cuts take, in mm. */
  readonly mm: number
  /** What that weighs, in kg; typical where the density is. */
  readonly kg: number
}

/**
 * What is thrown away when bars are cut: what is neither a piece nor an offcut worth keeping.
 *
 * @param keep the least offcut that is worth keeping, in mm
 * @example wasteOf([{ length: 3000, pieces: [{ id: '1', length: 2800 }], rest: 200 }], 300, copper22).mm // 200
 */
export function wasteOf(bars: readonly Bar[], keep: number, pipe: Pipe): Waste {
  const mm = bars.reduce((sum, { length, pieces, rest }) => {
    const used = pieces.reduce((all, piece) => all + piece.length, 0)
    return sum + length - used - (rest >= keep ? rest : 0)
  }, 0)
  return { mm, kg: (mm / 1000) * weightPerMetre(pipe) }
}
