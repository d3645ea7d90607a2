import { until, useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { Entry } from '~~/core/log/entry'
import type { BodyOf, EntryOf, KindId } from '~~/core/log/known-entry'
import { jointsDone } from '~~/core/log/joints-done'
import { siteState } from '~~/core/log/site-state'
import { inPieces } from '~/sync/log-pieces'
import { keepLog, logCopyOf } from '~/sync/copies'
import { ask } from '~/sync/ask'
import type { Newest } from '~/sync/newest'
import { smallPhoto } from '~/saving/small-photo'
import { useJobStore } from '~/stores/job'
import { useOutboxStore } from '~/stores/outbox'

/** A page of a job's log as it is answered. */
interface Page {
  readonly entries: readonly Entry[]
  readonly cursor: string
  /** All from the beginning: the cursor was of a life of the database that is over. */
  readonly anew?: boolean
}

/** Each entry once, where it first stands. */
const firstOfEach = (entries: readonly Entry[]): Entry[] => {
  const known = new Set<string>()
  return entries.filter(({ id }) => !known.has(id) && known.add(id))
}

/** What is written down: of its kind, with what its kind says. */
type Written = Partial<Pick<Entry, 'replaces' | 'why'>> &
  { [Kind in KindId]: Pick<EntryOf<Kind>, 'kind' | 'subject' | 'body'> }[KindId]

/** What was written down of the open job, here and by others; what is written counts before the server has it. */
export const useLogStore = defineStore('log', () => {
  const outbox = useOutboxStore()
  const jobs = useJobStore()
  /** In the server's order. */
  const read = shallowRef<readonly Entry[]>([])
  /** The server took them, and they were not read back yet: their place among others' is not known. */
  const taken = shallowRef<readonly Entry[]>([])
  let job = ''
  let cursor = '0'
  /** Who writes, as it was last said. */
  const who = useLocalStorage('jolvet-who', '')
  const path = (of: string) => `/api/jobs/${of}/log`

  const waiting = computed(() =>
    outbox
      .waitingOf('log')
      .filter((command) => command.path === path(jobs.id))
      .flatMap(({ body }) => (body as { entries: readonly Entry[] }).entries),
  )
  const entries = computed(() => firstOfEach([...read.value, ...taken.value, ...waiting.value]))
  const state = computed(() => (jobs.plan ? siteState(jobs.plan, entries.value) : null))
  const done = computed(() =>
    jobs.built && jobs.plan && state.value ? jointsDone(jobs.built, jobs.plan, state.value) : null,
  )

  function take(of: string, { entries: more, cursor: at, anew }: Page): void {
    if (of !== job) return
    const isSame = !anew && more.length === 0 && at === cursor
    if (isSame) return
    const before = read.value
    const [, lifeBefore] = cursor.split('.')
    read.value = firstOfEach(anew ? more : [...before, ...more])
    cursor = at
    const known = new Set(read.value.map(({ id }) => id))
    taken.value = taken.value.filter(({ id }) => !known.has(id))
    void keepLog({ job, entries: read.value, cursor })
    // The database was put back from a backup: what was written since is written again, by whoever still has it.
    if (anew)
      send(
        job,
        before.filter(({ id }) => !known.has(id)),
        'entries from before the restore',
        lifeBefore,
      )
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

  /** What others wrote since. */
  async function refresh(): Promise<void> {
    const of = job
    const heard = of ? await ask(`${path(of)}?after=${cursor}`) : null
    if (heard?.isGood && heard.json) take(of, heard.json as Page)
  }

  /** Hears how far the server has come: what others wrote is read on. */
  function hear(newest: Newest): void {
    if (newest.log !== cursor) void refresh()
  }

  outbox.onAnswer('log', ({ path: of, body }, answer) => {
    if (answer.outcome !== 'done' || of !== path(job)) return
    const { arrived, ahead } = answer.answer as { readonly arrived: string; readonly ahead: number | null }
    const own = (body as { entries: readonly Entry[] }).entries
    taken.value = [...taken.value, ...own.map((entry) => ({ ...entry, arrived, ...(ahead === null ? {} : { ahead }) }))]
  })

  /** A joint that was drawn a moment ago is saved before it is ticked; where that takes long, the tick goes all the same. */
  const longestWait = 5000
  outbox.onSend('log', async ({ path: of }) => {
    if (of !== path(jobs.id) || jobs.status.kind === 'saved') return
    await until(() => jobs.status.kind).toBe('saved', { timeout: longestWait })
  })

  /** @param generation the life of the database in which they were written: its versions are theirs */
  function send(of: string, all: readonly Entry[], says: string, generation = jobs.generation): void {
    // In their order, and each as of the clock that wrote it, where it is known how far that was off.
    for (const { ahead, entries } of inPieces(all)) {
      const command = { changes: 'log', says, method: 'POST', path: path(of), body: { entries }, generation } as const
      void outbox.add({ ...command, ...(ahead === undefined ? {} : { ahead }) })
    }
  }

  /** Writes entries down: kept here at once, and sent. */
  function writeAll(written: readonly Written[], says: string): void {
    const entries = written.map((of): Entry => ({
      ...of,
      id: crypto.randomUUID(),
      at: new Date().toISOString(),
      by: who.value.trim(),
      jobVersion: jobs.version,
    }))
    send(jobs.id, entries, says)
  }
  const write = (written: Written, says: string) => writeAll([written], says)
  /** Takes an entry back, as if it had not been written: it stays, and does not count. */
  const strikeOut = (id: string, why: string, says: string) =>
    write({ kind: 'correction', subject: {}, body: { withdrawn: true }, replaces: id, why }, says)

  /** Pictures that were taken in this visit, by their SHA-256: shown before the server has them. */
  const pictures = shallowReactive(new Map<string, string>())
  const photoUrl = (sha: unknown): string => pictures.get(String(sha)) ?? `/api/photos/${String(sha)}`

  /**
   * Keeps a picture and writes it down: of a joint, or of the whole job.
   *
   * @throws Error where the file is no picture that the browser can read
   */
  async function addPhoto(file: Blob, joint: string | null, more: Partial<BodyOf<'photo'>> = {}): Promise<void> {
    const { blob, sha } = await smallPhoto(file)
    pictures.set(sha, URL.createObjectURL(blob))
    // The picture goes first: an entry never names one that nobody has.
    void outbox.add({ changes: 'photos', says: 'a photo', method: 'POST', path: '/api/photos', body: blob })
    write({ kind: 'photo', subject: joint === null ? {} : { joint }, body: { sha, ...more } }, 'a photo')
  }

  return { entries, state, done, who, open, hear, write, writeAll, strikeOut, addPhoto, photoUrl }
})
