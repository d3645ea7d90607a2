import type { Entry } from '~~/core/log/entry'

/** So many entries go in one piece. */
const atOnce = 500

export interface LogPiece {
  /** By how many ms the clock that wrote them was ahead; undefined where nobody noted it yet. */
  readonly ahead: number | undefined
  /** Without what the server noted of them: it notes it anew. */
  readonly entries: Omit<Entry, 'arrived' | 'ahead'>[]
}

/**
 * Entries in pieces as they are sent, in their order, each piece of one clock.
 *
 * @remarks for instance: one's own, two by a phone that was five minutes fast, one's own: three pieces
 */
export function inPieces(all: readonly Entry[]): LogPiece[] {
  const pieces: LogPiece[] = []
  for (const { arrived: _, ahead, ...entry } of all) {
    const last = pieces.at(-1)
    if (last && last.ahead === ahead && last.entries.length < atOnce) last.entries.push(entry)
    else pieces.push({ ahead, entries: [entry] })
  }
  return pieces
}
