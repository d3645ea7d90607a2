import type { Reading } from '~~/core/prove/readings'
import { simulatedReadings, type TrueTest } from '~~/core/prove/simulate'
import type { Gauge } from './gauge'
import { simulatedLink } from './simulated-link'

export interface SimulatedGauge extends Gauge {
  /** The link drops out, as when it is carried out of reach. */
  dropOut(): void
}

/**
 * A gauge on a system that goes as it is told, behind the same interface as a real one.
 *
 * @param test what goes on in truth, and how the gauge errs
 * @param faster how many of its seconds go by in one of ours
 */
export function simulatedGauge(test: TrueTest, faster: number, random: () => number = Math.random): SimulatedGauge {
  const { send, connect, disconnect, dropOut, ...link } = simulatedLink<Reading>()
  const readings = simulatedReadings(test, random)
  let at = 0
  let clock: ReturnType<typeof setInterval> | undefined
  const halt = () => clearInterval(clock)
  return {
    ...link,
    name: 'Simulated gauge',
    async connect() {
      await connect()
      halt()
      clock = setInterval(
        () => {
          const reading = readings[at++]
          if (reading) send(reading)
          else halt()
        },
        (1000 * test.every) / faster,
      )
    },
    disconnect() {
      halt()
      disconnect()
    },
    // Its clock goes on while nobody hears it.
    dropOut,
  }
}
