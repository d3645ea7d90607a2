import { setTimeout as sleep } from 'node:timers/promises'
import { summarise } from '../database/job-summaries'
import { errorCode } from '../database/connection/error-code'
import { Busy } from '../work/work-pool'
import { unasked } from './heavy'

/** Typing saves again and again: what is worked out of one that is saved in a moment is of no use. */
const settleMs = 300

/** Jobs of which it is to be worked out where they stand. */
const wanted = new Set<string>()
let working: Promise<void> | null = null

async function workAll(): Promise<void> {
  for (const job of wanted) {
    wanted.delete(job)
    try {
      await summarise(job, (texts) => unasked('status', texts))
    } catch (error) {
      // The database is away, or there is no place on the thread: the next who lists the jobs asks again.
      wanted.clear()
      if (!(error instanceof Busy))
        console.error(`Where jobs stand is worked out later: ${errorCode(error) || String(error)}`)
    }
  }
}

/** Works on what is wanted, unless that is done already. */
const work = (): Promise<void> => (working ??= workAll().finally(() => (working = null)))

/** Works out where a job stands, on a thread, after it was saved or written of, or where the list does not know it. */
export function summariseSoon(job: string): void {
  wanted.add(job)
  setTimeout(() => void work(), settleMs)
}

/** The same at once, for who waits for it so many ms at most. */
export async function summariseNow(jobs: readonly string[], patience: number): Promise<void> {
  for (const job of jobs) wanted.add(job)
  await Promise.race([work(), sleep(patience)])
}
