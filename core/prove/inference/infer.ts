import { chancesOf, quantile, type Chances } from './chances'
import { expectedOf, type Expected } from './expected'
import { follow, type Causes, type Supposed } from './forward'
import type { Hypothesis } from './hypotheses/hypothesis'
import { misfitOf } from './misfit'
import { evidenceOf, type ProofQuestion } from './reading-evidence'
import { softness, thermalGain } from '../softness'

export interface Proof {
  /** Chance that more runs out than so many times the least leak that matters in the line as it may be. */
  readonly chanceOut: (times: number) => number
  /** Chance that more runs in than so many times that. */
  readonly chanceIn: (times: number) => number
  /** Litres a minute out at the first pressure: as likely more as less, and where it is in 95 of 100 cases; below 0 runs in. */
  readonly leak: { readonly middle: number; readonly low: number; readonly high: number }
  /** What explains the readings best. */
  readonly explanation: Hypothesis['meta']['id']
  readonly likeliest: Supposed
  /** What each cause did to the pressure, as is most likely, in bar, and what no cause explains. */
  readonly causes: Causes
  readonly unexplained: number
  /** How badly the best explanation fits, in standard deviations: above 0 worse than chance makes it. */
  readonly misfit: number
  /** Chance that it leaks though nothing fits: the readings taken to be so much worse that something would. */
  readonly chanceAnyway: number
  /** The gauge's smallest step, in bar; 0 where it shows none. */
  readonly division: number
  /** What a tight system would show, as far as that can be told beforehand. */
  readonly expected: readonly Expected[]
  /** Pressure that half a kelvin makes here, in bar. */
  readonly halfKelvin: number
  /** Pressure that the least leak would have lost by now, in bar. */
  readonly leastLoss: number
}

/**
 * So much of the chances lies beyond either end of the range. In simulated tests it then holds what runs 97 times of
 * 100, an inflow 89 times; with 0.025 beyond either end an inflow only 81 to 86 times.
 */
const beyond = 0.0125

/** Of the chances so much may lie at less air than is taken for the least. */
const ofLessAir = 0.05

/** The least air that may be in it, by all that was found. */
function leastAirOf(candidates: Chances['candidates']): number {
  const ordered = candidates.toSorted((a, b) => a.air - b.air)
  let below = 0
  return ordered.find(({ chance }) => (below += chance) > ofLessAir)?.air ?? 0
}

/** What the readings of a test say of its leak, and of what else moved the pressure. */
export function infer(question: ProofQuestion): Proof {
  const { system, leastLeakOf } = question
  const evidence = evidenceOf(question)
  const { bins, starts, course, meanWarmth } = evidence
  const first = bins[0]!.bar
  const chances = chancesOf(leastLeakOf(system.air), evidence)
  const { supposed, left } = chances.likeliest
  const causes = { leak: 0, inflow: 0, temperature: 0, creep: 0, air: 0 }
  const misfit = misfitOf(left)
  const bar = follow(supposed, first, course, causes)
  const unexplained = starts.reduce((sum, _, part) => {
    const last = (starts[part + 1] ?? bins.length) - 1
    return sum + bins[last]!.bar - bar[last]!
  }, 0)
  // With as little air as there may be: it is stiffest then, and half a kelvin makes most.
  const stiffest = { ...system, air: leastAirOf(chances.candidates) }
  const gain = thermalGain(stiffest, meanWarmth)
  const give = softness(stiffest, meanWarmth, first)
  const minutes = (bins.at(-1)!.seconds - bins[0]!.seconds) / 60
  const chanceOf = (direction: Hypothesis['direction'], times: number) =>
    chances.candidates.reduce(
      (sum, { hypothesis, litres, air, chance }) =>
        sum + (hypothesis.direction === direction && litres > times * leastLeakOf(air) ? chance : 0),
      0,
    )
  return {
    chanceOut: (times) => chanceOf('out', times),
    chanceIn: (times) => chanceOf('in', times),
    leak: { middle: quantile(chances, 0.5), low: quantile(chances, beyond), high: quantile(chances, 1 - beyond) },
    explanation: chances.explanation.meta.id,
    likeliest: supposed,
    causes,
    unexplained,
    misfit,
    chanceAnyway: chances.chanceOut(Math.max(1, misfit)),
    division: evidence.gauge.step,
    expected: expectedOf(evidence),
    halfKelvin: Math.abs((gain.water + gain.air) / give) / 2,
    leastLoss: (leastLeakOf(stiffest.air) * minutes) / system.litres / give,
  }
}
