import { follow, still, type Supposed } from './forward'
import type { ReadingEvidence } from './reading-evidence'
import { unknownsOf } from './unknowns'

/** What a tight system would show at a moment, and between which pressures it lies in 95 of 100 cases, in bar. */
export interface Expected {
  readonly seconds: number
  readonly bar: number
  readonly low: number
  readonly high: number
}

/** So many standard deviations hold 95 of 100 cases. */
const within95 = 1.96
/** A figure is moved by so much of its deviation to see what it does. */
const nudge = 0.05

/**
 * What a tight system would show: by the likeliest softness beforehand, as sure as that, its creep, the thermometer and the
 * gauge are.
 *
 * @remarks for instance: copper that warms by 1 K at 15 °C: 1.5 bar more, give or take a quarter of that
 */
export function expectedOf({ bins, telling, course, prepared }: ReadingEvidence): Expected[] {
  const { supposition, own, covariance } = prepared.reduce((one, other) =>
    other.supposition.log > one.supposition.log ? other : one,
  )
  const first = bins[0]!.bar
  const unknowns = unknownsOf(own, supposition)
  const usual = unknowns.reduce((base: Supposed, { of, mean }) => ({ ...base, [of]: mean }), still(own))
  const bars = follow(usual, first, course)
  const slopes = unknowns.map(({ of, deviation }) => {
    const moved = follow({ ...usual, [of]: usual[of] + nudge * deviation }, first, course)
    return moved.map((bar, at) => (bar - bars[at]!) / nudge)
  })
  return bins.map(({ seconds }, at) => {
    const row = telling.indexOf(at)
    const apart = row < 0 ? 0 : covariance[row]![row]!
    const deviation = Math.hypot(Math.sqrt(apart), ...slopes.map((slope) => slope[at]!))
    const bar = bars[at]!
    return { seconds, bar, low: Math.max(0, bar - within95 * deviation), high: bar + within95 * deviation }
  })
}
