import { expectedOf, type Expected } from './expected'
import { follow, type Causes } from './forward'
import { leakChances, quantile } from './leak-chances'
import { misfitOf } from './misfit'
import { evidenceOf, type ProofQuestion } from './reading-evidence'
import { softness, thermalGain } from '../softness'

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

/** What the readings of a test say of its leak, and of what else moved the pressure. */
export function infer(question: ProofQuestion): Proof {
  const { system, leastLeak } = question
  const evidence = evidenceOf(question)
  const { bins, bar, stretches, meanWarmth, prepared } = evidence
  const first = bar[0]!
  const chances = leakChances(leastLeak, evidence)
  const { supposed, left, slacks } = chances.likeliest.best
  const gain = thermalGain(supposed.system, meanWarmth)
  const give = supposed.softer * softness(supposed.system, meanWarmth, first)
  const minutes = (bins.at(-1)!.seconds - bins[0]!.seconds) / 60
  return {
    chanceAbove: (limit) =>
      chances.candidates.reduce((above, { leak, chance }) => above + (leak > limit ? chance : 0), 0),
    leak: { middle: quantile(chances, 0.5), low: quantile(chances, 0.025), high: quantile(chances, 0.975) },
    causes: follow(supposed, first, stretches).causes,
    misfit: misfitOf(left, slacks + 1),
    expected: expectedOf({ system, first, stretches, seconds: bins.map(({ seconds }) => seconds), among: prepared }),
    halfKelvin: Math.abs((gain.water + gain.air) / give) / 2,
    leastLoss: (leastLeak * minutes) / system.litres / give,
  }
}
