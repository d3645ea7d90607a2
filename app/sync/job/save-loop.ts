import type { Job } from '~~/core/job/job'
import { clashKey, mergeJobs, saysTheSame, type Clash } from '~~/core/edit/merge'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { Stored, Transport } from './job-transport'

export type SaveStatus =
  | { readonly kind: 'saved' | 'saving' | 'gone' }
  | { readonly kind: 'waiting'; readonly what: 'server' | 'database' }
  | { readonly kind: 'conflict'; readonly theirs: Stored; readonly clashes: readonly Clash[] }
  | { readonly kind: 'invalid'; readonly fields: readonly FieldProblem[] }

/** A text that is sent, and the key under which the server takes it once, however often it comes. */
export interface Attempt {
  readonly job: Job
  readonly version: number
  readonly generation?: string
  readonly key: string
}

/** What is kept of a job until the server has it: what is typed, what that was made from, and what is under way. */
export interface KeptDraft {
  readonly version: number
  /** The life of the server’s database in which it has that version. */
  readonly generation?: string
  readonly job: Job
  readonly base: Job | null
  readonly attempt: Attempt | null
}

export interface SaveLoopSettings {
  readonly id: string
  readonly version: number
  readonly generation?: string
  readonly job: Job
  /** The job as it is in that version; null where that is not known. */
  readonly base: Job | null
  /** What an earlier visit sent, and did not hear of; null where there is nothing. */
  readonly attempt?: Attempt | null
  readonly transport: Transport
  /**
   * Keeps and drops the local draft: what is typed is kept here before it is sent, with what it was made from. Whether
   * there was room for it; it is sent all the same.
   */
  readonly keep: (draft: KeptDraft) => Promise<boolean>
  readonly drop: () => unknown
  readonly onStatus: (status: SaveStatus) => void
  /** Told whether this browser has what is not saved yet. */
  readonly onKept: (isKept: boolean) => void
  /** Told when another's changes were brought together with those made here. */
  readonly onMerged: (job: Job) => void
  /** Whether a job holds together: its legs have their nodes, its pipes are known. */
  readonly isSound: (job: Job) => boolean
  /** Told after every save, for the other tabs. */
  readonly onSaved: (saved: Stored) => void
  readonly wait?: (milliseconds: number) => Promise<void>
}

const pause = 250
const longestRetry = 5000

/** Saves a job as it changes: one request at a time, the latest text, again until the server has it. */
export class SaveLoop {
  version: number
  generation: string | undefined
  #job: Job
  #acknowledged: Job
  /** What the server has in `version`: what is typed here was made from it. */
  #base: Job | null
  /** What is under way: whether the server took it must be known before anything else is sent. */
  #attempt: Attempt | null
  /** The text that the server did not accept: it stays a draft, and only another is sent. */
  #refused: Job | null = null
  #running = false
  #stopped = false
  #left = false
  #onEnd = () => {}
  readonly #settings: SaveLoopSettings

  constructor(settings: SaveLoopSettings) {
    this.#settings = settings
    this.version = settings.version
    this.generation = settings.generation
    this.#job = settings.job
    this.#acknowledged = settings.job
    this.#base = settings.base
    this.#attempt = settings.attempt ?? null
  }

  get isClean(): boolean {
    return this.#job === this.#acknowledged
  }

  /** Takes a change: kept in this browser at once, sent after a short pause. */
  change(job: Job): void {
    this.#job = job
    void this.#keep()
    void this.#run()
  }

