import { atmosphere } from '../prove/softness'

/** What is lost by the leak that is sought: how well it can be seen follows from it, and how fast a gauge falls. */
export interface Loss {
  readonly medium: 'water' | 'air'
  /** ml a minute; of air as it is once it is out. More than 0. */
  readonly mlPerMinute: number
  /** bar a minute by which the whole line falls by it; 0 where that is not known. */
  readonly barPerMinute: number
}

/** ml a minute: slower than any eye or tissue could tell. */
const slowest = 0.001

/**
 * The loss that a proof found.
 *
 * @param proof ml a minute at the pressure of the test, and what each cause did to it, in bar
 * @param readings of the test, in its order
 * @remarks for instance: 0.6 bar by the leak in ten minutes: 0.06 bar a minute; 2 ml a minute of air at 3.5 bar: 8.9 of free air
 */
export function lossOf(
  proof: {
    readonly leak: { readonly mlPerMinute: number }
    readonly causes: readonly { readonly cause: string; readonly bar: number }[]
  },
  medium: Loss['medium'],
  readings: readonly { readonly seconds: number; readonly bar: number }[],
): Loss {
  const [first, last] = [readings[0], readings.at(-1)]
  const minutes = first && last ? (last.seconds - first.seconds) / 60 : 0
  const fallen = Math.abs(proof.causes.find(({ cause }) => cause === 'leak')?.bar ?? 0)
  const expands = medium === 'air' && first ? (first.bar + atmosphere) / atmosphere : 1
  return {
    medium,
    mlPerMinute: Math.max(slowest, proof.leak.mlPerMinute * expands),
    barPerMinute: minutes > 0 ? fallen / minutes : 0,
  }
}
