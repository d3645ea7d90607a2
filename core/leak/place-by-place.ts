import TinyQueue from 'tinyqueue'
import type { SpotCheck } from '../log/leak-check'
import type { Belief, Sought } from './belief'
import { chanceToSee, checksOf, secondsOf } from './checks'
import type { Spot } from './spots'

export interface Candidate {
  readonly which: number
  readonly check: SpotCheck
  /** That it leaks there. */
  readonly chance: number
  readonly seconds: number
  /** Chance of finding it a second. */
  readonly ratio: number
}

/** Of the chances so much may be left unsought when a search is reckoned. */
const leftOver = 0.002
/** s from one place to the next, where a whole search is reckoned; typical. */
const betweenPlaces = 4

/**
 * What finds it soonest at a place: of what can be done there the one with the best chance a second, each once but the
 * surest as often as it takes.
 *
 * @param way seconds to get there
 */
export function candidateAt(
  { spots, loss }: Sought,
  { which, chance, way }: { readonly which: number; readonly chance: number; readonly way: number },
  inVain: readonly SpotCheck[],
): Candidate {
  const spot: Spot = spots[which]!
  const all = checksOf(spot.isHidden, loss.medium)
  const surest = all.at(-1)!
  const rated = all
    .filter((check) => check === surest || !inVain.includes(check))
    .map((check) => {
      const seconds = secondsOf(check, spot.length)
      return { which, check, chance, seconds, ratio: (chance * chanceToSee(check, loss)) / (seconds + way) }
    })
  return rated.reduce((best, of) => (of.ratio > best.ratio ? of : best))
}

/** Place by place, always what finds it soonest by its chance a second: the seconds that are expected of all. */
export function secondsExpected(sought: Sought, { chances, inVain }: Pick<Belief, 'chances' | 'inVain'>): number {
  const at = (which: number, chance: number, done: readonly SpotCheck[]) =>
    candidateAt(sought, { which, chance, way: betweenPlaces }, done)
  const doneAt = (which: number) => inVain.get(sought.spots[which]!.id) ?? []
  const queue = new TinyQueue(
    sought.spots.map((_, which) => at(which, chances[which]!, doneAt(which))),
    (a, b) => b.ratio - a.ratio || a.which - b.which,
  )
  const made = new Map<number, readonly SpotCheck[]>()
  let left = 1
  let expected = 0
  for (let next = queue.pop(); next && left > leftOver && next.ratio > 0; next = queue.pop()) {
    // What has not been found yet has to wait for this check too.
    expected += left * (next.seconds + betweenPlaces)
    const found = next.chance * chanceToSee(next.check, sought.loss)
    left -= found
    const done = [...(made.get(next.which) ?? doneAt(next.which)), next.check]
    made.set(next.which, done)
    queue.push(at(next.which, next.chance - found, done))
  }
  return expected
}
