import { browserDatabase, putRow, type BrowserDatabase, type DraftRow } from '../browser-database'
import { holdDraft } from './draft-lock'
import type { KeptDraft } from './save-loop'
import { openTabs } from '../tab'

const leaving = 'jolvet-leaving:'
const keyOf = (job: string, tab: string): string => `${leaving}${job}:${tab}`

/** What is being written: a page that is closed in this moment takes the writing along. */
const underWay = new Map<string, DraftRow>()

/**
 * Keeps what a tab has of a job until the server has it, from the moment it is typed.
 *
 * @returns whether there was room for it
 */
export async function keepDraft(job: string, tab: string, draft: KeptDraft): Promise<boolean> {
  const row = { job, tab, at: Date.now(), draft }
  underWay.set(keyOf(job, tab), row)
  try {
    await putRow('drafts', row)
    return true
  } catch {
    return false
  } finally {
    if (underWay.get(keyOf(job, tab)) === row) underWay.delete(keyOf(job, tab))
  }
}

/** The page is closed: what is still being written is kept in the storage that waits for nobody, if there is room. */
export function keepUnderWay(): void {
  for (const [key, row] of underWay) {
    try {
      localStorage.setItem(key, JSON.stringify(row))
    } catch {
      // Full or blocked: what was typed in the last few milliseconds is with the browser's database alone.
    }
  }
}

/** Puts what a page kept as it was closed to the other drafts. */
async function takeBack(database: BrowserDatabase): Promise<void> {
  for (const key of Object.keys(localStorage).filter((name) => name.startsWith(leaving))) {
    const row = JSON.parse(localStorage.getItem(key)!) as DraftRow
    const { store, done } = database.transaction('drafts', 'readwrite')
    const there = await store.get([row.job, row.tab])
    if (!there || there.at <= row.at) await store.put(row)
    await done
    localStorage.removeItem(key)
  }
}

/** Lets a draft go; one that is not there is gone already. */
export async function dropDraft(job: string, tab: string): Promise<void> {
  underWay.delete(keyOf(job, tab))
  try {
    localStorage.removeItem(keyOf(job, tab))
  } catch {
    // Blocked: nothing is in it.
  }
  await browserDatabase()
    .then((database) => database.delete('drafts', [job, tab]))
    .catch(() => {})
}

/** All drafts that this browser keeps, the newest first; none where it keeps nothing. */
export async function allDrafts(): Promise<readonly DraftRow[]> {
  const rows = await browserDatabase()
    .then(async (database) => {
      await takeBack(database).catch(() => {})
      return database.getAll('drafts')
    })
    .catch(() => [])
  return rows.toSorted((one, other) => other.at - one.at)
}

/** The jobs that the server does not have yet, as far as it was heard: their drafts are made from no version. */
export const unbegunJobs = async (): Promise<ReadonlySet<string>> =>
  new Set((await allDrafts()).flatMap(({ job, draft }) => (draft.version === 0 ? [job] : [])))

/**
 * The draft that this tab, or a tab that is no more, left of a job, from now on this tab's own; a live tab's draft is
 * left to it, and one that cannot be read stays where it is.
 */
export async function adoptDraft<Read>(
  job: string,
  tab: string,
  read: (draft: KeptDraft) => Read | null,
): Promise<Read | null> {
  const isOpen = await openTabs()
  const rows = (await allDrafts()).filter((row) => row.job === job)
  const own = rows.filter((row) => row.tab === tab)
  for (const row of [...own, ...rows.filter((other) => !isOpen(other.tab))]) {
    const found = read(row.draft)
    if (found === null && row.tab === tab) await move(row, crypto.randomUUID())
    if (found === null) continue
    if (row.tab !== tab) {
      // Who sends what that tab left stops: from here on this one does.
      holdDraft(job, row.tab)()
      await move(row, tab)
    }
    return found
  }
  return null
}

/** Gives a draft to another tab, in one step. */
async function move(row: DraftRow, tab: string): Promise<void> {
  await browserDatabase()
    .then((database) => {
      const { store, done } = database.transaction('drafts', 'readwrite')
      return Promise.all([store.put({ ...row, tab }), store.delete([row.job, row.tab]), done])
    })
    .catch(() => {})
}
