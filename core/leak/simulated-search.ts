import { everywhere, type CheckResult, type SpotCheck } from '../log/leak-check'
import type { Sought } from './belief'
import { chanceToSee, checksOf, secondsOf, valveAnswers } from './checks'
import type { Loss } from './loss'
import { leakSearch, type NextCheck } from './search'
import { walkingSeconds, type Spot } from './spots'
import type { Suspect } from './suspects'

type Random = () => number
/** What leaks in truth, and how much. */
export interface Truth {
  readonly leaks: string
  readonly loss: Loss
}

/** What a shut valve shows, where what leaks is beyond it or not. */
function valveShows(isBeyond: boolean, random: Random): CheckResult['result'] {
  const drawn = random()
  const { right, wrong, both } = valveAnswers
  if (drawn < right) return isBeyond ? 'beyond' : 'before'
  if (drawn < right + wrong) return isBeyond ? 'before' : 'beyond'
  return drawn < right + wrong + both ? 'both' : 'neither'
}

const isAt = (spot: Spot, leaks: string): boolean => spot.suspects.some(({ id }) => id === leaks)

/** What a check shows of a leak that is somewhere. */
function shows(next: NextCheck, { spots }: Sought, { leaks, loss }: Truth, random: Random): CheckResult {
  if (next.check === 'valve')
    return { check: 'valve', at: next.valve.id, result: valveShows(next.valve.beyond.has(leaks), random) }
  const isThere = next.check === 'walk' ? spots.some((of) => !of.isHidden && isAt(of, leaks)) : isAt(next.at, leaks)
  const isSeen = isThere && random() < chanceToSee(next.check, loss)
  const at = next.check === 'walk' ? (isSeen ? leaks : everywhere) : next.at.id
  return { check: next.check, at, result: isSeen ? 'leaks' : 'dry' }
}

/**
 * Seconds in which a leak is found by always doing what the search says next.
 *
 * @param random numbers from 0 up to 1
 */
export function secondsBySearch(sought: Sought, truth: Truth, random: Random): number {
  const results: CheckResult[] = []
  for (let seconds = 0; ;) {
    const { next } = leakSearch(sought, results)
    if (!next) return seconds
    seconds += next.seconds
    results.push(shows(next, sought, truth, random))
  }
}

/**
 * Seconds in which it is found by going round in order along the runs: a look at every place, then the surest check at all
 * that can be seen, then at what is hidden; then the same again.
 */
export function secondsInOrder({ spots, loss: { medium } }: Sought, truth: Truth, random: Random): number {
  const seen = spots.filter(({ isHidden }) => !isHidden)
  const hidden = spots.filter(({ isHidden }) => isHidden)
  let seconds = 0
  let here: Spot['place'] = null
  const isFoundBy = (round: readonly Spot[], checkAt: (spot: Spot) => SpotCheck): boolean => {
    for (const spot of round) {
      const check = checkAt(spot)
      seconds += walkingSeconds(here, spot.place) + secondsOf(check, spot.length)
      here = spot.place
      if (isAt(spot, truth.leaks) && random() < chanceToSee(check, truth.loss)) return true
    }
    return false
  }
  const surest = ({ isHidden }: Spot) => checksOf(isHidden, medium).at(-1)!
  if (isFoundBy(spots, ({ isHidden }) => checksOf(isHidden, medium)[0]!)) return seconds
  for (;;) if (isFoundBy(seen, surest) || isFoundBy(hidden, surest)) return seconds
}

/** What leaks in truth: drawn by the chances, each up to twice as likely or half as likely as was supposed. */
export function drawLeak(suspects: readonly Suspect[], random: Random): string {
  const truth = suspects.map(({ weight }) => weight * 2 ** (2 * random() - 1))
  let left = random() * truth.reduce((sum, weight) => sum + weight, 0)
  return suspects[truth.findIndex((weight) => (left -= weight) < 0)]!.id
}
