import { fusionRows } from './tables/fusion'

/** How long a socket joint is heated, changed over, held and left, in seconds. */
export interface FusionTimes {
  readonly heat: number
  /** At most, from the heads to home. */
  readonly change: number
  readonly hold: number
  /** Until it may be loaded. */
  readonly left: number
}

/** Below this air temperature in °C it is heated half as long again. */
export const coldBelow = 5
const longerInCold = 1.5

/**
 * The times of a fused socket joint by its pipe's outside diameter; heated half as long again below 5 °C.
 *
 * @param celsius air temperature; undefined while nobody said: then as where it is not cold
 * @returns null above 63
 * @example fusionTimes(25, 20) // { heat: 7, change: 4, hold: 10, left: 120 }
 * @example fusionTimes(20, 0) // { heat: 7.5, change: 4, hold: 6, left: 120 }
 * @remarks DVS 2207-11, typical: the tool's and the pipe's maker overrule
 */
export function fusionTimes(od: number, celsius: number | undefined): FusionTimes | null {
  const row = fusionRows.find(([upTo]) => od <= upTo)
  if (!row) return null
  const [, heat, change, hold, loaded] = row
  const isCold = celsius !== undefined && celsius < coldBelow
  return { heat: isCold ? heat * longerInCold : heat, change, hold, left: loaded * 60 }
}
