/** Whether a device answers. */
export type LinkState = 'off' | 'connecting' | 'connected' | 'lost'

/** A device that sends what it reads. A real one over Bluetooth and a simulated one are told apart by nothing else. */
export interface Device<Reading> {
  readonly name: string
  connect(): Promise<void>
  disconnect(): void
  /** Calls back with every reading. @returns how to stop listening */
  onReading(listener: (reading: Reading) => void): () => void
  onState(listener: (state: LinkState) => void): () => void
}

export const linkWords: Readonly<Record<LinkState, string>> = {
  off: 'not connected',
  connecting: 'connecting …',
  connected: 'connected',
  lost: 'out of reach: connect again',
}
