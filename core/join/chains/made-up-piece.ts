import { materialKey } from '../../materials'
import { thousandths } from '../../quantity/thousandths'
import type { Catalogue } from '../../catalogue/catalogue'
import { fitsBySize } from '../../catalogue/fit'
import type { FittingEnd } from '../../catalogue/fitting'
import type { Pipe } from '../../catalogue/pipe'
import { toolSpace } from '../../catalogue/tool-space'
import type { Figure } from '../../quantity/basis'
import { tableFinding } from '../method-table'

/** A short piece of pipe between two sockets that face each other. */
export interface MadeUpPiece {
  readonly pipe: Pipe
  /** Its cut length, in mm. */
  readonly cut: number
}

/** Bare pipe left between two mouths where no tool asks for more, in mm: room to see both. Typical. */
const leastBare = 5

/** What short pieces are usually cut from: hard copper, one pipe of each size, of thick wall only where there is no other. */
export function usualForPieces({ pipes }: Catalogue): Pipe[] {
  const copper = pipes.filter(isUsual)
  const bySize = new Map<string, Pipe>()
  for (const pipe of copper.toSorted((a, b) => Number(a.grade === 'K') - Number(b.grade === 'K'))) {
    const size = `${pipe.family} ${pipe.od}`
    if (!bySize.has(size)) bySize.set(size, pipe)
  }
  return [...bySize.values()]
}

/** Smaller pipe of the same system: of one material, standard and grade, the largest first. */
export const smallerOf = ({ pipes }: Catalogue, { material, standard, grade, od }: Pipe): Pipe[] =>
  pipes
    .filter((of) => of.material === material && of.standard === standard && of.grade === grade && of.od < od)
    .toSorted((one, other) => other.od - one.od)

const isUsual = (pipe: Pipe): boolean => materialKey(pipe) === 'copper-hard' && pipe.family !== 'old-bore'

/** Whether a pipe is at home in an end of a fitting: by size, and by its method without reservation. */
const isAtHome = (pipe: Pipe, end: FittingEnd): boolean =>
  end.type === 'socket' && fitsBySize(pipe, end.socket) && tableFinding(end.socket.method, pipe).verdict === 'fits'

/** How far a pipe goes into an end, by the figures in use; null where nobody knows. */
function depthIn(catalogue: Catalogue, pipe: Pipe, end: FittingEnd): Figure | null {
  if (end.type !== 'socket') return null
  return catalogue.socketFor(end.socket.method, pipe)?.insertion ?? end.socket.insertion
}

/** Half of the room between two mouths that the tool of an end's method takes for itself, in mm. */
const toolShare = (pipe: Pipe, end: FittingEnd): number =>
  end.type === 'socket' ? (toolSpace(end.socket.method, pipe.od)?.mouths ?? 0) / 2 : 0

/**
 * The piece of pipe between two sockets that face each other: both depths, and the bare pipe that their tools want
 * between the two mouths, at least 5 mm. Its pipe is one of those at hand if both sockets take it, else a smaller one of
 * the same system, else copper, else the first of the catalogue that both do.
 *
 * @param near pipes that are there anyway, the likeliest first
 * @returns null where no pipe is at home in both, or a depth is not known
 * @remarks for instance: 22 solder and 22 press on 22 copper: 15.4 and 23, half of the jaw's 20 between: 48.4
 */
export function madeUpPiece(
  catalogue: Catalogue,
  one: FittingEnd,
  other: FittingEnd,
  near: readonly Pipe[],
): MadeUpPiece | null {
  const ofTheirs = near.flatMap((of) => smallerOf(catalogue, of))
  const pipe = [...near, ...ofTheirs, ...usualForPieces(catalogue), ...catalogue.pipes].find(
    (of) => isAtHome(of, one) && isAtHome(of, other),
  )
  if (!pipe) return null
  const depths = [depthIn(catalogue, pipe, one), depthIn(catalogue, pipe, other)]
  const [first, last] = depths
  if (!first || !last) return null
  const bare = Math.max(leastBare, toolShare(pipe, one) + toolShare(pipe, other))
  return { pipe, cut: thousandths(first.mm + bare + last.mm) }
}
