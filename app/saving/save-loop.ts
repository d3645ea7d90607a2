import { compareJobs } from '~~/core/job/compare'
import type { Job } from '~~/core/job/job'
import type { FieldProblem } from '~~/core/job/read-job'
import type { Stored, Transport } from './transport'

export type SaveStatus =
  | { readonly kind: 'saved' | 'saving' | 'gone' }
  | { readonly kind: 'waiting'; readonly what: 'server' | 'database' }
  | { readonly kind: 'conflict'; readonly theirs: Stored }
  | { readonly kind: 'invalid'; readonly fields: readonly FieldProblem[] }

export interface SaveLoopSettings {
  readonly id: string
  readonly version: number
  readonly job: Job
  readonly transport: Transport
  /**
   * Keeps and drops the local draft: what is typed is kept here before it is sent. Whether there was room for it; it is
   * sent all the same.
   */
  readonly keep: (version: number, job: Job) => boolean
  readonly drop: () => void
  readonly onStatus: (status: SaveStatus) => void
  /** Told whether this browser has what is not saved yet. */
  readonly onKept: (isKept: boolean) => void
  /** Told after every save, for the other tabs. */
  readonly onSaved: (version: number) => void
  readonly wait?: (milliseconds: number) => Promise<void>
}

const pause = 250
const longestRetry = 5000

/** Saves a job as it changes: one request at a time, the latest text, again until the server has it. */
export class SaveLoop {
  version: number
  #job: Job
  #acknowledged: Job
  #running = false
  #stopped = false
  #left = false
  readonly #settings: SaveLoopSettings

  constructor(settings: SaveLoopSettings) {
    this.#settings = settings
    this.version = settings.version
    this.#job = settings.job
    this.#acknowledged = settings.job
  }

  get isClean(): boolean {
    return this.#job === this.#acknowledged
  }

  /** Takes a change: kept in this browser at once, sent after a short pause. */
  change(job: Job): void {
    this.#job = job
    this.#keep()
    void this.#run()
  }

  /**
   * The page goes on to something else: what is not saved yet is still sent, and its draft dropped when the server has
   * it, but nobody is told any more; whatever the page shows by then is not this job.
   */
  leave(): void {
    this.#left = true
  }

  #keep(): void {
    const isKept = this.#settings.keep(this.version, this.#job)
    if (!this.#left) this.#settings.onKept(isKept)
  }

  #tell(status: SaveStatus): void {
    if (!this.#left) this.#settings.onStatus(status)
  }

  /** Takes what another tab saved, where nothing here is unsaved. */
  replace(stored: Stored): void {
    this.version = stored.version
    this.#job = stored.job
    this.#acknowledged = stored.job
    this.#settings.drop()
    this.#tell({ kind: 'saved' })
  }

  /** Ends a conflict with one's own text on top of the newer version. */
  insist(theirs: Stored): void {
    this.version = theirs.version
    this.#stopped = false
    this.change(this.#job)
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
    while (!this.isClean && !this.#stopped) {
      const heard = await this.#send()
      if (heard) retry = pause
      else {
        retry = Math.min(retry * 2, longestRetry)
        await this.#wait(retry)
      }
    }
    this.#running = false
  }

  /** Sends the latest text once. @returns whether the server gave an answer that settles it */
  async #send(): Promise<boolean> {
    const { id, transport, onSaved, drop } = this.#settings
    const sent = this.#job
    const answer = await transport.save(id, this.version, sent)
    if (answer.outcome === 'away') {
      this.#tell({ kind: 'waiting', what: answer.what })
      return false
    }
    // An earlier save of this very text may have arrived although its answer was lost.
    const arrived = answer.outcome === 'conflict' && compareJobs(sent, answer.stored.job).length === 0
    if (answer.outcome === 'done' || arrived) {
      this.version = answer.stored.version
      this.#acknowledged = sent
      onSaved(this.version)
      if (this.isClean) {
        drop()
        this.#tell({ kind: 'saved' })
      } else this.#keep()
      return true
    }
    this.#stopped = answer.outcome !== 'invalid'
    if (answer.outcome === 'conflict') this.#tell({ kind: 'conflict', theirs: answer.stored })
    if (answer.outcome === 'gone') this.#tell({ kind: 'gone' })
    if (answer.outcome === 'invalid') {
      this.#tell({ kind: 'invalid', fields: answer.fields })
      // The draft stays; the next change is sent again.
      this.#acknowledged = sent
    }
    return true
  }
}
