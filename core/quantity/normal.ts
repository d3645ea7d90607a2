/**
 * A normally distributed number (Box and Muller), from a stream that gives numbers from 0 up to 1.
 *
 * @param deviation standard deviation, not below 0
 * @example normal(() => 0.25, 10, 0) // 10
 */
export function normal(random: () => number, mean: number, deviation: number): number {
  return mean + deviation * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random())
}
