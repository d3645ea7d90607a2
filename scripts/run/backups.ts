import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import mysql from 'mysql2/promise'
import { writeBackup } from '../../server/database/backup/backup'
import { tryBackup } from '../../server/database/backup/trial-restore'
import { afterBackup } from './after-backup'
import { Failure } from './failure'
import { readOwnMigrations } from './with-database'

const day = 86_400_000
const firstAfter = 60_000
const hour = 3_600_000

/** How many nightly backups are kept: BACKUPS, 14 without it, 0 makes none. */
export function backupSetting(): number {
  const count = Number(process.env.BACKUPS ?? 14)
  if (!Number.isInteger(count) || count < 0 || count > 1000)
    throw new Failure(`BACKUPS=${process.env.BACKUPS} is not a number of backups: 0 to 1000, 14 without it.`)
  return count
}

/** A backup's name: when it was made, so that names sort by age. */
export const backupName = (at: Date): string => `jolvet-${at.toISOString().slice(0, 16).replaceAll(':', '-')}.gz`

const backupsIn = (folder: string): string[] =>
  readdirSync(folder)
    .filter((name) => /^jolvet-[\dT-]+\.gz$/.test(name))
    .toSorted()

/** Makes a backup where the newest is a day old, and drops the oldest beyond the count. @returns the new one, or null */
export async function backupWhenDue(url: string, folder: string, keep: number, now: Date): Promise<string | null> {
  if (keep === 0) return null
  mkdirSync(folder, { recursive: true })
  const newest = backupsIn(folder).at(-1)
  if (newest && now.getTime() - statSync(join(folder, newest)).mtimeMs < day) return null
  const pool = mysql.createPool({ uri: url, connectionLimit: 1, charset: 'utf8mb4', timezone: 'Z' })
  try {
    const file = join(folder, backupName(now))
    const migrations = await readOwnMigrations()
    await writeBackup(pool, file, now, (made) => tryBackup(url, made, migrations))
    afterBackup(file)
    for (const old of backupsIn(folder).slice(0, -keep)) rmSync(join(folder, old))
    return file
  } finally {
    await pool.end()
  }
}

/** Looks every hour whether a backup is due, as long as the program runs. */
export function keepBackups(url: string, folder: string, keep: number): void {
  const look = () =>
    void backupWhenDue(url, folder, keep, new Date()).catch((error: unknown) =>
      console.error(`No backup was made: ${error instanceof Error ? error.message : String(error)}`),
    )
  setTimeout(look, firstAfter).unref()
  setInterval(look, hour).unref()
}
