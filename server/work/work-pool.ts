/** A thread that works: a message goes in, messages come out. */
export interface WorkThread {
  postMessage(message: Ask): void
  on(event: 'message', take: (message: Told) => void): unknown
  on(event: 'error' | 'exit', take: (why: unknown) => void): unknown
  terminate(): unknown
}
export interface Ask {
  readonly task: string
  readonly input: unknown
}
/** What a thread says of its task: the best so far, the answer, or what it failed by. */
export type Told =
  | { readonly kind: 'so-far'; readonly value: unknown }
  | { readonly kind: 'answer'; readonly value: unknown }
  | { readonly kind: 'failed'; readonly message: string }

/** So much waits already that more is not taken. */
export class Busy extends Error {}
/** It took longer than is given to one. */
export class TooLong extends Error {}
/** Who asked is gone. */
export class Cancelled extends Error {}

export interface PoolLimits {
  /** How many work at once. */
  readonly threads: number
  /** How many may wait for a thread; of one client half of them, where clients are told apart. */
  readonly waiting: number
  /** How long one may take once it is begun, in ms. */
  readonly longestMs: number
}

interface Work extends Ask {
  readonly client: string
  readonly settle: (how: { value: unknown } | { error: Error }) => void
  /** Ends it, wherever it is. */
  cancel: () => void
  soFar: { value: unknown } | null
}

/** Who asks, and until when: nothing where it does not matter. */
export interface Asker {
  readonly signal?: AbortSignal
  readonly client?: string
}

/**
 * Threads for what would hold up everybody else's answers. Clients take turns, and each one's work is begun in the order
 * in which it comes; what takes too long, and what nobody waits for any more, is ended with its thread, and a new one takes its place.
 */
export class WorkPool {
  readonly #idle: WorkThread[] = []
  readonly #queue: Work[] = []
  /** When each client had its last turn, by counting. */
  readonly #turns = new Map<string, number>()
  #turn = 0
  /** Whom to tell what a thread says, and that it is no more. */
  readonly #listeners = new Map<WorkThread, { told: (message: Told) => void; died: (why: unknown) => void }>()

  constructor(
    private readonly makeThread: () => WorkThread,
    private readonly limits: PoolLimits,
  ) {}

  /**
   * Does a task on a thread.
   *
   * @returns its answer; where the time is over, the best that it had by then
   * @throws Busy, TooLong, Cancelled
   */
  run(task: string, input: unknown, { signal, client = '' }: Asker = {}): Promise<unknown> {
    const { threads, waiting } = this.limits
    const own = this.#queue.filter((work) => work.client === client).length
    const isFull = this.#queue.length >= waiting || (client !== '' && own >= Math.ceil(waiting / 2))
    if (this.#listeners.size >= threads && isFull) return Promise.reject(new Busy())
    return new Promise((resolve, reject) => {
      const work: Work = {
        task,
        input,
        client,
        soFar: null,
        settle: (how) => ('value' in how ? resolve(how.value) : reject(how.error)),
        cancel: () => this.#leaveQueue(work),
      }
      this.#queue.push(work)
      signal?.addEventListener('abort', () => work.cancel(), { once: true })
      if (signal?.aborted) work.cancel()
      this.#next()
    })
  }

  #leaveQueue(work: Work): void {
    const at = this.#queue.indexOf(work)
    if (at < 0) return
    this.#queue.splice(at, 1)
    work.settle({ error: new Cancelled() })
  }

  #next(): void {
    if (this.#listeners.size >= this.limits.threads) return
    const turnOf = ({ client }: Work) => this.#turns.get(client) ?? 0
    const [work] = this.#queue.toSorted((one, other) => turnOf(one) - turnOf(other))
    if (!work) return
    this.#queue.splice(this.#queue.indexOf(work), 1)
    if (this.#queue.length === 0) this.#turns.clear()
    this.#turns.set(work.client, ++this.#turn)
    this.#begin(work)
  }

  #begin(work: Work): void {
    const thread = this.#idle.pop() ?? this.#fresh()
    const end = (how: Parameters<Work['settle']>[0], isThreadGood: boolean): void => {
      if (!this.#listeners.delete(thread)) return
      clearTimeout(clock)
      if (isThreadGood) this.#idle.push(thread)
      else void thread.terminate()
      work.settle(how)
      this.#next()
    }
    const clock = setTimeout(() => end(work.soFar ?? { error: new TooLong() }, false), this.limits.longestMs)
    work.cancel = () => end({ error: new Cancelled() }, false)
    this.#listeners.set(thread, {
      told(message) {
        if (message.kind === 'so-far') work.soFar = { value: message.value }
        else if (message.kind === 'answer') end({ value: message.value }, true)
        else end({ error: new Error(message.message) }, true)
      },
      died: (why) => end({ error: new Error('the thread ended before its work was done', { cause: why }) }, false),
    })
    thread.postMessage({ task: work.task, input: work.input })
  }

  #fresh(): WorkThread {
    const thread = this.makeThread()
    const died = (why: unknown) => {
      const at = this.#idle.indexOf(thread)
      if (at >= 0) this.#idle.splice(at, 1)
      this.#listeners.get(thread)?.died(why)
    }
    thread.on('message', (message) => this.#listeners.get(thread)?.told(message))
    thread.on('error', died)
    thread.on('exit', died)
    return thread
  }
}
