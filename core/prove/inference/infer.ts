import { chancesOf, quantile } from './chances'
import { expectedOf, type Expected } from './expected'
import { follow, type Causes, type Supposed } from './forward'
import type { Hypothesis } from './hypotheses/hypothesis'
import { misfitOf } from './misfit'
import { evidenceOf, type ProofQuestion } from './reading-evidence'
import { softness, thermalGain } from '../softness'

export interface Proof {
  /** Chance that more than so many litres a minute run out. */
  readonly chanceAbove: (leak: number) => number
  /** Chance that more than so many litres a minute run in. */
  readonly chanceIn: (inflow: number) => number
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

/** What the readings of a test say of its leak, and of what else moved the pressure. */
export function infer(question: ProofQuestion): Proof {
  const { system, leastLeak } = question
  const evidence = evidenceOf(question)
  const { bins, starts, course, meanWarmth } = evidence
  const first = bins[0]!.bar
  const chances = chancesOf(leastLeak, evidence)
  const { supposed, left } = chances.likeliest
  const causes = { leak: 0, inflow: 0, temperature: 0, creep: 0, air: 0 }
  const misfit = misfitOf(left)
  const bar = follow(supposed, first, course, causes)
  const unexplained = starts.reduce((sum, _, part) => {
    const last = (starts[part + 1] ?? bins.length) - 1
    return sum + bins[last]!.bar - bar[last]!
  }, 0)
  const gain = thermalGain(supposed.system, meanWarmth)
  const give = Math.exp(supposed.logSofter) * softness(supposed.system, meanWarmth, first)
  const minutes = (bins.at(-1)!.seconds - bins[0]!.seconds) / 60
  const chanceOf = (direction: Hypothesis['direction'], limit: number) =>
    chances.candidates.reduce(
      (sum, { hypothesis, litres, chance }) =>
        sum + (hypothesis.direction === direction && litres > limit ? chance : 0),
      0,
    )
  return {
    chanceAbove: (limit) => chanceOf('out', limit),
    chanceIn: (limit) => chanceOf('in', limit),
    leak: { middle: quantile(chances, 0.5), low: quantile(chances, 0.025), high: quantile(chances, 0.975) },
    explanation: chances.explanation.meta.id,
    likeliest: supposed,
    causes,
    unexplained,
    misfit,
    chanceAnyway: chances.chanceOut(Math.max(1, misfit)),
    division: evidence.gauge.step,
    expected: expectedOf(evidence),
    halfKelvin: Math.abs((gain.water + gain.air) / give) / 2,
    leastLoss: (leastLeak * minutes) / system.litres / give,
  }
}
