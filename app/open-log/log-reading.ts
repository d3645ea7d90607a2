import { shallowRef } from 'vue'
import type { Entry } from '~~/core/log/entry'
import { ask } from '~/sync/ask'
import { keepLog, logCopyOf } from '~/sync/copies'
import type { Newest } from '~/sync/newest'

/** A page of a job's log as it is answered. */
interface Page {
  readonly entries: readonly Entry[]
  readonly cursor: string
  /** All from the beginning: the cursor was of a life of the database that is over. */
  readonly anew?: boolean
}

export const logPath = (job: string): string => `/api/jobs/${job}/log`

/** Each entry once, where it first stands. */
export const firstOfEach = (entries: readonly Entry[]): Entry[] => {
  const known = new Set<string>()
  return entries.filter(({ id }) => !known.has(id) && known.add(id))
}

/** @param rewrite told what was read of a life of the database that is over, and is not in this one: it is written again */
export function logReading(rewrite: (job: string, entries: readonly Entry[], life: string | undefined) => void) {
  /** In the server's order. */
  const read = shallowRef<readonly Entry[]>([])
  /** The server took them, and they were not read back yet: their place among others' is not known. */
  const taken = shallowRef<readonly Entry[]>([])
  let job = ''
  let cursor = '0'

  function take(of: string, { entries: more, cursor: at, anew }: Page): void {
    if (of !== job) return
    const isSame = !anew && more.length === 0 && at === cursor
    if (isSame) return
    const before = read.value
    const [, lifeBefore] = cursor.split('.')
    read.value = firstOfEach(anew ? more : [...before, ...more])
    cursor = at
    const known = new Set(read.value.map(({ id }) => id))
    const isNew = ({ id }: Entry): boolean => !known.has(id)
    taken.value = taken.value.filter(isNew)
    void keepLog({ job, entries: read.value, cursor })
    // The database was put back from a backup: what was written since is written again, by whoever still has it.
    if (anew) rewrite(job, before.filter(isNew), lifeBefore)
  }

  /** What others wrote since. */
  async function refresh(): Promise<void> {
    const of = job
    const heard = of ? await ask(`${logPath(of)}?after=${cursor}`) : null
    if (heard?.isGood && heard.json) take(of, heard.json as Page)
  }

  /** Opens the log of a job: as this browser last had it, and what came since. */
  async function open(of: string): Promise<void> {
    if (of === job) return refresh()
    job = of
    read.value = []
    taken.value = []
    const kept = await logCopyOf(of)
    if (job !== of) return
    read.value = kept.entries
    cursor = kept.cursor
    await refresh()
  }

  /** Hears how far the server has come: what others wrote is read on. */
  function hear(newest: Newest): void {
    if (newest.log !== cursor) void refresh()
  }

  /** Hears that the server took entries that were sent by this path. */
  function hearTaken(path: string, entries: readonly Entry[]): void {
    if (path === logPath(job)) taken.value = [...taken.value, ...entries]
  }

  return { read, taken, open, hear, hearTaken }
}
