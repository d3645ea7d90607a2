import { browserDatabase, putRow, type LogCopy } from './browser-database'
import type { Stored } from './job/job-transport'

/** So many jobs are kept; the one looked at longest ago goes first. */
const most = 20

/** Keeps a job as the server has it, for when the server does not answer. Where there is no room, it is not kept. */
export async function keepCopy(stored: Stored): Promise<void> {
  try {
    await putRow('copies', { ...stored, at: Date.now() })
    await dropOldest('copies')
  } catch {
    // The job is the server's; it opens from there.
  }
}

async function dropOldest(name: 'copies' | 'logs'): Promise<void> {
  const { store, done } = (await browserDatabase()).transaction(name, 'readwrite')
  const keys = await store.index('at').getAllKeys()
  for (const key of keys.slice(0, Math.max(0, keys.length - most))) void store.delete(key)
  await done
}

/** Keeps a job's log as far as it was read. */
export async function keepLog(log: Omit<LogCopy, 'at'>): Promise<void> {
  try {
    await putRow('logs', { ...log, at: Date.now() })
    await dropOldest('logs')
  } catch {
    // It is the server's, too.
  }
}

/** A job's log as far as it was read; empty where none is kept. */
export async function logCopyOf(job: string): Promise<Pick<LogCopy, 'entries' | 'cursor'>> {
  const found = await browserDatabase()
    .then((database) => database.get('logs', job))
    .catch(() => undefined)
  return found ?? { entries: [], cursor: '0' }
}

/** A job as the server last had it; null where none is kept. */
export async function copyOf(id: string): Promise<Stored | null> {
  const found = await browserDatabase()
    .then((database) => database.get('copies', id))
    .catch(() => undefined)
  if (!found) return null
  const { at: _, ...stored } = found
  return stored
}

/** How many jobs are kept. */
export const countCopies = (): Promise<number> =>
  browserDatabase()
    .then((database) => database.count('copies'))
    .catch(() => 0)

export async function dropCopies(): Promise<void> {
  await browserDatabase()
    .then((database) => Promise.all([database.clear('copies'), database.clear('logs')]))
    .catch(() => undefined)
}
