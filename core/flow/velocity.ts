/**
 * The mean speed of water in a bore, in m/s: flow over area.
 *
 * @param flow litres a minute, not below 0
 * @param bore mm, above 0
 * @throws RangeError outside these ranges
 * @example velocityOf(20, 20.2) // 1.04; 20 / 60 000 m³/s over 320.5 mm²
 */
export function velocityOf(flow: number, bore: number): number {
  if (!(flow >= 0 && bore > 0)) throw new RangeError('a flow of 0 or more and a bore above 0 mm')
  return flow / 60_000 / ((Math.PI / 4) * (bore / 1000) ** 2)
}
