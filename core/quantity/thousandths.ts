/**
 * A figure to the thousandth of a millimetre: what sums of figures leave behind that is finer than any pipe.
 *
 * @example thousandths(970.8000000000001) // 970.8
 */
export const thousandths = (mm: number): number => Math.round(mm * 1000) / 1000
