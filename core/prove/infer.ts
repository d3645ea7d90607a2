import { creepPrior, expectedOf, nudge, type Expected } from './expected'
import { cholesky, likelihoodWith, logDeterminant, whitened } from './gaussian'
import { follow, stretchesOf, type Causes, type Supposed } from './forward'
import { suppositions, type Pumped } from './supposed-softness'
import { misfitOf } from './misfit'
import { binned, gaugeCovariance, gaugeErrorOf, type Reading } from './readings'
import { softness, thermalGain, type TestSystem } from './softness'
import { warmthOf } from './temperature'

export interface ProofQuestion {
  readonly system: TestSystem
  readonly pumped?: Pumped | undefined
  /** How much air is in it is known: it was said, or the test is made with air. */
  readonly knowsAir: boolean
  /** Litres a minute: a leak of less does not matter. */
  readonly leastLeak: number
  /** How warm the water is where nobody measured it. */
  readonly celsius: number
  readonly readings: readonly Reading[]
}

export interface Proof {
  /** Chance that it leaks more than so many litres a minute. */
  readonly chanceAbove: (leak: number) => number
  /** Litres a minute at the first pressure: as likely more as less, and where it is in 95 of 100 cases. */
  readonly leak: { readonly middle: number; readonly low: number; readonly high: number }
  /** What each cause did to the pressure, as is most likely, in bar. */
  readonly causes: Causes
  /** How badly the best explanation fits, in standard deviations: above 0 worse than chance makes it. */
  readonly misfit: number
  /** What a tight system would show, as far as that can be told beforehand. */
  readonly expected: readonly Expected[]
  /** Pressure that half a kelvin makes here, in bar. */
  readonly halfKelvin: number
  /** Pressure that the least leak would have lost by now, in bar. */
  readonly leastLoss: number
}

const mostBins = 36
/** The balance itself is good to this share of a change of pressure; in plastic, whose creep differs, to another. */
const [metalBalance, plasticBalance] = [0.015, 0.03]
/** Most systems are tight; of those that leak any size is as likely as twice the size. */
const tightBefore = 0.7
const [smallest, largest] = [1 / 50, 3000]
/** So many times the least leak is seen and heard, and hardly lets the pressure be raised: beyond it twice the size is half as likely. */
const plain = 100
const [coarse, fine, fineTo] = [0.2, 0.03, 0.6]

const minutesOf = ({ seconds }: Reading): number => seconds / 60

interface Weighed {
  readonly leak: number
  /** Logarithm of its chance, up to what is the same for all. */
  readonly log: number
  readonly best: {
    readonly log: number
    readonly supposed: Supposed
    readonly left: Float64Array
    readonly slacks: number
  }
}

