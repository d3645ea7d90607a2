import { fewestReadings } from './inference/fewest'
import type { Proof } from './inference/infer'
import { oddReadings } from './odd-readings'
import { median, type Reading } from './readings'
import { fallenIn } from './stretches'
import { proveSays } from './sayings'
import type { Message } from '../quantity/words/message'

/** Why nothing is decided, whatever explains the readings best. */
export interface Doubt {
  readonly kind: 'few' | 'plastic settles' | 'odd row' | 'topped up' | 'no fit'
  readonly message: Message
  /** Between which readings, or at which one, in seconds. */
  readonly at?: { readonly from: number; readonly to: number }
}

/** Between two readings a rise of more than this, in bar, is somebody who pumps, where the pipe warms by less than that, in kelvin. */
const [pumpedBar, warmed] = [0.3, 0.2]

/** A stroke of the pump is so many times as fast as the gauge moves otherwise. */
const strokeTimes = 3
/**
 * What runs in goes on for so many readings more: each rises at no more than so many times the rate of the one before, none
 * at less than this share of the first, the last at no more than that share of it. Who pumps goes on evenly and stops.
 */
const [goesOnFor, asFast, stillRising, slower] = [3, 1.25, 0.1, 0.9]

/** Whether a rise dies away as one by a valve that passes does, from the interval after this one on. */
function diesAway(rates: readonly number[], at: number): boolean {
  const after = rates.slice(at + 1, at + 1 + goesOnFor)
  const isRising = after.every((rate, next) => rate > stillRising * rates[at]! && rate <= asFast * rates[at + next]!)
  return after.length === goesOnFor && isRising && after.at(-1)! < slower * rates[at]!
}

/** The first jump up that neither warmth nor a flow that dies away explains, as its two readings; null where there is none. */
export function toppedUpAt(readings: readonly Reading[]): readonly [Reading, Reading] | null {
  const rates = readings.slice(1).map(({ bar, seconds }, at) => {
    const before = readings[at]!
    return (bar - before.bar) / Math.max(1, seconds - before.seconds)
  })
  const usual = median(rates.map(Math.abs))
  for (const [at, after] of readings.slice(1).entries()) {
    const before = readings[at]!
    const warming = Math.abs((after.celsius ?? 0) - (before.celsius ?? 0))
    const isJump = after.bar - before.bar > pumpedBar && rates[at]! > strokeTimes * usual
    if (isJump && warming < warmed && !diesAway(rates, at)) return [before, after]
  }
  return null
}

/** From so many standard deviations on the best explanation does not fit. */
const worstFit = 4
/** A leak that is so sure however badly the readings fit is one, where the gauge has fallen: a line that empties by no rule. */
const sureAnyway = 0.9999
/** Plastic goes on giving: before so many seconds nobody tells that from a leak. */
const plasticSettles = 1800

export interface Facts {
  /** Readings between which nobody is known to have touched the pressure. */
  readonly stretches: readonly (readonly Reading[])[]
  /** All readings, as they were given. */
  readonly given: readonly Reading[]
  /** Its pipe stretches on. */
  readonly creeps: boolean
  /** What explains the readings best; null before that is known. */
  readonly proof: Pick<Proof, 'misfit' | 'chanceAnyway'> | null
}

/**
 * Why no verdict is given though something explains the readings best: the facts do not allow one yet, somebody touched
 * the pressure, a row is odd, or nothing that is known fits.
 */
export function doubtOf({ stretches, given, creeps, proof }: Facts): Doubt | null {
  const [odd] = oddReadings(given)
  if (odd)
    return {
      kind: 'odd row',
      message: proveSays('odd row', { seconds: odd.seconds, bar: odd.bar }),
      at: { from: odd.seconds, to: odd.seconds },
    }
  const pumped = stretches.map(toppedUpAt).find((at) => at !== null)
  if (pumped) {
    const at = { from: pumped[0].seconds, to: pumped[1].seconds }
    return { kind: 'topped up', message: proveSays('topped up', at), at }
  }
  const count = stretches.reduce((sum, { length }) => sum + length, 0)
  const span = stretches.reduce((sum, readings) => sum + readings.at(-1)!.seconds - readings[0]!.seconds, 0)
  if (count < fewestReadings.count || span < fewestReadings.seconds || !stretches.every(([first]) => first!.bar > 0))
    return { kind: 'few', message: proveSays('readings') }
  const last = stretches.at(-1)!.at(-1)!.seconds
  if (creeps && last < plasticSettles)
    return { kind: 'plastic settles', message: proveSays('plastic settles', { seconds: plasticSettles - last }) }
  const isFit = !proof || proof.misfit <= worstFit || (proof.chanceAnyway > sureAnyway && fallenIn(stretches) > 0)
  return isFit ? null : { kind: 'no fit', message: proveSays('no fit') }
}
