import { inch } from '../quantity/units'

/** Steps in which lengths are cut, coarsest first: sums are exact in whole steps. */
const steps = [1, 0.5, inch / 16, inch / 32, 0.1, 0.05]
const close = 1e-4

const divides = (step: number, mm: number): boolean => Math.abs(mm / step - Math.round(mm / step)) < close

/**
 * The coarsest step, in mm, of which every length is a whole number: whole and half millimetres, sixteenths and
 * thirty-seconds of an inch, tenths of a millimetre and their halves. Lengths that fit none are taken in tenths, and that is not
 * exact.
 *
 * @example commonStep([1200, 837.5]) // { step: 0.5, isExact: true }
 */
export function commonStep(lengths: readonly number[]): { readonly step: number; readonly isExact: boolean } {
  const step = steps.find((of) => lengths.every((mm) => divides(of, mm)))
  return step === undefined ? { step: 0.1, isExact: false } : { step, isExact: true }
}

/** How lengths that are no whole number of steps are taken: up is safe, down bounds from below, nearest errs least. */
export type StepRounding = 'up' | 'down' | 'nearest'

/** Whole steps of a length. */
export function stepsOf(mm: number, step: number, rounding: StepRounding): number {
  if (rounding === 'up') return Math.ceil(mm / step - close)
  return rounding === 'down' ? Math.floor(mm / step + close) : Math.round(mm / step)
}
