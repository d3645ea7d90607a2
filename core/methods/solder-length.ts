/** The capillary gap at its middle, in mm: it works from 0.05 to 0.20. */
const middleGap = 0.125
/** From the middle gap to the widest one that solder still fills, the volume grows to this. */
export const widestGap = 1.6

/**
 * The length of solder wire that fills a capillary joint: gap area × depth, in wire of this diameter.
 *
 * @param od outside diameter of the pipe in mm
 * @param depth insertion depth in mm
 * @param wire diameter of the solder wire in mm, above 0
 * @throws RangeError when any is not above nought
 * @example solderLength(22, 15.4, 3) // 18.8; pi x 22 x 0.125 x 15.4 = 133 mm³, over 7.07 mm²
 */
export function solderLength(od: number, depth: number, wire: number): number {
  if (!(od > 0 && depth > 0 && wire > 0)) throw new RangeError('diameter, depth and wire are more than 0 mm')
  const volume = Math.PI * od * middleGap * depth
  return volume / ((Math.PI / 4) * wire ** 2)
}
