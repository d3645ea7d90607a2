import { stretchesOf, type Stretch } from './forward'
import { cholesky, logDeterminant } from './gaussian'
import { binned, gaugeCovariance, gaugeErrorOf, type Bin, type Reading } from '../readings'
import { softness, thermalGain, type TestSystem } from '../softness'
import { suppositions, type Pumped, type Supposition } from '../supposed-softness'
import { warmthOf } from '../temperature'

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

/** A softness that is supposed, and how gauge and thermometer err with it. */
export interface Prepared {
  readonly supposition: Supposition
  /** The system with its air. */
  readonly own: TestSystem
  /** Of the readings with each other, in bar², and its lower root. */
  readonly covariance: readonly (readonly number[])[]
  readonly lower: NonNullable<ReturnType<typeof cholesky>>
  /** Logarithm of the density's front factor. */
  readonly log: number
}

/** The readings of a test, made ready to be held against leaks. */
export interface ReadingEvidence {
  readonly bins: readonly Bin[]
  /** Pressures read, in bar; all is reckoned from the first. */
  readonly bar: readonly number[]
  readonly stretches: readonly Stretch[]
  readonly meanWarmth: number
  readonly prepared: readonly Prepared[]
}

const mostBins = 36
/** The balance itself is good to this share of a change of pressure; in plastic, whose creep differs, to another. */
const [metalBalance, plasticBalance] = [0.015, 0.03]

/** What the readings of a test tell, whatever leaks: their bins, the temperature between them, how they err together. */
export function evidenceOf({ system, pumped, knowsAir, celsius, readings }: ProofQuestion): ReadingEvidence {
  const bins = binned(readings, mostBins)
  const warmth = warmthOf(bins, celsius)
  const stretches = stretchesOf(bins.map(({ seconds }, at) => ({ seconds, celsius: warmth.celsius[at]! })))
  const gauge = gaugeErrorOf(readings)
  const balance = system.hasPlastic ? plasticBalance : metalBalance
  const meanWarmth = warmth.celsius.reduce((sum, of) => sum + of, 0) / bins.length
  const bar = bins.map((bin) => bin.bar)
  const first = bar[0]!
  const supposed = suppositions(system, { pumped, knowsAir, celsius: meanWarmth, bar: first })
  const prepared = supposed.flatMap((supposition): Prepared[] => {
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
  })
  return { bins, bar, stretches, meanWarmth, prepared }
}
