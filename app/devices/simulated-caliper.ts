import { normal } from '~~/core/quantity/normal'
import type { Caliper, LinkState } from './caliper'

/** What the simulated caliper can be told, beyond what a real one does. */
export interface SimulatedCaliper extends Caliper {
  /** What is between its jaws, in mm. */
  put(mm: number): void
  /** Its key: sends one reading, with noise; nothing while it is not connected. */
  pressKey(): void
  /** The link drops out, as when it is carried out of reach. */
  dropOut(): void
}

/** Limits of error, in mm, as two standard deviations; and the step that its display shows. */
const error = 0.1
const step = 0.01
const linkTakes = 400

/** A caliper with noise, behind the same interface as a real one. */
export function simulatedCaliper(random: () => number = Math.random): SimulatedCaliper {
  const readings = new Set<(mm: number) => void>()
  const states = new Set<(state: LinkState) => void>()
  let state: LinkState = 'off'
  let between = 0
  const setState = (next: LinkState) => {
    state = next
    for (const listener of states) listener(next)
  }
  const listen = <Listener>(listeners: Set<Listener>, listener: Listener) => {
    listeners.add(listener)
    return () => void listeners.delete(listener)
  }
  return {
    name: 'Simulated caliper',
    async connect() {
      setState('connecting')
      await new Promise((resolve) => setTimeout(resolve, linkTakes))
      if (state === 'connecting') setState('connected')
    },
    disconnect: () => setState('off'),
    onReading: (listener) => listen(readings, listener),
    onState: (listener) => listen(states, listener),
    put: (mm) => void (between = mm),
    pressKey() {
      if (state !== 'connected' || between <= 0) return
      const mm = Math.max(0, Math.round(normal(random, between, error / 2) / step) * step)
      for (const listener of readings) listener(Math.round(mm * 100) / 100)
    },
    dropOut: () => setState('lost'),
  }
}
