import { endIdentity, isInLine, matingKey, ownKey, type Fitting, type FittingEnd } from '../../catalogue/fitting'
import type { Costs } from '../../workshop/costs'
import { fittingScore } from './chain-score'
import { fittingPrice } from '../price'

/** A fitting in line, with all that a search asks of it. */
export interface TwoEnded {
  readonly fitting: Fitting
  readonly ends: readonly [FittingEnd, FittingEnd]
  readonly price: number
  /** What it adds to a chain's score. */
  readonly score: number
  /** The keys of its ends, and of what goes on them; made once, as a search asks for them thousands of times. */
  readonly own: readonly [string, string]
  readonly mating: readonly [string, string]
}

/** The fittings that a search needs, and which of their ends take what. */
export interface EndIndex {
  readonly fittings: readonly TwoEnded[]
  readonly byKey: ReadonlyMap<string, readonly (readonly [TwoEnded, 0 | 1])[]>
}

const indexes = new WeakMap<readonly Fitting[], WeakMap<Costs, EndIndex>>()

/** Of fittings with the same two ends only the cheapest can stand in a cheapest chain. */
function cheapestByEnds(fittings: readonly Fitting[], costs: Costs): TwoEnded[] {
  const cheapest = new Map<string, TwoEnded>()
  for (const fitting of fittings) {
    if (!isInLine(fitting)) continue
    const [first, last] = fitting.ends
    const price = fittingPrice(fitting, costs)
    const key = [endIdentity(first), endIdentity(last)].sort().join(' | ')
    const known = cheapest.get(key)
    if (!known || price < known.price) {
      const own = [ownKey(first), ownKey(last)] as const
      const mating = [matingKey(first), matingKey(last)] as const
      cheapest.set(key, { fitting, ends: [first, last], price, score: fittingScore(fitting, price), own, mating })
    }
  }
  return [...cheapest.values()]
}

/** The fittings with the keys of their ends, made once for each list of fittings and prices. */
export function indexOf(fittings: readonly Fitting[], costs: Costs): EndIndex {
  const ofFittings = indexes.get(fittings) ?? new WeakMap<Costs, EndIndex>()
  indexes.set(fittings, ofFittings)
  const known = ofFittings.get(costs)
  if (known) return known
  const usable = cheapestByEnds(fittings, costs)
  const byKey = new Map<string, [TwoEnded, 0 | 1][]>()
  for (const fitting of usable) {
    for (const side of [0, 1] as const) {
      const key = fitting.own[side]
      const listed = byKey.get(key)
      if (listed) listed.push([fitting, side])
      else byKey.set(key, [[fitting, side]])
    }
  }
  const index = { fittings: usable, byKey }
  ofFittings.set(costs, index)
  return index
}
