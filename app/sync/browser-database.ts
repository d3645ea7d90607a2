import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Entry } from '~~/core/log/entry'
import type { Command } from './command'
import type { KeptDraft } from './save-loop'
import type { Stored } from './job-transport'

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

const opening = (): Promise<BrowserDatabase> =>
  openDB<Tables>('jolvet', 3, {
    upgrade(database, from) {
      if (from < 1) database.createObjectStore('outbox', { keyPath: 'command.id' }).createIndex('place', 'place')
      if (from < 2) {
        database.createObjectStore('drafts', { keyPath: ['job', 'tab'] })
        database.createObjectStore('copies', { keyPath: 'id' }).createIndex('at', 'at')
      }
      if (from < 3) database.createObjectStore('logs', { keyPath: 'job' }).createIndex('at', 'at')
    },
    // A newer program in another tab is not held up by this one.
    blocking: (_, __, event) => (event.target as IDBDatabase).close(),
  })

let database: Promise<BrowserDatabase> | undefined

/** This browser's database, shared by all tabs. It may fail: the browser's storage can be full or blocked. */
export function browserDatabase(): Promise<BrowserDatabase> {
  database ??= Promise.race([
    opening(),
    new Promise<never>((_, fail) =>
      setTimeout(() => fail(new Error('the browser does not open its storage')), patience),
    ),
  ]).catch((error: unknown) => {
    // It may be slow, or blocked for a while: the next who asks tries again.
    database = undefined
    throw error
  })
  return database
}

/** Puts a row in the place of the one that has its key. What a page watches is put as a plain copy. */
export async function putRow<Name extends 'drafts' | 'copies' | 'logs'>(
  name: Name,
  row: Tables[Name]['value'],
): Promise<void> {
  const here = await browserDatabase()
  try {
    await here.put(name, row)
  } catch (error) {
    if (!(error instanceof DOMException && error.name === 'DataCloneError')) throw error
    await here.put(name, JSON.parse(JSON.stringify(row)) as Tables[Name]['value'])
  }
}
