import type { Bar } from '../cut/stock'

/** A piece on a drawn bar, as shares of the bar's length. */
export interface BarPart {
  readonly id: string
  readonly from: number
  readonly share: number
  readonly length: number
}

/** A stock length drawn to scale: its pieces in order of cutting, then what is left. */
export function drawBar({ length, pieces, rest }: Bar): {
  readonly parts: readonly BarPart[]
  readonly restShare: number
} {
  let from = 0
  const parts = pieces.map((piece) => {
    const part = { id: piece.id, from: from / length, share: piece.length / length, length: piece.length }
    from += piece.length
    return part
  })
  return { parts, restShare: rest / length }
}
