import { fewestReadings } from './inference/fewest'
import type { Proof } from './inference/infer'
import { oddReadings } from './odd-readings'
import { gaugeErrorOf, median, type Reading } from './readings'
import { proveSays } from './sayings'
import type { Message } from '../quantity/words/message'

/** Why nothing is decided, whatever explains the readings best. */
export type Doubt = 'few' | 'plastic settles' | 'odd row' | 'topped up' | 'rises' | 'no fit'

/** Between two readings a rise of more than this, in bar, is somebody who pumps, where the pipe warms by less than that, in kelvin. */
const [pumpedBar, warmed] = [0.3, 0.2]

/** A stroke of the pump is so many times what the gauge moves otherwise, from one reading to the next. */
const strokeTimes = 3

/** The first jump up that no warmth explains, as its two readings; null where there is none. */
export function toppedUpAt(readings: readonly Reading[]): readonly [Reading, Reading] | null {
  const usual = median(readings.slice(1).map(({ bar }, at) => Math.abs(bar - readings[at]!.bar)))
  for (const [at, after] of readings.slice(1).entries()) {
    const before = readings[at]!
    const warming = Math.abs((after.celsius ?? 0) - (before.celsius ?? 0))
    if (after.bar - before.bar > Math.max(pumpedBar, strokeTimes * usual) && warming < warmed) return [before, after]
  }
  return null
}

/** What rises by more than this, in bar, is not the gauge's scatter. */
const leastRise = 0.03

/** Whether the gauge rose by more than what explains it best, from the first of the readings to the last of them. */
export function risesUnexplained(readings: readonly Reading[], causes: Proof['causes']): boolean {
  const third = Math.max(1, Math.floor(readings.length / 3))
  const rise =
    median(readings.slice(-third).map(({ bar }) => bar)) - median(readings.slice(0, third).map(({ bar }) => bar))
  const { scatter, step } = gaugeErrorOf(readings)
  const explained = Math.max(0, causes.temperature) + Math.max(0, causes.air)
  return rise > Math.max(leastRise, 3 * scatter, 1.5 * step) + 1.5 * explained
}

/** From so many standard deviations on the best explanation does not fit. */
const worstFit = 4
/** Plastic goes on giving: before so many seconds nobody tells that from a leak. */
const plasticSettles = 1800

/**
 * Why no verdict is given though something explains the readings best: the facts do not allow one yet, somebody touched
 * the pressure, a row is odd, or nothing that is known fits.
 *
 * @param readings since nobody touched it, by the profile
 * @param of all readings as they were given; whether its pipe stretches on; what explains them best, once that is known
 */
export function doubtOf(
  readings: readonly Reading[],
  {
    given,
    creeps,
    proof,
  }: { readonly given: readonly Reading[]; readonly creeps: boolean; readonly proof: Proof | null },
): { readonly doubt: Doubt; readonly message: Message } | null {
  const [odd] = oddReadings(given)
  if (odd) return { doubt: 'odd row', message: proveSays('odd row', { seconds: odd.seconds, bar: odd.bar }) }
  const pumped = toppedUpAt(readings)
  if (pumped)
    return {
      doubt: 'topped up',
      message: proveSays('topped up', { from: pumped[0].seconds, to: pumped[1].seconds }),
    }
  const span = (readings.at(-1)?.seconds ?? 0) - (readings[0]?.seconds ?? 0)
  if (readings.length < fewestReadings.count || span < fewestReadings.seconds)
    return { doubt: 'few', message: proveSays('readings') }
  const last = readings.at(-1)!.seconds
  if (creeps && last < plasticSettles)
    return { doubt: 'plastic settles', message: proveSays('plastic settles', { seconds: plasticSettles - last }) }
  if (!proof) return null
  if (risesUnexplained(readings, proof.causes)) return { doubt: 'rises', message: proveSays('rises') }
  return proof.misfit > worstFit ? { doubt: 'no fit', message: proveSays('no fit') } : null
}
