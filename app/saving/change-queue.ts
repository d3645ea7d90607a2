/** A change that the server does not have yet; its id tells it apart from another tab's, which shares the list. */
export interface Queued {
  readonly id: string
}

export type SendAnswer<Saved> =
  | { readonly outcome: 'saved'; readonly saved: Saved }
  | { readonly outcome: 'refused'; readonly message: string }
  | { readonly outcome: 'away' }

export interface ChangeQueueOptions<Change extends Queued, Saved> {
  /** The list of changes, kept where a reload does not lose it. */
  readonly read: () => readonly Change[]
  readonly write: (changes: readonly Change[]) => void
  /** Which of those that wait are sent together; all of them where it is left out. */
  readonly batch?: (changes: readonly Change[]) => readonly Change[]
  readonly send: (changes: readonly Change[]) => Promise<SendAnswer<Saved>>
  readonly onAnswer: (answer: SendAnswer<Saved>, sent: readonly Change[]) => void
  /** Waits before the next try while the server is away. */
  readonly pause: () => Promise<void>
}

/** Sends changes to the server in their order, all that wait at once, and again until it has them. */
export class ChangeQueue<Change extends Queued, Saved> {
  private isSending = false

  constructor(private readonly options: ChangeQueueOptions<Change, Saved>) {}

  add(change: Change): Promise<void> {
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
    const { read, write, batch, send, onAnswer, pause } = this.options
    const changes = batch ? batch(read()) : [...read()]
    const answer = await send(changes)
    onAnswer(answer, changes)
    if (answer.outcome === 'away') {
      await pause()
      return
    }
    const sent = new Set(changes.map(({ id }) => id))
    write(read().filter(({ id }) => !sent.has(id)))
  }
}