/** The chances of leaks: of none, and of sizes a step apart. */
export function infer({ system, pumped, knowsAir, leastLeak, celsius, readings }: ProofQuestion): Proof {
  const bins = binned(readings, mostBins)
  const warmth = warmthOf(bins, celsius)
  const stretches = stretchesOf(bins.map(({ seconds }, at) => ({ seconds, celsius: warmth.celsius[at]! })))
  const first = bins[0]!.bar
  const gauge = gaugeErrorOf(readings)
  const balance = system.hasPlastic ? plasticBalance : metalBalance
  const meanWarmth = warmth.celsius.reduce((sum, of) => sum + of, 0) / bins.length
  const bar = bins.map((bin) => bin.bar)

  const prepared = suppositions(system, { pumped, knowsAir, celsius: meanWarmth, bar: first }).flatMap(
    (supposition) => {
      const own = { ...system, air: supposition.air }
      const { water, air } = thermalGain(own, meanWarmth)
      // Bar to the kelvin, as long as there is pressure.
      const gain = bar.map((value) => (water + air) / (supposition.softer * softness(own, meanWarmth, value)))
      const covariance = bins.map((_, a) =>
        bins.map(
          (__, b) =>
            // All is reckoned from the first reading, which scatters as they all do.
            gauge.scatter ** 2 +
            gaugeCovariance(gauge, bins[a]!, bins[b]!) +
            gain[a]! * gain[b]! * warmth.covariance[a]![b]! +
            (a === b ? (balance * (bar[a]! - first)) ** 2 + 1e-8 : 0),
        ),
      )
      const lower = cholesky(covariance)
      return lower ? [{ supposition, own, lower, covariance, log: -0.5 * logDeterminant(lower) }] : []
    },
  )

  const predict = (supposed: Supposed) => follow(supposed, first, stretches).bar
  function weigh(leak: number): Weighed {
    let best: Weighed['best'] | undefined
    const logs = prepared.map(({ supposition, own, lower, log }) => {
      const base: Supposed = {
        system: own,
        softer: supposition.softer,
        leak,
        creep: system.hasPlastic ? creepPrior.mean : 0,
      }
      const predicted = predict(base)
      const slope = (other: readonly number[], by: number) => other.map((value, at) => (value - predicted[at]!) / by)
      const softer = slope(predict({ ...base, softer: base.softer * (1 + nudge) }), Math.log(1 + nudge))
      const slacks = [{ along: whitened(lower, softer), mean: 0, deviation: supposition.spread }]
      if (system.hasPlastic) {
        const creeping = slope(predict({ ...base, creep: base.creep + nudge }), nudge)
        slacks.push({ along: whitened(lower, creeping), mean: 0, deviation: creepPrior.deviation })
      }
      const residual = whitened(
        lower,
        bar.map((value, at) => value - predicted[at]!),
      )
      const found = likelihoodWith(residual, slacks)
      const total = supposition.log + log + found.log
      if (!best || total > best.log) {
        const [off = 0, creepOff = 0] = found.off
        best = {
          log: total,
          supposed: { ...base, softer: base.softer * Math.exp(off), creep: Math.max(0, base.creep + creepOff) },
          left: residual.map((value, at) =>
            slacks.reduce((sum, { along }, which) => sum - along[at]! * (found.off[which] ?? 0), value),
          ),
          slacks: slacks.length,
        }
      }
      return total
    })
    const top = Math.max(...logs)
    return { leak, log: top + Math.log(logs.reduce((sum, of) => sum + Math.exp(of - top), 0)), best: best! }
  }

  const range = Math.log(largest / smallest)
  const sizes: number[] = []
  for (let at = Math.log(smallest); at <= Math.log(largest); at += coarse) sizes.push(at)
  const rough = sizes.map((size) => weigh(leastLeak * Math.exp(size)))
  const peak = sizes[rough.reduce((top, { log }, at) => (log > rough[top]!.log ? at : top), 0)]!
  const finer: number[] = []
  for (let at = peak - fineTo; at <= peak + fineTo + 1e-9; at += fine) finer.push(at)
  const grid = [
    ...sizes.flatMap((size, at) => (Math.abs(size - peak) > fineTo ? [{ size, weighed: rough[at]! }] : [])),
    ...finer.map((size) => ({ size, weighed: weigh(leastLeak * Math.exp(size)) })),
  ].sort((a, b) => a.size - b.size)
  const none = weigh(0)
  const all = grid.map(({ size, weighed }, at) => {
    const [before, after] = [grid[at - 1]?.size ?? size, grid[at + 1]?.size ?? size]
    const likely = (1 - tightBefore) / range / (1 + Math.exp(size) / plain)
    return { ...weighed, log: weighed.log + Math.log(likely * ((after - before) / 2 + 1e-12)) }
  })
  const candidates = [{ ...none, log: none.log + Math.log(tightBefore) }, ...all]
  const top = Math.max(...candidates.map(({ log }) => log))
  const chances = candidates.map(({ log }) => Math.exp(log - top))
  const sum = chances.reduce((before, chance) => before + chance, 0)

  /** The size that so much of the chance lies below. */
  function quantile(share: number): number {
    let before = 0
    for (const [at, chance] of chances.entries()) {
      const after = before + chance / sum
      if (after >= share) {
        const leak = candidates[at]!.leak
        const next = candidates[at + 1]?.leak ?? leak
        if (at === 0) return 0
        return leak * (next / leak) ** ((share - before) / (after - before) - 0.5)
      }
      before = after
    }
    return candidates.at(-1)!.leak
  }
  const { supposed, left, slacks } = candidates.find(({ log }) => log === top)!.best
  const gain = thermalGain(supposed.system, meanWarmth)
  const give = supposed.softer * softness(supposed.system, meanWarmth, first)
  return {
    chanceAbove: (limit) =>
      candidates.reduce((above, { leak }, at) => above + (leak > limit ? chances[at]! / sum : 0), 0),
    leak: { middle: quantile(0.5), low: quantile(0.025), high: quantile(0.975) },
    causes: follow(supposed, first, stretches).causes,
    misfit: misfitOf(left, slacks + 1),
    expected: expectedOf({ system, first, stretches, seconds: bins.map(({ seconds }) => seconds), among: prepared }),
    halfKelvin: Math.abs((gain.water + gain.air) / give) / 2,
    leastLoss: (leastLeak * (minutesOf(bins.at(-1)!) - minutesOf(bins[0]!))) / system.litres / give,
  }
}
