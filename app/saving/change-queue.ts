import type { Workshop, WorkshopChange } from '~~/core/job/workshop'

/** A change that the server does not have yet; its id tells it apart from another tab's, which shares the list. */
export interface PendingChange extends WorkshopChange {
  readonly id: string
}

export type SendAnswer =
  | { readonly outcome: 'saved'; readonly workshop: Workshop }
  | { readonly outcome: 'refused'; readonly message: string }
  | { readonly outcome: 'away' }

export interface ChangeQueueOptions {
  /** The list of changes, kept where a reload does not lose it. */
  readonly read: () => readonly PendingChange[]
  readonly write: (changes: readonly PendingChange[]) => void
  readonly send: (changes: readonly WorkshopChange[]) => Promise<SendAnswer>
  readonly onAnswer: (answer: SendAnswer) => void
  /** Waits before the next try while the server is away. */
  readonly pause: () => Promise<void>
}

/** Sends changes to the server in their order, all that wait at once, and again until it has them. */
export class ChangeQueue {
  private isSending = false

  constructor(private readonly options: ChangeQueueOptions) {}

  add(change: PendingChange): Promise<void> {
    this.options.write([...this.options.read(), change])
    return this.flush()
  }

  /** Sends what waits; returns at once where that is under way. */
  async flush(): Promise<void> {
    if (this.isSending) return
    this.isSending = true
    try {
      while (this.options.read().length > 0) await this.sendOnce()
    } finally {
      this.isSending = false
    }
  }

  private async sendOnce(): Promise<void> {
    const { read, write, send, onAnswer, pause } = this.options
    const changes = [...read()]
    const answer = await send(changes.map(({ path, value }) => ({ path, value })))
    onAnswer(answer)
    if (answer.outcome === 'away') {
      await pause()
      return
    }
    const sent = new Set(changes.map(({ id }) => id))
    write(read().filter(({ id }) => !sent.has(id)))
  }
}
