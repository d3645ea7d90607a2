import { inch } from '../quantity/units'

/** Sizes of pipe threads, smallest first; 1/2 to 2, NPT and BSP alike. */
export const threadSizes = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'] as const
export type ThreadSize = (typeof threadSizes)[number]

/** Outside diameters of the pipe that these threads are cut on, in mm (iron pipe size, ASME B36.10). */
const outside: Readonly<Record<ThreadSize, number>> = {
  '1/2': 21.336,
  '3/4': 26.67,
  '1': 33.401,
  '1-1/4': 42.164,
  '1-1/2': 48.26,
  '2': 60.325,
}

/** The bores that these threads are called by, in inches. */
const called: Readonly<Record<ThreadSize, number>> = {
  '1/2': 0.5,
  '3/4': 0.75,
  '1': 1,
  '1-1/4': 1.25,
  '1-1/2': 1.5,
  '2': 2,
}

function bySize(table: Readonly<Record<ThreadSize, number>>, size: string): number {
  const mm = (table as Readonly<Record<string, number>>)[size]
  if (mm === undefined) throw new RangeError(`“${size}” is not a size of pipe thread`)
  return mm
}

/**
 * The bore that a thread of this size is called by, in mm.
 *
 * @throws RangeError when it is no size of pipe thread
 * @example nominalBore('3/4') // 19.05
 */
export const nominalBore = (size: string): number => bySize(called, size) * inch

/**
 * The outside diameter of a thread of this size, in mm.
 *
 * @throws RangeError when it is no size of pipe thread
 * @example threadDiameter('3/4') // 26.67
 */
export const threadDiameter = (size: string): number => bySize(outside, size)
