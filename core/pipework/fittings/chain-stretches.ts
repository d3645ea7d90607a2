import type { Catalogue } from '../../catalogue/catalogue'
import { chainLength, fittingNamed } from '../../catalogue/chain-length'
import { isInLine, meetingOf, type Fitting, type FittingEnd } from '../../catalogue/fitting'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import { madeUpPiece, type MadeUpPiece } from '../../join/chains/made-up-piece'
import type { Figure } from '../../quantity/basis'

/** Fittings in line that go one in the other; between two stretches a short piece stands. */
export interface Stretch {
  readonly fittings: readonly string[]
  readonly length: Figure
  /** The methods at its end that looks back along the chain, and at the one that looks on. */
  readonly methods: readonly [MethodId, MethodId]
  /** What leads to it from what stands before; null where that is no piece of this chain. */
  readonly piece: MadeUpPiece | null
}

/** The end of a chain's fitting that looks back along the chain, and the one that looks on. */
export function inOrder(chain: readonly (Fitting | undefined)[], index: number): readonly [number, number] {
  const [before, fitting, next] = [chain[index - 1], chain[index], chain[index + 1]]
  if (!fitting) return [0, 1]
  const meets = (other: Fitting, end: number): boolean =>
    meetingOf({ ...fitting, ends: [fitting.ends[end]!] }, other) !== null
  if (before) return meets(before, 0) ? [0, 1] : [1, 0]
  return next && meets(next, 0) && !meets(next, 1) ? [1, 0] : [0, 1]
}

/** The chain in groups of which each fitting goes in the next; null where the catalogue does not know one of them. */
function grouped(ids: readonly string[]): Fitting[][] | null {
  const groups: Fitting[][] = []
  for (const id of ids) {
    const fitting = fittingNamed(id)
    if (!fitting || !isInLine(fitting)) return null
    const last = groups.at(-1)
    if (last && meetingOf(last.at(-1)!, fitting)) last.push(fitting)
    else groups.push([fitting])
  }
  return groups
}

/** The ends of a group that look back and on: one fitting by itself may stand either way. */
function waysOf(group: readonly Fitting[]): (readonly [FittingEnd, FittingEnd])[] {
  const [first, last] = [group[0]!, group.at(-1)!]
  if (first === last) {
    const [one, other] = first.ends
    return [
      [one!, other!],
      [other!, one!],
    ]
  }
  return [[first.ends[inOrder(group, 0)[0]]!, last.ends[inOrder(group, group.length - 1)[1]]!]]
}

const methodOf = (end: FittingEnd): MethodId => (end.type === 'thread' ? 'thread' : end.socket.method)

/**
 * A chain of fittings as it stands in line: in stretches that go one in the other, and where two sockets face each other
 * the piece of pipe between.
 *
 * @param open the end that the chain begins in; null where it begins with pipe
 * @param takes whether an end takes what comes before the chain, and what comes after it
 * @param near pipes that are there anyway
 * @returns null where a figure is missing, or no pipe goes into two ends that face each other
 */
export function chainStretches(
  catalogue: Catalogue,
  ids: readonly string[],
  {
    open,
    takes,
    near,
  }: {
    readonly open: FittingEnd | null
    readonly takes: { readonly back: (end: FittingEnd) => boolean; readonly on: (end: FittingEnd) => boolean }
    readonly near: readonly Pipe[]
  },
): Stretch[] | null {
  const groups = grouped(ids)
  const settle = (before: FittingEnd | null, at: number): Stretch[] | null => {
    const group = groups![at]
    if (!group) return []
    const length = chainLength(catalogue, group)
    if (!length) return null
    for (const [back, on] of waysOf(group)) {
      const piece = before && madeUpPiece(catalogue, before, back, near)
      if (before ? !piece : !takes.back(back)) continue
      if (at === groups!.length - 1 && !takes.on(on)) continue
      const others = settle(on, at + 1)
      if (others)
        return [
          { fittings: group.map(({ id }) => id), length, methods: [methodOf(back), methodOf(on)], piece },
          ...others,
        ]
    }
    return null
  }
  return groups && settle(open, 0)
}
