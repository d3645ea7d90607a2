import type { PlanPiece } from '../pipework/planned'

/**
 * Bare pipe between the mouths of the fittings at a piece's two ends, in mm: its cut length less both insertions. Below
 * nought the piece does not even go into both.
 *
 * @returns null where the cut length or an insertion is not known
 * @remarks for instance: a piece of 60 that goes in 15.4 and 23.5 leaves 21.1
 */
export function barePipe({ cut, ends: [first, last] }: Pick<PlanPiece, 'cut' | 'ends'>): number | null {
  if (cut === null || first.insertion === null || last.insertion === null) return null
  return cut - first.insertion - last.insertion
}
