/** Whether a device answers. */
export type LinkState = 'off' | 'connecting' | 'connected' | 'lost'

/** A caliper that sends what it reads. A real one over Bluetooth and the simulated one are told apart by nothing else. */
export interface Caliper {
  readonly name: string
  connect(): Promise<void>
  disconnect(): void
  /** Calls back with every reading in mm, as sent when its key is pressed. @returns how to stop listening */
  onReading(listener: (mm: number) => void): () => void
  onState(listener: (state: LinkState) => void): () => void
}
