/** A piece to be cut from stock. */
export interface StockPiece {
  readonly id: string
  /** Cut length in mm, above 0. */
  readonly length: number
}

/** One stock length with the pieces laid on it, in order of cutting. */
export interface Bar {
  readonly length: number
  readonly pieces: readonly StockPiece[]
  /** What remains after the last cut, in mm. */
  readonly rest: number
  /** The offcut from the rack that it is; a new length where there is none. */
  readonly offcut?: string
}

export interface StockPlan {
  readonly bars: readonly Bar[]
  /** Pieces longer than a stock length: they need a coupling. */
  readonly tooLong: readonly StockPiece[]
}

/** Sums of thousandths of a millimetre must not turn a piece away. */
const rounding = 1e-6

/**
 * Lays pieces onto stock lengths, longest first, each on the first bar that still takes it (first-fit decreasing).
 *
 * Never more than 11/9 of the fewest bars, plus one (Johnson 1973).
 *
 * @param barLength stock length in mm, above 0
 * @param kerf what a cut takes, in mm; 0 for a wheel cutter
 * @throws RangeError when the stock length is not above nought or the kerf is negative
 * @example layOnStock([{ id: 'a', length: 1500 }, { id: 'b', length: 1500 }], 3000, 0).bars.length // 1
 */
export function layOnStock(pieces: readonly StockPiece[], barLength: number, kerf: number): StockPlan {
  if (!(barLength > 0)) throw new RangeError('a stock length is more than 0 mm')
  if (!(kerf >= 0)) throw new RangeError('a kerf is 0 mm or more')
  const bars: { pieces: StockPiece[]; left: number }[] = []
  const tooLong = pieces.filter(({ length }) => length > barLength)
  const placeable = pieces.filter(({ length }) => length <= barLength).sort((a, b) => b.length - a.length)
  const shortest = placeable.at(-1)?.length ?? 0
  let firstOpen = 0
  for (const piece of placeable) {
    // What takes not even the shortest piece is not asked again.
    while (firstOpen < bars.length && bars[firstOpen]!.left + rounding < shortest) firstOpen += 1
    let at = firstOpen
    while (at < bars.length && bars[at]!.left + rounding < piece.length) at += 1
    const bar = (bars[at] ??= { pieces: [], left: barLength })
    bar.pieces.push(piece)
    // The cut that frees the piece; the last piece of a bar may end with it and needs none.
    bar.left -= piece.length + kerf
  }
  return {
    bars: bars.map(({ pieces: laid, left }) => ({ length: barLength, pieces: laid, rest: Math.max(0, left) })),
    tooLong,
  }
}
