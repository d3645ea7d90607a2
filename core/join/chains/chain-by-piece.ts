import type { Catalogue } from '../../catalogue/catalogue'
import type { Fitting } from '../../catalogue/fitting'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import type { Costs } from '../../workshop/costs'
import { cheapestChains, type Chain, type ChainEnd } from './chain'
import type { Circumstances } from '../judge'
import { smallerOf, usualForPieces } from './made-up-piece'
import { worstOf } from '../verdict'

/** So many sizes are tried: those between the two pipes, or next to them. */
const mostSizes = 6
/** And so many chains to either side of the piece. */
const mostWays = 2

function copperFor(catalogue: Catalogue, a: Pipe, b: Pipe): Pipe[] {
  /** Those between the two are as far from both together: of them that next to one of the two comes first. */
  const away = ({ od }: Pipe) => {
    const [fromA, fromB] = [Math.abs(od - a.od), Math.abs(od - b.od)]
    return fromA + fromB + Math.min(fromA, fromB) / 100
  }
  return usualForPieces(catalogue)
    .toSorted((one, other) => away(one) - away(other))
    .slice(0, mostSizes)
}

const hundredths = (of: number): number => Math.round(of * 100) / 100

function joined(left: Chain, piece: Pipe, right: Chain): Chain {
  const joints = [...left.joints, ...right.joints]
  return {
    fittings: [...left.fittings, ...right.fittings],
    piece: { after: left.fittings.length, pipe: piece.id, label: piece.label },
    joints,
    verdict: worstOf(joints.map(({ verdict }) => verdict)),
    score: hundredths(left.score + right.score),
    minutes: left.minutes + right.minutes,
    cost: hundredths(left.cost + right.cost),
    hot: left.hot + right.hot,
    tools: [...new Set<MethodId>([...left.tools, ...right.tools])],
  }
}

/** What a chain is put together from, and by whose prices. */
interface SearchedIn {
  readonly catalogue: Catalogue
  readonly fittings: readonly Fitting[]
  readonly costs: Costs
}

/** The two ends, and what is put between them. */
interface Between extends SearchedIn {
  readonly a: ChainEnd
  readonly b: ChainEnd
}

/** Chains through a piece of one pipe. */
function through({ fittings, costs, a, b }: Between, piece: Pipe): Chain[] {
  const between = (circumstances: Circumstances): ChainEnd => ({
    pipe: piece,
    circumstances: { ...circumstances, condition: undefined },
  })
  const lefts = cheapestChains(fittings, a, between(a.circumstances), { wanted: mostWays, costs })
  if (lefts.length === 0) return []
  const rights = cheapestChains(fittings, between(b.circumstances), b, { wanted: mostWays, costs })
  return lefts.flatMap((left) => rights.map((right) => joined(left, piece, right)))
}

/**
 * The next smaller sizes of the two pipes' own systems, to each of which one fitting leads: a size that is made with no
 * thread comes so to one that is.
 */
const reducedSizes = ({ catalogue, fittings, costs, a, b }: Between): Pipe[] =>
  [a, b].flatMap((end) => {
    const reduced = smallerOf(catalogue, end.pipe).find((piece) => {
      const to = { pipe: piece, circumstances: end.circumstances }
      return cheapestChains(fittings, end, to, { wanted: 1, costs })[0]?.fittings.length === 1
    })
    return reduced ?? []
  })

/**
 * Chains from one pipe to another with a short piece between two of their fittings, of copper, else of a smaller size
 * of one of the two systems; cheapest first: the way where fittings alone do not lead from the one to the other.
 *
 * @param wanted how many to give at most
 * @remarks for instance: old 3/4 bore to 25 PEX: a converter to 22, a piece of 22 copper, 22 to 25 PEX
 */
export function chainsByPiece(searched: SearchedIn, a: ChainEnd, b: ChainEnd, wanted: number): Chain[] {
  const of: Between = { ...searched, a, b }
  const byCopper = copperFor(searched.catalogue, a.pipe, b.pipe).flatMap((piece) => through(of, piece))
  const found = byCopper.length > 0 ? byCopper : reducedSizes(of).flatMap((piece) => through(of, piece))
  const seen = new Set<string>()
  return found
    .toSorted((one, other) => one.score - other.score)
    .filter(({ tools }) => {
      // As with chains of fittings alone: what is made in the same ways is one to the plumber.
      const key = tools.toSorted().join(' + ')
      return !seen.has(key) && seen.add(key)
    })
    .slice(0, wanted)
}

/**
 * What stands between the two pipes, in order: the fittings, and the short piece where there is one.
 *
 * @remarks for instance: ['old 3/4 compression × 22 compression converter', 'piece of 22 × 0.9 copper half-hard', '22 press × …']
 */
export function inLine({ fittings, piece }: Pick<Chain, 'fittings' | 'piece'>): string[] {
  const labels = fittings.map(({ label }) => label)
  return piece ? labels.toSpliced(piece.after, 0, `piece of ${piece.label.split(' · ')[0]}`) : labels
}
