import { courseOf, type Course, type Earlier } from './course'
import { cholesky, logDeterminant } from './gaussian'
import { binned, gaugeCovariance, gaugeErrorOf, type Bin, type GaugeError, type Reading } from '../readings'
import { airShareAt, softness, thermalGain, type TestSystem } from '../softness'
import { suppositions, type Pumped, type Supposition } from '../supposed-softness'
import { warmthsOf, type Warmth } from '../temperature'

export interface ProofQuestion {
  readonly system: TestSystem
  readonly pumped?: Pumped | undefined
  /** How much air is in it is known: it was said, or the test is made with air. */
  readonly knowsAir: boolean
  /** Litres a minute: a leak of less does not matter in a line that holds this share of air under the pressure of the test. */
  readonly leastLeakOf: (air: number) => number
  /** How warm the water is where nobody measured it. */
  readonly celsius: number
  /** Readings between which nobody touched the pump or a valve, one list for each such time; two or more in each. */
  readonly stretches: readonly (readonly Reading[])[]
  /** From one line of the gauge's dial to the next, in bar, where that is told; else the readings show it. */
  readonly division?: number | undefined
  /** Pressures that stood before the first of them. */
  readonly earlier: readonly Earlier[]
}

/** A softness that is supposed, and how gauge and thermometer err with it. */
export interface Prepared {
  readonly supposition: Supposition
  /** The system with its air. */
  readonly own: TestSystem
  /** Of the readings with each other, in bar², and its lower root: of all but the first of each stretch. */
  readonly covariance: readonly (readonly number[])[]
  readonly lower: readonly Float64Array[]
  /** Logarithm of its chance and of the density's front factor. */
  readonly log: number
}

/** The readings of a test, made ready to be held against what may explain them. */
export interface ReadingEvidence {
  readonly bins: readonly Bin[]
  /** Where each stretch begins; the pressure read there is what all in it is reckoned from. */
  readonly starts: readonly number[]
  /** The bins that tell something: all but the first of each stretch. */
  readonly telling: readonly number[]
  readonly course: Course
  readonly meanWarmth: number
  readonly gauge: GaugeError
  readonly prepared: readonly Prepared[]
}

const mostBins = 24
/** The balance itself is good to this share of a change of pressure; in plastic, whose creep differs, to another. */
const [metalBalance, plasticBalance] = [0.015, 0.03]

/** Readings brought together, stretch by stretch. */
function binnedStretches({ stretches }: Pick<ProofQuestion, 'stretches'>) {
  const parts = stretches.map((readings) => binned(readings, Math.max(6, mostBins / stretches.length)))
  const bins = parts.flat()
  const starts = parts.map((_, part) => parts.slice(0, part).reduce((sum, { length }) => sum + length, 0))
  const startOf = parts.flatMap((part, index) => part.map(() => starts[index]!))
  return { bins, starts, startOf, telling: bins.flatMap((_, at) => (startOf[at] === at ? [] : [at])) }
}
type Binned = ReturnType<typeof binnedStretches>
type Matrix = readonly (readonly number[])[]

/** How errors of the bins that tell something hang together: all is reckoned from where its stretch begins, so what is off there is off in all of it. */
const fromStarts = ({ telling, startOf }: Binned, of: (a: number, b: number) => number): Matrix =>
  telling.map((a) =>
    telling.map((b) => of(a, b) - of(a, startOf[b]!) - of(startOf[a]!, b) + of(startOf[a]!, startOf[b]!)),
  )

/** How the bins err with one softness supposed, and one way of reading the thermometer. */
function prepare(
  system: TestSystem,
  supposition: Supposition,
  {
    binned: { bins, startOf, telling },
    ofGauge,
    ofWarmth,
    meanWarmth,
    log,
  }: {
    binned: Binned
    ofGauge: Matrix
    ofWarmth: Matrix
    meanWarmth: number
    log: number
  },
): Prepared[] {
  const own = { ...system, air: supposition.air }
  const balance = system.hasPlastic ? plasticBalance : metalBalance
  // Bar to the kelvin, as long as there is pressure.
  const gain = telling.map((at) => {
    const { bar } = bins[at]!
    const there = { ...own, air: airShareAt(own, bins[0]!.bar, bar) }
    const { water, air } = thermalGain(there, meanWarmth)
    return (water + air) / (supposition.softer * softness(there, meanWarmth, bar))
  })
  const covariance = telling.map((a, row) =>
    telling.map(
      (_, column) =>
        ofGauge[row]![column]! +
        gain[row]! * gain[column]! * ofWarmth[row]![column]! +
        (row === column ? (balance * (bins[a]!.bar - bins[startOf[a]!]!.bar)) ** 2 + 1e-8 : 0),
    ),
  )
  const lower = cholesky(covariance)
  return lower ? [{ supposition, own, covariance, lower, log: log - 0.5 * logDeterminant(lower) }] : []
}

/** What the readings of a test tell, whatever leaks: their bins, the temperature between them, how they err together. */
export function evidenceOf(question: ProofQuestion): ReadingEvidence {
  const { system, pumped, knowsAir, celsius, stretches, division, earlier } = question
  const of = binnedStretches(question)
  const { bins, starts, startOf, telling } = of
  const warmths = warmthsOf(bins, celsius)
  const [warmth] = warmths as [Warmth]
  const first = bins[0]!.bar
  const course = courseOf(
    bins.map(({ seconds, bar }, at) => ({
      seconds,
      celsius: warmth.celsius[at]!,
      startsAt: at > 0 && startOf[at] === at ? bar : undefined,
    })),
    first,
    earlier,
  )
  const meanWarmth = warmth.celsius.reduce((sum, one) => sum + one, 0) / bins.length
  const gauge = gaugeErrorOf(stretches.flat(), division)
  const span = bins.at(-1)!.seconds - bins[0]!.seconds
  const ofGauge = fromStarts(of, (a, b) => gaugeCovariance(gauge, bins[a]!, bins[b]!, span))
  const supposed = suppositions(system, { pumped, knowsAir, celsius: meanWarmth, bar: first })
  const likeliest = supposed.reduce((one, other) => (other.log > one.log ? other : one))
  // A thermometer that is read badly beside unusual air would be asking for much: the likeliest softness stands for all.
  const prepared = warmths.flatMap(({ covariance, log }, badly) => {
    const ofWarmth = fromStarts(of, (a, b) => covariance[a]![b]!)
    return (badly ? [{ ...likeliest, log: 0 }] : supposed).flatMap((supposition) =>
      prepare(system, supposition, { binned: of, ofGauge, ofWarmth, meanWarmth, log: supposition.log + log }),
    )
  })
  return { bins, starts, telling, course, meanWarmth, gauge, prepared }
}
