import { inch } from '../quantity/units'

/** Steps in which lengths are cut, coarsest first: sums are exact in whole steps. */
const steps = [1, 0.5, inch / 16, inch / 32, 0.1]
const close = 1e-4

const divides = (step: number, mm: number): boolean => Math.abs(mm / step - Math.round(mm / step)) < close

/**
 * The coarsest step, in mm, of which every length is a whole number: whole and half millimetres, sixteenths and
 * thirty-seconds of an inch, tenths of a millimetre. Lengths that fit none are taken in tenths, pieces rounded up and
 * bars down, so that nothing is laid that does not fit.
 *
 * @example commonStep([1200, 837.5]) // 0.5
 */
export function commonStep(lengths: readonly number[]): number {
  return steps.find((step) => lengths.every((mm) => divides(step, mm))) ?? 0.1
}

/** Whole steps that a piece takes, never too few. */
export const stepsUp = (mm: number, step: number): number => Math.ceil(mm / step - close)

/** Whole steps that a bar has, never too many. */
export const stepsDown = (mm: number, step: number): number => Math.floor(mm / step + close)
