import type { SpotCheck } from '../log/leak-check'
import type { Suspect } from './suspects'

interface CheckFigures {
  /** How long it takes at a joint, in seconds. */
  readonly seconds: number
  /** Seconds more for each metre of pipe. */
  readonly byMetre: number
  /** Chance that it shows a leak that is there. */
  readonly sees: number
}

/** Seconds and chances; typical. */
const figures: Readonly<Record<SpotCheck, CheckFigures>> = {
  look: { seconds: 15, byMetre: 10, sees: 0.6 },
  tissue: { seconds: 90, byMetre: 60, sees: 0.95 },
  listen: { seconds: 120, byMetre: 60, sees: 0.3 },
  open: { seconds: 1800, byMetre: 1800, sees: 0.98 },
}
/** To shut a valve, raise the pressure on both sides and walk to the gauges, in seconds; typical. */
const toShut = 90
/** bar by which a gauge must have fallen to be seen to fall. */
const clearFall = 0.1
/** A leak so slow that a side takes longer is read for this long, in seconds. */
const longest = 1800

/**
 * How long it takes to tell by a valve on which side of it the gauge falls, in seconds.
 *
 * @param barByMinute how fast the whole falls by its leak; 0 or more
 * @example valveSeconds(0.2) // 120
 */
export const valveSeconds = (barByMinute: number): number => toShut + Math.min(longest, (60 * clearFall) / barByMinute)

/** So often the side that falls is the one that leaks: valves let by. */
export const valveIsRight = 0.95

/** The checks of a place, the quickest first: each once, but the surest as often as it takes. */
export const checksOf = ({ isHidden }: Suspect): readonly [SpotCheck, SpotCheck] =>
  isHidden ? ['listen', 'open'] : ['look', 'tissue']

/** What is left to do at a place where so many checks were made in vain: the surest of all, over and over. */
export const checkAfter = (suspect: Suspect, inVain: readonly SpotCheck[]): SpotCheck => {
  const [first, surest] = checksOf(suspect)
  return inVain.includes(first) || inVain.includes(surest) ? surest : first
}

/**
 * How long a check takes at a place, in seconds.
 *
 * @remarks for instance: a look at a joint 15 s; along 2 m of pipe 35 s
 */
export const secondsOf = (check: SpotCheck, { length }: Suspect): number =>
  figures[check].seconds + (figures[check].byMetre * length) / 1000
export const chanceToSee = (check: SpotCheck): number => figures[check].sees

/**
 * How fast the whole falls by its leak alone, in bar a minute, from what a proof found.
 *
 * @remarks for instance: 0.6 bar by the leak in ten minutes: 0.06
 */
export function fallByLeak(
  causes: readonly { readonly cause: string; readonly bar: number }[],
  readings: readonly { readonly seconds: number }[],
): number {
  const minutes = ((readings.at(-1)?.seconds ?? 0) - (readings[0]?.seconds ?? 0)) / 60
  const fallen = Math.abs(causes.find(({ cause }) => cause === 'leak')?.bar ?? 0)
  return minutes > 0 ? fallen / minutes : 0
}
