import type { ReadingEvidence } from './reading-evidence'
import { weigh, type Weighed } from './weigh'

/** Most systems are tight; of those that leak any size is as likely as twice the size. */
const tightBefore = 0.7
const [smallest, largest] = [1 / 50, 3000]
/** So many times the least leak is seen and heard, and hardly lets the pressure be raised: beyond it twice the size is half as likely. */
const plain = 100
const [coarse, fine, fineTo] = [0.2, 0.03, 0.6]

/** Sizes of leaks, the smallest first, none before all; each with its share of the chance. */
export interface LeakChances {
  readonly candidates: readonly (Weighed & { readonly chance: number })[]
  readonly likeliest: Weighed
}

const steps = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, at) => from + at * step)

/** Leaks a step apart, by the logarithm of their size in least leaks; finer about the likeliest of them. */
function weighedSizes(leastLeak: number, evidence: ReadingEvidence) {
  const weighed = (size: number) => ({ size, weighed: weigh(leastLeak * Math.exp(size), evidence) })
  const rough = steps(Math.log(smallest), Math.log(largest), coarse).map(weighed)
  const peak = rough.reduce((top, other) => (other.weighed.log > top.weighed.log ? other : top)).size
  const apart = rough.filter(({ size }) => Math.abs(size - peak) > fineTo)
  return [...apart, ...steps(peak - fineTo, peak + fineTo, fine).map(weighed)].sort((a, b) => a.size - b.size)
}

/** The chances of leaks: of none, and of sizes a step apart. @param leastLeak in litres a minute */
export function leakChances(leastLeak: number, evidence: ReadingEvidence): LeakChances {
  const grid = weighedSizes(leastLeak, evidence)
  const range = Math.log(largest / smallest)
  const none = weigh(0, evidence)
  const sized = grid.map(({ size, weighed }, at) => {
    const [before, after] = [grid[at - 1]?.size ?? size, grid[at + 1]?.size ?? size]
    const likely = (1 - tightBefore) / range / (1 + Math.exp(size) / plain)
    return { ...weighed, log: weighed.log + Math.log(likely * ((after - before) / 2 + 1e-12)) }
  })
  const all = [{ ...none, log: none.log + Math.log(tightBefore) }, ...sized]
  const likeliest = all.reduce((top, other) => (other.log > top.log ? other : top))
  const shares = all.map(({ log }) => Math.exp(log - likeliest.log))
  const sum = shares.reduce((before, share) => before + share, 0)
  return { candidates: all.map((of, at) => ({ ...of, chance: shares[at]! / sum })), likeliest }
}

/** The size that so much of the chance lies below, in litres a minute. */
export function quantile({ candidates }: LeakChances, share: number): number {
  let before = 0
  for (const [at, { leak, chance }] of candidates.entries()) {
    const after = before + chance
    if (after >= share) {
      const next = candidates[at + 1]?.leak ?? leak
      return at === 0 ? 0 : leak * (next / leak) ** ((share - before) / chance - 0.5)
    }
    before = after
  }
  return candidates.at(-1)!.leak
}
