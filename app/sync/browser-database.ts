import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Entry } from '~~/core/log/entry'
import type { Command } from './commands/command'
import type { KeptDraft } from './job/save-loop'
import type { Stored } from './job/job-transport'

/** A draft as it is kept: of which job, by which tab, and since when. */
export interface DraftRow {
  readonly job: string
  readonly tab: string
  readonly at: number
  /** As it was written; an older program's may read otherwise than today's. */
  readonly draft: KeptDraft
}

export interface Tables extends DBSchema {
  outbox: {
    key: string
    value: { readonly command: Command; readonly place: number }
    indexes: { place: number }
  }
  drafts: { key: [job: string, tab: string]; value: DraftRow }
  /** Jobs as the server last had them, for when it does not answer. */
  copies: { key: string; value: Stored & { readonly at: number }; indexes: { at: number } }
  /** Their logs, as far as they were read. */
  logs: { key: string; value: LogCopy; indexes: { at: number } }
}

/** A job's log as far as it was read. */
export interface LogCopy {
  readonly job: string
  readonly entries: readonly Entry[]
  readonly cursor: string
  readonly at: number
}
export type BrowserDatabase = IDBPDatabase<Tables>

/** So long a browser is waited for that neither opens its database nor says that it cannot. */
const patience = 3000

const version = 3

const opening = (): Promise<BrowserDatabase> =>
  openDB<Tables>('jolvet', version, {
    upgrade(database, from) {
      if (from < 1) database.createObjectStore('outbox', { keyPath: 'command.id' }).createIndex('place', 'place')
      if (from < 2) {
        database.createObjectStore('drafts', { keyPath: ['job', 'tab'] })
        database.createObjectStore('copies', { keyPath: 'id' }).createIndex('at', 'at')
      }
      if (from < 3) database.createObjectStore('logs', { keyPath: 'job' }).createIndex('at', 'at')
    },
    // A newer program in another tab is not held up by this one, which opens it again as that one made it.
    blocking: (_, __, event) => {
      forget()
      ;(event.target as IDBDatabase).close()
    },
    // The browser took its storage away, or the person did.
    terminated: forget,
  })

/** As a newer program in another tab has made it: tables are added, and those that are known here stay. */
const openingNewer = async (): Promise<BrowserDatabase> => {
  const newer = await openDB<Tables>('jolvet', undefined, { blocking: forget, terminated: forget })
  newer.addEventListener('versionchange', () => newer.close())
  return newer
}

let database: Promise<BrowserDatabase> | undefined
function forget(): void {
  database = undefined
}

async function open(): Promise<BrowserDatabase> {
  const opened = await opening().catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'VersionError') return openingNewer()
    throw error
  })
  // Else a browser that is short of room may take it all away; asked once there is something to keep.
  void navigator.storage?.persist?.().catch(() => false)
  return opened
}

/** This browser's database, shared by all tabs. It may fail: the browser's storage can be full or blocked. */
export function browserDatabase(): Promise<BrowserDatabase> {
  database ??= Promise.race([
    open(),
    new Promise<never>((_, fail) =>
      setTimeout(() => fail(new Error('the browser does not open its storage')), patience),
    ),
  ]).catch((error: unknown) => {
    // It may be slow, or blocked for a while: the next who asks tries again.
    forget()
    throw error
  })
  return database
}

/** Does work on it; once more on a fresh one where the browser closed it meanwhile. */
export async function onDatabase<Result>(work: (database: BrowserDatabase) => Promise<Result>): Promise<Result> {
  try {
    return await work(await browserDatabase())
  } catch (error) {
    const isClosed =
      error instanceof DOMException && (error.name === 'InvalidStateError' || error.name === 'AbortError')
    if (!isClosed) throw error
    forget()
    return work(await browserDatabase())
  }
}

/** Puts a row in the place of the one that has its key. What a page watches is put as a plain copy. */
export async function putRow<Name extends 'drafts' | 'copies' | 'logs'>(
  name: Name,
  row: Tables[Name]['value'],
): Promise<void> {
  try {
    await onDatabase((database) => database.put(name, row))
  } catch (error) {
    if (!(error instanceof DOMException && error.name === 'DataCloneError')) throw error
    await onDatabase((database) => database.put(name, JSON.parse(JSON.stringify(row)) as Tables[Name]['value']))
  }
}
