import type { Command } from './command'
import type { CommandAnswer, SendAnswer } from './command-answer'
import type { CommandStore } from './command-store'
import { nextOf } from './turn'

/** What the tabs tell each other: that there is something new in the store, what became of a command, or that it was let go. */
export type Heard =
  | { readonly kind: 'look' }
  | { readonly kind: 'answer'; readonly command: Command; readonly answer: CommandAnswer; readonly isGone: boolean }
  | { readonly kind: 'forgotten'; readonly id: string }

export interface OutboxState {
  /** What the server does not have yet, in its order. */
  readonly waiting: readonly Command[]
  /** What it did not accept, until that was seen. */
  readonly refused: readonly Command[]
  /** Whether all that waits outlives a reload; false where the browser's storage is full or blocked. */
  readonly isKept: boolean
  /** The server or its database does not answer, or lets nobody in. */
  readonly isAway: boolean
  /** What was said of that; empty where nothing was heard. */
  readonly why: string
  /** All that waits is about jobs that the server does not have yet. */
  readonly isHeld: boolean
}

export interface OutboxSettings {
  readonly store: CommandStore
  readonly send: (command: Command) => Promise<SendAnswer>
  /** What is asked before each is chosen: whether what a command is about is there already. */
  readonly whatMayGo?: () => Promise<(command: Command) => boolean>
  /** Does work while no other tab does its own. */
  readonly alone: (work: () => Promise<void>) => Promise<void>
  /** Waits before the next try: longer after each one that was not heard. */
  readonly pause: (tries: number) => Promise<void>
  readonly tellOthers: (heard: Heard) => void
  readonly onState: (state: OutboxState) => void
  /** Told in every tab what became of a command. */
  readonly onAnswer: (command: Command, answer: CommandAnswer) => void
}

/** What happened on site is never let go of by itself: refused, it stays until somebody lets it go. */
const isEvidence = ({ changes }: Command): boolean => changes === 'log' || changes === 'photos' || changes === 'minutes'

/** So often a change on which the server fails is tried before those behind it have their turn. */
const mostFailures = 5
const failing = `The server failed on it ${mostFailures} times. It is kept here: send it again later, or tell who runs the server.`

/**
 * All changes on their way to the server: each kept in the browser before it is sent, sent in order by one tab at a
 * time, again until the server has it, through reload, crash and restart.
 */
export class Outbox {
  readonly #settings: OutboxSettings
  #list: readonly Command[] = []
  readonly #beingPut = new Map<string, Promise<void>>()
  /** Those for which the store has no room. */
  readonly #unkept = new Set<string>()
  /** Those that are done with: the store may still show them, or show them no more. */
  readonly #settled = new Set<string>()
  readonly #waiters = new Map<string, (answer: CommandAnswer) => void>()
  #isSending = false
  #isAway = false
  #why = ''
  #mayGo: (command: Command) => boolean = () => true

  constructor(settings: OutboxSettings) {
    this.#settings = settings
  }

  /** Takes up what an earlier visit left. */
  async open(): Promise<void> {
    await this.#look()
    void this.#run()
  }

  /** Takes a change. @returns what became of it; never, where the page goes before that is known: the next visit sends it */
  add(command: Command): Promise<CommandAnswer> {
    this.#settled.delete(command.id)
    // One that an earlier visit left may be added again before it was looked for.
    this.#list = [...this.#list.filter(({ id }) => id !== command.id), command]
    this.#beingPut.set(command.id, this.#keep(command))
    this.#tell()
    void this.#run()
    return new Promise((resolve) => this.#waiters.set(command.id, resolve))
  }

  async #keep(command: Command): Promise<void> {
    const { store, tellOthers } = this.#settings
    try {
      await store.put(command)
      tellOthers({ kind: 'look' })
    } catch {
      this.#unkept.add(command.id)
      this.#tell()
    }
    this.#beingPut.delete(command.id)
  }

  /** What the server failed on is tried anew, in its old place. */
  async again(id: string): Promise<void> {
    const failed = this.#list.find((command) => command.id === id)
    if (!failed) return
    const { refused: _, isSound: __, ...command } = failed
    await this.#mark(command)
    this.#settings.tellOthers({ kind: 'look' })
    void this.#run()
  }

  /** What was not accepted is seen, and goes. */
  async forget(id: string): Promise<void> {
    await this.#drop(id)
    this.#settings.tellOthers({ kind: 'forgotten', id })
  }

  /** What was held back may go now: its job was saved, say. */
  async goOn(): Promise<void> {
    await this.#look()
    void this.#run()
  }

