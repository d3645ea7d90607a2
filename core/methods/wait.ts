import { coldWaits, solventSets, type ColdRow } from './tables/waits'

/** A wait before the next step: how long, what for, and what the figure rests on. */
export interface Wait {
  readonly seconds: number
  readonly what: string
  readonly basis: string
}

const byTemperature = (rows: readonly ColdRow[], celsius: number): number | null =>
  rows.find(([from]) => celsius >= from)?.[1] ?? null

/**
 * How long a cemented joint sets before pressure, by size and temperature.
 *
 * @param od outside diameter in mm
 * @param celsius air temperature; below −18 nothing is known and null is given
 * @example solventSet(26.7, 20) // 3600; s, up to 1-1/4, at 16 °C and more
 */
export function solventSet(od: number, celsius: number): number | null {
  const row = solventSets.find(([upTo]) => od <= upTo)
  return row ? byTemperature(row[1], celsius) : null
}

/**
 * How long an expanded joint is left before pressure, by temperature: it shrinks slower in the cold.
 *
 * @example expansionHold(20) // 1800
 */
export const expansionHold = (celsius: number): number | null => byTemperature(coldWaits, celsius)
