import { normal } from '~~/core/quantity/normal'
import type { Caliper } from './caliper'
import { simulatedLink } from './simulated-link'

/** What the simulated caliper can be told, beyond what a real one does. */
export interface SimulatedCaliper extends Caliper {
  /** What is between its jaws, in mm. */
  put(mm: number): void
  /** Its key: sends one reading, with noise. */
  pressKey(): void
  /** The link drops out, as when it is carried out of reach. */
  dropOut(): void
}

/** Limits of error, in mm, as two standard deviations; and the step that its display shows. */
const error = 0.1
const step = 0.01

/** A caliper with noise, behind the same interface as a real one. */
export function simulatedCaliper(random: () => number = Math.random): SimulatedCaliper {
  const { send, ...link } = simulatedLink<number>()
  let between = 0
  return {
    ...link,
    name: 'Simulated caliper',
    put: (mm) => void (between = mm),
    pressKey() {
      if (between <= 0) return
      const mm = Math.max(0, Math.round(normal(random, between, error / 2) / step) * step)
      send(Math.round(mm * 100) / 100)
    },
  }
}
