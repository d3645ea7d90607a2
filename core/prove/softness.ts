import { isPlastic, materialOf } from '../materials'
import { boreOf, type Pipe } from '../catalogue/pipe'
import { compressibilityOfWater, expansionOfWater } from './water'

/** A length of one pipe, by its litres. */
export interface Segment {
  readonly pipe: Pipe
  readonly litres: number
}

/** What is closed in for a test, as one: each figure the mean over its content. */
export interface TestSystem {
  /** Content in litres. */
  readonly litres: number
  /** How the walls give way: share of the content per bar. */
  readonly wall: number
  /** The part of that which creeps: that of plastic walls. */
  readonly creepingWall: number
  /** Linear expansion of the walls, in 1/K. */
  readonly wallExpansion: number
  /** Some of the pipe is plastic. */
  readonly hasPlastic: boolean
  /** Some of it stretches on under pressure: plastic without metal in its wall. */
  readonly stretches: boolean
  /** How far the reckoned softness may be off: one standard deviation of its logarithm. */
  readonly doubt: number
  /** Share of the content that is air, under the test pressure; 1 for a test with air. */
  readonly air: number
}

const [metalDoubt, plasticDoubt] = [0.15, 0.4]
const barPerGigapascal = 10_000

const modulusOf = (pipe: Pipe): number => materialOf(pipe).modulus.wall

/** How a pipe's wall gives way: mean diameter over modulus and wall, in 1/bar. */
export const wallSoftness = (pipe: Pipe): number =>
  (pipe.od - pipe.wall) / (modulusOf(pipe) * barPerGigapascal * pipe.wall)

/** Litres in so many metres of a pipe, by its bore. @remarks for instance: 10 m of 22 × 0.9: 3.205 */
export const litresIn = (pipe: Pipe, metres: number): number => ((Math.PI / 4) * boreOf(pipe) ** 2 * metres) / 1000

/**
 * Several pipes closed in together.
 *
 * @param segments one or more, each with some content
 * @param air litres of trapped air under the test pressure; `'all'` where the test is made with air
 * @throws RangeError when nothing is closed in, or more air than there is room
 */
export function systemOf(segments: readonly Segment[], air: number | 'all'): TestSystem {
  const litres = segments.reduce((sum, of) => sum + of.litres, 0)
  if (!(litres > 0)) throw new RangeError('System: at least one pipe with some length')
  if (air !== 'all' && !(air >= 0 && air < litres)) throw new RangeError('Air: less than the content')
  const mean = (of: (pipe: Pipe) => number): number =>
    segments.reduce((sum, { pipe, litres: share }) => sum + (of(pipe) * share) / litres, 0)
  const plastic = mean(({ material }) => (isPlastic(material) ? 1 : 0))
  const wall = mean(wallSoftness)
  const creepingWall = mean((pipe) => (isPlastic(pipe.material) ? wallSoftness(pipe) : 0))
  return {
    litres,
    wall,
    creepingWall,
    wallExpansion: mean((pipe) => materialOf(pipe).expansion / 1000),
    hasPlastic: plastic > 0,
    stretches: segments.some(({ pipe }) => materialOf(pipe).stretches),
    // Where the plastic gives most of the way, the whole is as doubtful as it.
    doubt: metalDoubt + (plasticDoubt - metalDoubt) * (wall > 0 ? creepingWall / wall : 0),
    air: air === 'all' ? 1 : air / litres,
  }
}

/** Absolute pressure over gauge pressure, in bar. */
export const atmosphere = 1.013

/**
 * How soft a closed system is: the share of its content by which it gives way to one bar, in 1/bar.
 *
 * @param bar gauge pressure, 0 or more
 * @remarks for instance: 10 m of 22 × 0.9 copper at 15 °C: 66.77e-6; 30 m of 15.88 × 1.78 PEX with 0.65 GPa: 1265e-6
 */
export const softness = ({ air, wall }: TestSystem, celsius: number, bar: number): number =>
  (1 - air) * compressibilityOfWater(celsius) + wall + air / (bar + atmosphere)

/**
 * Share of the content that is air at another pressure than that of the test (Boyle): what is trapped shrinks as it is
 * pressed, a line of air stays full of it.
 *
 * @param first the test pressure, gauge, in bar
 * @remarks for instance: a thousandth at 6 bar is 2.3 thousandths at 2 bar
 */
export const airShareAt = ({ air }: TestSystem, first: number, bar: number): number =>
  air === 0 || air === 1 ? air : Math.min(mostAir, (air * (first + atmosphere)) / (bar + atmosphere))

/** A line in which this share is air is full of it, for what follows. */
const mostAir = 0.9

/** 0 degrees Celsius in kelvin. */
export const kelvin = 273.15

/** By how much of the content one kelvin makes what is in it larger than its pipe, in 1/K: water, and air apart. */
export const thermalGain = (
  { air, wallExpansion }: TestSystem,
  celsius: number,
): { readonly water: number; readonly air: number } => ({
  water: (1 - air) * expansionOfWater(celsius) - 3 * wallExpansion,
  air: air / (celsius + kelvin),
})
