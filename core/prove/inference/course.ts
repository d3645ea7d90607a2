import { compressibilityOfWater, expansionOfWater } from '../water'

/** A moment: seconds since the pressure was first raised, and how warm the water is then. */
export interface Moment {
  readonly seconds: number
  readonly celsius: number
  /** The pressure that was read, in bar, where somebody had touched the pump or a valve since the moment before. */
  readonly startsAt?: number | undefined
}

/** A pressure that stood before the first of the moments: from when, in seconds, and bar. */
export interface Earlier {
  readonly seconds: number
  readonly bar: number
}

/** From one moment to the next, with what of it is the same whatever is supposed. */
export interface Step {
  readonly minutes: number
  readonly warming: number
  readonly celsius: number
  readonly waterExpansion: number
  readonly waterGives: number
  /** The pressure at its end as it was read, in bar, where somebody touched it; else null. */
  readonly startsAt: number | null
  /** Minutes since the pressure was first raised, at its beginning and its end. */
  readonly from: number
  readonly to: number
  /** Share of the heat of compression that is lost in this step. */
  readonly heatLost: number
}

/** The way from the first moment to the last. */
export interface Course {
  readonly steps: readonly Step[]
  /** What the wall goes on giving in each step by pressures that stood before, in bar times tenfolds of time. */
  readonly creptBefore: Float64Array
  /** The same by one bar more from the middle of an earlier step on: rows by step. */
  readonly creepOf: readonly Float64Array[]
}

/** Minutes to about two thirds of the heat that pumping makes in air. */
const heatMinutes = 7

/** Tenfolds of time since a pressure was put on: the wall goes on giving with it. */
const tenfolds = (seconds: number): number => Math.log10(1 + Math.max(0, seconds) / 60)

/** Share of what fades that does so between two times. @param minutes to about two thirds of it */
export const fadedBetween = (from: number, to: number, minutes: number): number =>
  Math.exp(-from / minutes) - Math.exp(-to / minutes)

function stepOf(before: Moment, now: Moment): Step {
  const celsius = (before.celsius + now.celsius) / 2
  const [from, to] = [before.seconds / 60, now.seconds / 60]
  return {
    minutes: to - from,
    warming: now.celsius - before.celsius,
    celsius,
    waterExpansion: expansionOfWater(celsius),
    waterGives: compressibilityOfWater(celsius),
    startsAt: now.startsAt ?? null,
    from,
    to,
    heatLost: fadedBetween(from, to, heatMinutes),
  }
}

/**
 * The way through some moments.
 *
 * @param first pressure at the first of them, in bar
 * @param earlier pressures that stood before, the first of them put on from nothing; where none is known, the first
 *   pressure stood from second 0 on
 */
export function courseOf(moments: readonly Moment[], first: number, earlier: readonly Earlier[] = []): Course {
  const steps = moments.slice(1).map((now, at) => stepOf(moments[at]!, now))
  const levels: readonly Earlier[] =
    earlier.length > 0 ? [...earlier, { seconds: moments[0]!.seconds, bar: first }] : [{ seconds: 0, bar: first }]
  const since = (from: number) =>
    steps.map((_, at) => tenfolds(moments[at + 1]!.seconds - from) - tenfolds(moments[at]!.seconds - from))
  const creptBefore = new Float64Array(steps.length)
  for (const [at, { seconds, bar }] of levels.entries()) {
    const rise = bar - (levels[at - 1]?.bar ?? 0)
    for (const [step, more] of since(seconds).entries()) creptBefore[step]! += rise * more
  }
  const middles = steps.map((_, at) => (moments[at]!.seconds + moments[at + 1]!.seconds) / 2)
  const creepOf = steps.map((_, step) =>
    Float64Array.from(
      middles.slice(0, step),
      (from) => tenfolds(moments[step + 1]!.seconds - from) - tenfolds(moments[step]!.seconds - from),
    ),
  )
  return { steps, creptBefore, creepOf }
}
