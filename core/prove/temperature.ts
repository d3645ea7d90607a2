import { cholesky, whitened } from './inference/gaussian'
import type { Bin } from './readings'

/** How warm the water is taken to have been at each bin, and how errors of that hang together, in K². */
export interface Warmth {
  readonly celsius: readonly number[]
  readonly covariance: readonly (readonly number[])[]
}

/** Water about which nothing is read: how far it may warm or cool in all, and how it sways, in kelvin. */
const [drift, sway] = [1.2, 0.15]
/** Minutes to about two thirds of a drift, and over which a sway hangs together. */
const driftMinutes = [10, 40, 160]
const swayMinutes = 12
/** A strap-on thermometer: scatter of one reading, and how far it lags at first, in kelvin. */
const [scatter, lag] = [0.05, 0.3]
const lagMinutes = [8, 20, 40]
/** How warm it is at first, nobody knows: any is as likely. */
const anyStart = 30
const readDrift = 3

const mean = (of: readonly number[]): number => of.reduce((sum, value) => sum + value, 0) / of.length

/** How warm the water may be at two times, in minutes since the first bin. */
function ofWater(one: number, other: number, most: number): number {
  const drifts = driftMinutes.map((tau) => (1 - Math.exp(-one / tau)) * (1 - Math.exp(-other / tau)))
  return most ** 2 * mean(drifts) + sway ** 2 * Math.exp(-(((one - other) / swayMinutes) ** 2))
}
const ofLag = (one: number, other: number): number =>
  lag ** 2 * mean(lagMinutes.map((tau) => Math.exp(-(one + other) / tau)))

/**
 * The water's temperature behind a thermometer's readings: the smooth course that they and what is known of water and
 * thermometer make most likely (a Gaussian process). Without readings, level, and as doubtful as it is.
 *
 * @param usual degrees Celsius where nobody measured
 */
export function warmthOf(bins: readonly Bin[], usual: number): Warmth {
  const minutes = bins.map(({ seconds }) => (seconds - bins[0]!.seconds) / 60)
  const over = (of: (one: number, other: number, a: number, b: number) => number) =>
    minutes.map((one, a) => minutes.map((other, b) => of(one, other, a, b)))
  const read = bins.flatMap(({ celsius }) => (celsius === undefined ? [] : [celsius]))
  if (read.length < bins.length)
    return { celsius: bins.map(() => usual), covariance: over((one, other) => ofWater(one, other, drift)) }
  const level = mean(read)
  const water = over((one, other) => anyStart + ofWater(one, other, readDrift))
  const shown = over(
    (one, other, a, b) => water[a]![b]! + ofLag(one, other) + (a === b ? scatter ** 2 / bins[a]!.count : 0),
  )
  const lower = cholesky(shown)!
  const told = whitened(
    lower,
    read.map((value) => value - level),
  )
  const seen = water.map((row) => whitened(lower, row))
  const dot = (a: Float64Array, b: Float64Array) => a.reduce((sum, value, at) => sum + value * b[at]!, 0)
  return {
    celsius: seen.map((row) => level + dot(row, told)),
    covariance: water.map((row, a) => row.map((value, b) => value - dot(seen[a]!, seen[b]!))),
  }
}
