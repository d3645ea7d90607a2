import { cholesky, whitened } from './inference/gaussian'
import type { Bin } from './readings'

/** How warm the water is taken to have been at each bin, and how errors of that hang together, in K². */
export interface Warmth {
  /** A thermometer told it. */
  readonly isRead: boolean
  readonly celsius: readonly number[]
  readonly covariance: readonly (readonly number[])[]
  /** Logarithm of how often it is read as well as this. */
  readonly log: number
}

/** Water about which nothing is read: how far it may warm or cool in all, and how it sways, in kelvin. */
const [drift, sway] = [1.2, 0.15]
/** Minutes to about two thirds of a drift, and over which a sway hangs together. */
const driftMinutes = [10, 40, 160]
const swayMinutes = 12
/** A strap-on thermometer: scatter of one reading, in kelvin. */
const scatter = 0.05
const lagMinutes = [8, 20, 40]
/** How warm it is at first, nobody knows: any is as likely. */
const anyStart = 30
const readDrift = 3

const mean = (of: readonly number[]): number => of.reduce((sum, value) => sum + value, 0) / of.length

/** How far the water may have drifted at two times, in minutes since the first bin. */
const ofDrift = (one: number, other: number, most: number): number =>
  most ** 2 * mean(driftMinutes.map((tau) => (1 - Math.exp(-one / tau)) * (1 - Math.exp(-other / tau))))
const ofSway = (one: number, other: number): number => sway ** 2 * Math.exp(-(((one - other) / swayMinutes) ** 2))
/** How warm the water may be at two times. */
const ofWater = (one: number, other: number, most: number): number => ofDrift(one, other, most) + ofSway(one, other)
const ofLag = (one: number, other: number, lag: number): number =>
  lag ** 2 * mean(lagMinutes.map((tau) => Math.exp(-(one + other) / tau)))

/** Part of the pipe in another room warms and cools for itself, in kelvin. */
const apartDrift = 0.5
/** A thermometer's step is hidden as a gauge's is: a share of it. */
const rounds = 1 / Math.sqrt(12)
const thermometerSteps = [1, 0.5, 0.2, 0.1]

/** The step in which a thermometer shows, where it moved at all: all of its readings are whole numbers of it. */
function stepOf(read: readonly number[]): number {
  const whole = (step: number) => read.every((value) => Math.abs(value / step - Math.round(value / step)) < 0.02)
  return new Set(read).size > 1 ? (thermometerSteps.find(whole) ?? 0) : 0
}

/** How a thermometer is read: strapped on in time, strapped on late, or in one of two rooms; how often, and how far it lags at first, in kelvin. */
const thermometers = [
  { chance: 0.65, lag: 0.07, apart: 0 },
  { chance: 0.32, lag: 0.2, apart: 0 },
  { chance: 0.03, lag: 0.2, apart: apartDrift },
] as const

/**
 * The water's temperature behind a thermometer's readings: the smooth course that they and what is known of water and
 * thermometer make most likely (a Gaussian process), by each way of reading it; a missing one lies between the others.
 * Without readings, level, and as doubtful as it is.
 *
 * @param usual degrees Celsius where nobody measured
 */
export function warmthsOf(bins: readonly Bin[], usual: number): Warmth[] {
  const minutes = bins.map(({ seconds }) => (seconds - bins[0]!.seconds) / 60)
  const over = (of: (one: number, other: number) => number) =>
    minutes.map((one) => minutes.map((other) => of(one, other)))
  if (!isWarmthRead(bins)) {
    const covariance = over((one, other) => ofWater(one, other, drift))
    return [{ isRead: false, celsius: bins.map(() => usual), covariance, log: 0 }]
  }
  const water = over((one, other) => anyStart + ofWater(one, other, readDrift))
  return thermometers.map(({ chance, lag, apart }) => {
    const { celsius, covariance } = behind(bins, { minutes, water, lag })
    const elsewhere = apart > 0 ? over((one, other) => ofDrift(one, other, apart)) : null
    return {
      isRead: true,
      celsius,
      covariance: elsewhere ? covariance.map((row, a) => row.map((value, b) => value + elsewhere[a]![b]!)) : covariance,
      log: Math.log(chance),
    }
  })
}

/** What a thermometer's readings leave open of the water's temperature. */
function behind(
  bins: readonly Bin[],
  { minutes, water, lag }: { minutes: readonly number[]; water: readonly (readonly number[])[]; lag: number },
) {
  const told = bins.flatMap(({ celsius, count }, at) => (celsius === undefined ? [] : [{ at, celsius, count }]))
  const level = mean(told.map(({ celsius }) => celsius))
  const hidden = rounds * stepOf(told.map(({ celsius }) => celsius))
  const shown = told.map(({ at: a, count }) =>
    told.map(
      ({ at: b }) =>
        water[a]![b]! + ofLag(minutes[a]!, minutes[b]!, lag) + (a === b ? scatter ** 2 / count + hidden ** 2 : 0),
    ),
  )
  const lower = cholesky(shown)!
  const off = whitened(
    lower,
    told.map(({ celsius }) => celsius - level),
  )
  const seen = water.map((row) =>
    whitened(
      lower,
      told.map(({ at }) => row[at]!),
    ),
  )
  const dot = (a: Float64Array, b: Float64Array) => a.reduce((sum, value, at) => sum + value * b[at]!, 0)
  return {
    celsius: seen.map((row) => level + dot(row, off)),
    covariance: water.map((row, a) => row.map((value, b) => value - dot(seen[a]!, seen[b]!))),
  }
}

/** Between two temperatures nothing is known of a gap longer than this share of the test. */
const widest = 0.4

/** Whether temperatures were read often enough to say how warm the water was all the time. */
export function isWarmthRead(readings: readonly Pick<Bin, 'seconds' | 'celsius'>[]): boolean {
  const read = readings.filter(({ celsius }) => celsius !== undefined).map(({ seconds }) => seconds)
  const [from, to] = [readings[0]!.seconds, readings.at(-1)!.seconds]
  const gaps = [from, ...read, to].slice(1).map((seconds, at) => seconds - (at === 0 ? from : read[at - 1]!))
  return read.length > 1 && Math.max(...gaps) <= widest * (to - from)
}