  /** What another tab tells. */
  async hear(heard: Heard): Promise<void> {
    if (heard.kind === 'forgotten') await this.#drop(heard.id)
    if (heard.kind === 'answer') {
      const { command, answer, isGone } = heard
      const isHeard = await this.#settle(command, answer)
      if (isGone) await this.#drop(command.id)
      else if (isHeard && this.#settled.has(command.id))
        this.#settings.tellOthers({ kind: 'forgotten', id: command.id })
    }
    await this.goOn()
  }

  #tell(): void {
    const waiting = this.#list.filter(({ refused }) => refused === undefined)
    this.#settings.onState({
      waiting,
      isHeld: waiting.length > 0 && this.#next === undefined,
      refused: this.#list.filter(({ refused }) => refused !== undefined),
      isKept: this.#unkept.size === 0,
      isAway: this.#isAway,
      why: this.#why,
    })
  }

  /**
   * Reads what all tabs have put. What is known here and stands there no more, though nobody was heard to settle it, was
   * lost with the browser's storage: it is put there again, and sent; the server does it once all the same.
   */
  async #look(): Promise<void> {
    const { store, whatMayGo } = this.#settings
    // Put while this look reads, it may not see them: that is no loss.
    const onTheirWay = new Set(this.#beingPut.keys())
    const stored = await store.all().catch(() => null)
    const known = this.#list
    const there = (stored ?? known).filter(({ id }) => !this.#settled.has(id))
    const ids = new Set(there.map(({ id }) => id))
    const missing = known.filter(({ id }) => !ids.has(id) && !this.#settled.has(id))
    this.#list = [...there, ...missing]
    for (const command of missing)
      if (!onTheirWay.has(command.id) && !this.#beingPut.has(command.id) && !this.#unkept.has(command.id))
        this.#beingPut.set(command.id, this.#keep(command))
    if (whatMayGo) this.#mayGo = await whatMayGo()
    this.#tell()
  }

  async #run(): Promise<void> {
    if (this.#isSending) return
    this.#isSending = true
    try {
      await this.#settings.alone(() => this.#sendAll())
    } finally {
      this.#isSending = false
    }
    // Added after the last look, while the others were still kept out.
    if (this.#next) void this.#run()
  }

  get #next(): Command | undefined {
    const waiting = this.#list.filter(({ refused }) => refused === undefined)
    return nextOf(waiting, this.#mayGo)
  }

  async #sendAll(): Promise<void> {
    const { send, pause } = this.#settings
    let [tries, failures] = [0, 0]
    for (await this.#look(); this.#next; await this.#look()) {
      const command = this.#next
      // Kept before it is sent, where there is room: else a crash in between would leave nobody to ask again.
      await this.#beingPut.get(command.id)
      const answer = await send(command)
      this.#isAway = answer.outcome === 'away'
      this.#why = answer.outcome === 'away' ? (answer.why ?? '') : ''
      const isLastTry = answer.outcome === 'failed' && ++failures === mostFailures
      if (answer.outcome === 'done' || answer.outcome === 'refused') await this.#take(command, answer)
      else if (answer.outcome === 'more') this.#tell()
      else if (isLastTry) await this.#setAside(command)
      else {
        this.#tell()
        await pause(++tries)
        continue
      }
      tries = failures = 0
    }
  }

  /** What was answered waits no more; what was refused stays until somebody has seen it. */
  async #take(command: Command, answer: CommandAnswer): Promise<void> {
    const isHeard = await this.#settle(command, answer)
    if (answer.outcome === 'refused' && (!isHeard || isEvidence(command)))
      await this.#mark({ ...command, refused: answer.message, isSound: true })
    else if (!isHeard) await this.#drop(command.id)
    this.#settings.tellOthers({ kind: 'answer', command, answer, isGone: this.#settled.has(command.id) })
  }

  /** Stays for who may send it again, and lets the others by. */
  async #setAside(command: Command): Promise<void> {
    const answer = { outcome: 'refused', message: failing, fields: [], isSound: true } as const
    await this.#mark({ ...command, refused: failing, isSound: true })
    await this.#settle(command, answer)
    this.#settings.tellOthers({ kind: 'answer', command, answer, isGone: this.#settled.has(command.id) })
  }

  async #mark(command: Command): Promise<void> {
    await this.#settings.store.put(command).catch(() => {})
    this.#unkept.delete(command.id)
    this.#list = this.#list.map((other) => (other.id === command.id ? command : other))
    this.#tell()
  }

  /** @returns whether this tab made it and waited for it */
  async #settle(command: Command, answer: CommandAnswer): Promise<boolean> {
    const waiter = this.#waiters.get(command.id)
    this.#waiters.delete(command.id)
    // What the server has is taken over before the change waits no more: what is shown does not go back in between.
    this.#settings.onAnswer(command, answer)
    const isDone = answer.outcome === 'done' || (!answer.isSound && !isEvidence(command))
    if (waiter && isDone) await this.#drop(command.id)
    waiter?.(answer)
    return waiter !== undefined
  }

  async #drop(id: string): Promise<void> {
    this.#settled.add(id)
    // Else what is still being put would stand there again.
    await this.#beingPut.get(id)
    await this.#settings.store.remove(id).catch(() => {})
    this.#unkept.delete(id)
    this.#list = this.#list.filter((other) => other.id !== id)
    this.#tell()
  }
}
