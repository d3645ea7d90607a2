import type { Device, LinkState } from './link'

/** What every simulated device has: a link that takes its time, is lost, and is there again. */
export interface SimulatedLink<Reading> extends Omit<Device<Reading>, 'name'> {
  /** Sends a reading to all who listen; nothing while it is not connected. */
  send(reading: Reading): void
  /** The link drops out, as when it is carried out of reach. */
  dropOut(): void
}

const linkTakes = 400

export function simulatedLink<Reading>(): SimulatedLink<Reading> {
  const readings = new Set<(reading: Reading) => void>()
  const states = new Set<(state: LinkState) => void>()
  let state: LinkState = 'off'
  const setState = (next: LinkState) => {
    state = next
    for (const listener of states) listener(next)
  }
  const listen = <Listener>(listeners: Set<Listener>, listener: Listener) => {
    listeners.add(listener)
    return () => void listeners.delete(listener)
  }
  return {
    async connect() {
      setState('connecting')
      await new Promise((resolve) => setTimeout(resolve, linkTakes))
      if (state === 'connecting') setState('connected')
    },
    disconnect: () => setState('off'),
    onReading: (listener) => listen(readings, listener),
    onState: (listener) => listen(states, listener),
    send(reading) {
      if (state === 'connected') for (const listener of readings) listener(reading)
    },
    dropOut: () => setState('lost'),
  }
}
