/**
 * Density of water in kg/m³ (Kell 1975, at one atmosphere).
 *
 * @param celsius 0 to 100
 * @example density(20) // 998.204
 */
export function density(celsius: number): number {
  const t = celsius
  const above =
    999.83952 +
    16.945176 * t -
    7.9870401e-3 * t ** 2 -
    46.170461e-6 * t ** 3 +
    105.56302e-9 * t ** 4 -
    280.54253e-12 * t ** 5
  return above / (1 + 16.87985e-3 * t)
}

/** A step of temperature that is small against the curve, in K. */
const step = 0.01

/**
 * By how much of its volume water grows by one kelvin: −(1/ρ) dρ/dT, in 1/K. Below 4 °C it is less than nought.
 *
 * @param celsius 0 to 100
 * @example expansionOfWater(15) // 0.000151
 */
export const expansionOfWater = (celsius: number): number =>
  -(density(celsius + step) - density(celsius - step)) / (2 * step) / density(celsius)

/**
 * By how much of its volume water gives way to one bar, in 1/bar (Kell 1975).
 *
 * @param celsius 0 to 100
 * @example compressibilityOfWater(20) // 0.0000459
 */
export function compressibilityOfWater(celsius: number): number {
  const t = celsius
  const above =
    50.88496 + 0.6163813 * t + 1.459187e-3 * t ** 2 + 20.08438e-6 * t ** 3 - 58.47727e-9 * t ** 4 + 410.411e-12 * t ** 5
  return (above / (1 + 19.67348e-3 * t)) * 1e-6
}
