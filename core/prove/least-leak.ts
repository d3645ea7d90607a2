import { atmosphere, softness, type TestSystem } from './softness'

export const mlPerLitre = 1000
/** How warm water in a building is taken to be where nobody measured it. */
export const usualCelsius = 15
/** ml a minute that matter: 0.1 in metal, 1 where plastic stretches; multilayer is held by its metal. */
const leastInMetal = 0.1
const leastInPlastic = 1
/** A leak that costs so much within the profile's time matters, however little it is: bar. */
const leastCost = 0.2
/** Litres of free air an hour that matter in a line of air. */
const leastOfAir = 1

/**
 * The least leak that matters in a system, in litres a minute, where nobody says otherwise: the setting for its pipe, or
 * what costs 0.2 bar within the profile's time where that is less; of air a litre of free air an hour, as it is under the
 * pressure of the line.
 *
 * @param test its profile's time in seconds, and the pressure at first in bar
 * @remarks for instance: 3 m of 15 copper, 0.44 litres, in ten minutes: 0.0006 ml a minute, since that is 0.2 bar there
 */
export function usualLeastLeak(
  system: TestSystem,
  { seconds, bar }: { readonly seconds: number; readonly bar: number },
): number {
  if (system.air === 1) return ((leastOfAir / 60) * atmosphere) / (bar + atmosphere)
  const setting = (system.stretches ? leastInPlastic : leastInMetal) / mlPerLitre
  if (seconds === 0) return setting
  return Math.min(setting, (leastCost * softness(system, usualCelsius, bar) * system.litres) / (seconds / 60))
}
