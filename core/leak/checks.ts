import type { SpotCheck } from '../log/leak-check'
import type { Loss } from './loss'

interface CheckFigures {
  /** How long it takes at a joint, in seconds. */
  readonly seconds: number
  /** Seconds more for each metre of pipe. */
  readonly byMetre: number
  /** Chance that it shows a leak that could not be missed. */
  readonly atMost: number
  /** ml a minute that is shown half as often; of air as it is once it is out. Null where it cannot be told by that at all. */
  readonly half: Readonly<Record<Loss['medium'], number | null>>
}

/**
 * Seconds, chances and rates; typical. A drop is 0.05 ml: at 0.1 ml a minute half a drop forms in the 15 s of a look, at
 * 0.4 two. Tissue laid for a minute shows a spot of 0.02 ml. Soap shows a bubble of a ml in a minute.
 */
const figures: Readonly<Record<SpotCheck | 'walk', CheckFigures>> = {
  walk: { seconds: 1, byMetre: 2, atMost: 0.9, half: { water: 4, air: 300 } },
  look: { seconds: 15, byMetre: 10, atMost: 0.95, half: { water: 0.4, air: null } },
  tissue: { seconds: 90, byMetre: 60, atMost: 0.97, half: { water: 0.02, air: null } },
  soap: { seconds: 30, byMetre: 30, atMost: 0.97, half: { water: null, air: 1 } },
  listen: { seconds: 60, byMetre: 30, atMost: 0.8, half: { water: 100, air: 100 } },
  open: { seconds: 1800, byMetre: 1800, atMost: 0.98, half: { water: 0.02, air: 1 } },
}

/**
 * Chance that a check shows a leak where it is: as good as none far below the rate that is shown half as often as can be,
 * and as good as it gets far above it.
 *
 * @returns 0 to 1
 * @remarks for instance: a look at 0.1 ml of water a minute: 0.95 × 0.1² / (0.1² + 0.4²) = 0.056; at 100 ml: 0.95
 */
export function chanceToSee(check: SpotCheck | 'walk', { medium, mlPerMinute }: Loss): number {
  const { atMost, half } = figures[check]
  const rate = half[medium]
  return rate === null ? 0 : (atMost * mlPerMinute ** 2) / (mlPerMinute ** 2 + rate ** 2)
}

/**
 * How long a check takes at a place, in seconds.
 *
 * @param length mm of pipe to go along; 0 at a fitting
 * @remarks for instance: a look at a fitting 15 s; along 2 m of pipe 35 s
 */
export const secondsOf = (check: SpotCheck | 'walk', length: number): number =>
  figures[check].seconds + (figures[check].byMetre * length) / 1000

/** What can be done at a place, the quickest first. */
export const checksOf = (isHidden: boolean, medium: Loss['medium']): readonly SpotCheck[] =>
  isHidden ? ['listen', 'open'] : medium === 'air' ? ['soap'] : ['look', 'tissue']

/** To shut a valve, raise the pressure on both sides and walk to the gauges, in seconds; typical. */
const toShut = 90
/** bar by which a gauge must have fallen to be seen to fall. */
const clearFall = 0.1
/** A leak so slow that a side takes longer is read for this long, in seconds. */
const longest = 1800

/**
 * How long it takes to tell by a valve on which side of it the gauge falls, in seconds.
 *
 * @param barPerMinute how fast the whole falls by its leak; 0 or more
 * @example valveSeconds(0.2) // 120
 */
export const valveSeconds = (barPerMinute: number): number =>
  toShut + Math.min(longest, (60 * clearFall) / barPerMinute)

/** What a shut valve shows where one side leaks: valves let by, and gauges are read too soon. Typical; they add up to 1. */
export const valveAnswers = { right: 0.9, wrong: 0.03, both: 0.05, neither: 0.02 } as const