  /**
   * The page goes on to something else: what is not saved yet is still sent, and its draft dropped when the server has
   * it, but nobody is told any more; whatever the page shows by then is not this job.
   *
   * @param then done when nothing of it is under way any more
   */
  leave(then: () => void): void {
    this.#left = true
    if (this.#running) this.#onEnd = then
    else then()
  }

  /** Sends nothing more; what is under way is not waited for. */
  stop(): void {
    this.#stopped = true
  }

  async #keep(): Promise<void> {
    const isKept = await this.#settings.keep({
      version: this.version,
      generation: this.generation,
      job: this.#job,
      base: this.#base,
      attempt: this.#attempt,
    })
    if (!this.#left) this.#settings.onKept(isKept)
  }

  #tell(status: SaveStatus): void {
    if (!this.#left) this.#settings.onStatus(status)
  }

  /** Takes what another tab saved, where nothing here is unsaved. */
  replace(stored: Stored): void {
    this.version = stored.version
    this.generation = stored.generation
    this.#job = stored.job
    this.#acknowledged = stored.job
    this.#base = stored.job
    this.#settings.drop()
    this.#tell({ kind: 'saved' })
  }

  /**
   * Ends a conflict with one's own text on top of the newer version, but for the clashes that are yielded.
   *
   * @returns the job as it is then, and as it would be with every clash settled the other way; null where the two do not
   * hold together
   */
  settle(theirs: Stored, yielded: ReadonlySet<string>): { readonly job: Job; readonly other: Job } | null {
    const { job, clashes } = mergeJobs(this.#base, this.#job, theirs.job, yielded)
    if (!this.#settings.isSound(job)) return null
    const kept = new Set(clashes.map(clashKey).filter((key) => !yielded.has(key)))
    const other = mergeJobs(this.#base, this.#job, theirs.job, kept).job
    this.#stopped = false
    this.#goOnFrom(theirs)
    this.change(job)
    return { job, other }
  }

  /** Ends a conflict with one's own text alone. */
  insist(theirs: Stored): void {
    this.#stopped = false
    this.#goOnFrom(theirs)
    this.change(this.#job)
  }

  #goOnFrom({ version, generation, job }: Stored): void {
    this.version = version
    this.generation = generation
    this.#base = job
    this.#acknowledged = job
  }

  /**
   * Brings the newer version together with what is here, where the two touch different things.
   *
   * @returns where they clash; null where they are brought together
   */
  #merge(theirs: Stored): readonly Clash[] | null {
    const { job, clashes } = mergeJobs(this.#base, this.#job, theirs.job)
    if (clashes.length > 0 || !this.#settings.isSound(job)) return clashes
    this.#goOnFrom(theirs)
    this.#job = saysTheSame(job, theirs.job) ? theirs.job : job
    if (!this.#left) this.#settings.onMerged(this.#job)
    return null
  }

  /** Ends a conflict with the newer version. */
  yieldTo(theirs: Stored): void {
    this.#stopped = false
    this.replace(theirs)
  }

  #wait(milliseconds: number): Promise<void> {
    return (this.#settings.wait ?? ((time) => new Promise((done) => setTimeout(done, time))))(milliseconds)
  }

  async #run(): Promise<void> {
    if (this.#running || this.#stopped) return
    this.#running = true
    this.#tell({ kind: 'saving' })
    let retry = pause
    await this.#wait(pause)
    while (!this.isClean && !this.#stopped && this.#job !== this.#refused) {
      const heard = await this.#send()
      if (heard) retry = pause
      else {
        retry = Math.min(retry * 2, longestRetry)
        await this.#wait(retry)
      }
    }
    this.#running = false
    if (this.isClean && !this.#stopped) {
      this.#settings.drop()
      this.#tell({ kind: 'saved' })
    }
    this.#onEnd()
  }

  /** Sends what is under way, or else the latest text, once. @returns whether the server gave an answer that settles it */
  async #send(): Promise<boolean> {
    const { id, transport, onSaved } = this.#settings
    if (!this.#attempt) {
      const { version, generation } = this
      this.#attempt = { job: this.#job, version, generation, key: crypto.randomUUID() }
      // Kept before it is sent: else a crash in between would leave nobody who knows what was under way.
      await this.#keep()
    }
    const { job: sent } = this.#attempt
    const answer = await transport.save(id, this.#attempt)
    if (answer.outcome === 'away') {
      this.#tell({ kind: 'waiting', what: answer.what })
      return false
    }
    this.#attempt = null
    if (answer.outcome === 'done') {
      const saved = { ...answer.stored, job: sent }
      this.#goOnFrom(saved)
      onSaved(saved)
      if (!this.isClean) void this.#keep()
      return true
    }
    const clashes = answer.outcome === 'conflict' ? this.#merge(answer.stored) : []
    if (clashes === null) {
      if (!this.isClean) void this.#keep()
      return true
    }
    this.#stopped = answer.outcome !== 'invalid'
    if (answer.outcome === 'conflict') this.#tell({ kind: 'conflict', theirs: answer.stored, clashes })
    if (answer.outcome === 'gone') this.#tell({ kind: 'gone' })
    if (answer.outcome === 'invalid') {
      this.#tell({ kind: 'invalid', fields: answer.fields })
      this.#refused = sent
    }
    return true
  }
}
