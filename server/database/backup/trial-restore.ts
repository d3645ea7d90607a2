import mysql, { type Pool, type RowDataPacket } from 'mysql2/promise'
import { backupLines, restoreBackup } from './backup'
import { BackupProblem, verifyBackup } from './backup-file'
import { errorCode } from '../connection/error-code'
import { migrateDatabase, type Migration } from '../connection/migrate'

/** What the database answers to who may not make another one. */
const mayNot = new Set(['ER_DBACCESS_DENIED_ERROR', 'ER_ACCESS_DENIED_ERROR', 'ER_SPECIFIC_ACCESS_DENIED_ERROR'])

/**
 * Tries a backup: it is put into an empty database beside the real one, and read from there again; what comes must be the
 * same to the letter.
 *
 * @param url the real database's; the other one has its name with `_trial`, and goes again
 * @throws BackupProblem where it does not come back whole, or where this account may not make the other database
 */
export async function tryBackup(url: string, file: string, migrations: readonly Migration[]): Promise<void> {
  const { sha256, origin } = await verifyBackup(file)
  const trial = new URL(url)
  const name = `${trial.pathname.slice(1)}_trial`
  trial.pathname = `/${name}`
  const outside = await mysql.createConnection({ uri: url, charset: 'utf8mb4' })
  try {
    const [[got]] = await outside.query<RowDataPacket[]>('SELECT GET_LOCK(?, 600) AS got', [name])
    if (got?.got !== 1) throw new BackupProblem('another trial of a backup does not end')
    // One that was killed may have left it.
    await outside.query(`DROP DATABASE IF EXISTS ${outside.escapeId(name)}`)
    await outside.query(`CREATE DATABASE ${outside.escapeId(name)} CHARACTER SET utf8mb4`)
    const pool = mysql.createPool({ uri: trial.href, connectionLimit: 2, charset: 'utf8mb4', timezone: 'Z' })
    try {
      await migrateDatabase(pool, migrations)
      await restoreBackup(pool, file, true)
      if ((await hashOf(pool, new Date(origin.at))) !== sha256)
        throw new BackupProblem('what it gives back is not what it was made from')
    } finally {
      await pool.end()
      await outside.query(`DROP DATABASE IF EXISTS ${outside.escapeId(name)}`)
    }
  } catch (error) {
    if (mayNot.has(errorCode(error)))
      throw new BackupProblem(
        `it was not tried: the account may not make the database ${name} (GRANT ALL ON \`${name}\`.*)`,
      )
    throw error
  } finally {
    await outside.end()
  }
}

/** The hash with which a backup of this database ends. */
async function hashOf(pool: Pool, at: Date): Promise<string> {
  let last = ''
  for await (const line of backupLines(pool, at)) last = line
  return (JSON.parse(last) as { sha256: string }).sha256
}
