import { normal } from '../quantity/normal'
import { courseOf } from './inference/course'
import { follow, still } from './inference/forward'
import type { Reading } from './readings'
import type { TestSystem } from './softness'

/** A test as it goes in truth, and the gauge that reads it. */
export interface TrueTest {
  /** With the air that is in truth in it. */
  readonly system: TestSystem
  readonly softer: number
  /** Litres a minute at the first pressure. */
  readonly leak: number
  readonly creep: number
  /** Gauge pressure when it was raised, in bar. */
  readonly bar: number
  readonly celsius: number
  /** By how much it warms in all, in K, and how soon: minutes to about two thirds of it. */
  readonly warming: { readonly kelvin: number; readonly minutes: number }
  /** How the air about it sways, in K, over so many minutes. */
  readonly sway: { readonly kelvin: number; readonly minutes: number }
  readonly gauge: { readonly noise: number; readonly step: number; readonly dropOuts: number }
  /** A thermometer on the pipe, and how far it lags at first, in K, over so many minutes; null where there is none. */
  readonly thermometer: { readonly lag: number; readonly minutes: number } | null
  readonly seconds: number
  readonly every: number
}

const thermometerNoise = 0.05
/** A hole that does not change, and one in a wall that gives. */
const [inMetal, inPlastic] = [0.5, 0.75]

/** The readings of a simulated gauge. @param random numbers from 0 up to 1 */
export function simulatedReadings(of: TrueTest, random: () => number): Reading[] {
  const celsiusAt = (seconds: number): number => {
    const minutes = seconds / 60
    return (
      of.celsius +
      of.warming.kelvin * (1 - Math.exp(-minutes / of.warming.minutes)) +
      of.sway.kelvin * Math.sin((2 * Math.PI * minutes) / of.sway.minutes)
    )
  }
  const moments: { seconds: number; celsius: number }[] = []
  for (let seconds = 0; seconds <= of.seconds; seconds += of.every)
    moments.push({ seconds, celsius: celsiusAt(seconds) })
  const supposed = {
    ...still(of.system),
    logSofter: Math.log(of.softer),
    flow: of.leak,
    exponent: of.system.hasPlastic ? inPlastic : inMetal,
    creep: of.creep,
  }
  const bar = follow(supposed, of.bar, courseOf(moments, of.bar))
  return moments.flatMap(({ seconds, celsius }, at): Reading[] => {
    const isOut = random() < of.gauge.dropOuts
    const shown = Math.max(0, normal(random, bar[at]!, of.gauge.noise))
    const stepped = of.gauge.step > 0 ? Math.round(shown / of.gauge.step) * of.gauge.step : shown
    const { thermometer } = of
    return [
      {
        seconds,
        bar: isOut ? 0 : stepped,
        ...(thermometer
          ? {
              celsius: normal(
                random,
                celsius + thermometer.lag * Math.exp(-seconds / 60 / thermometer.minutes),
                thermometerNoise,
              ),
            }
          : {}),
      },
    ]
  })
}
