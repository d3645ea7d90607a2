import { createHash } from 'node:crypto'
import { createWriteStream, renameSync, rmSync } from 'node:fs'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { setTimeout as sleep } from 'node:timers/promises'
import { createGzip } from 'node:zlib'
import type { Connection } from 'mysql2'
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise'
import {
  BackupProblem,
  format,
  readBackup,
  verifyBackup,
  type Origin,
  type Reading,
  type RowCounts,
} from './backup-file'
import { backupTables, type BackupTable, type Row } from './backup-tables'
import { errorCode } from '../connection/error-code'
import { mostTries, passing } from '../connection/passing'
import { beginGeneration } from './begin-generation'

/** There is something in the database already, and nobody said that it is to be taken away. */
export class DatabaseInUse extends BackupProblem {}

async function* rowsOf(connection: PoolConnection, table: BackupTable): AsyncGenerator<Row> {
  // Every value as the text that the database itself writes: what comes back is what was there.
  const { connection: core } = connection as unknown as { readonly connection: Connection }
  const stream = core.query({ sql: `SELECT * FROM \`${table}\``, typeCast: (field) => field.string('utf8') }).stream()
  for await (const row of stream) yield row as Row
}

/** The last change of the tables: by it a backup says which program made it. */
async function lastChange(connection: PoolConnection): Promise<string> {
  const [[row]] = await connection.query<RowDataPacket[]>(
    'SELECT COUNT(*) AS made, MAX(`created_at`) AS at FROM `__drizzle_migrations`',
  )
  return `tables as of change ${row?.made}, ${new Date(Number(row?.at ?? 0)).toISOString().slice(0, 10)}`
}

/**
 * Everything in a database as lines of text: a head, a line a row, and a foot that counts the rows and holds the SHA-256
 * of all lines before it. Read in one snapshot, so that it is consistent while others go on working. Who stops reading
 * gives the connection up.
 */
export async function* backupLines(pool: Pool, at: Date): AsyncGenerator<string> {
  const connection = await pool.getConnection()
  const hash = createHash('sha256')
  const rows: Record<string, number> = {}
  const line = (value: unknown): string => {
    const text = `${JSON.stringify(value)}\n`
    hash.update(text)
    return text
  }
  let isWhole = false
  try {
    await connection.query('START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY')
    yield line({ format, version: 1, at: at.toISOString(), made: await lastChange(connection) })
    for (const table of backupTables) {
      rows[table] = 0
      for await (const row of rowsOf(connection, table)) {
        rows[table] += 1
        yield line([table, row])
      }
    }
    yield `${JSON.stringify({ rows, sha256: hash.digest('hex') })}\n`
    await connection.query('ROLLBACK')
    isWhole = true
  } finally {
    if (isWhole) connection.release()
    // Rows that nobody reads would stand in its way for ever.
    else connection.destroy()
  }
}

/** Writes a backup to a file, and reads it again before it counts as written. @returns the rows in it */
export async function writeBackup(
  pool: Pool,
  file: string,
  at: Date,
  verify: (file: string) => Promise<unknown> = async () => {},
): Promise<RowCounts> {
  const unfinished = `${file}.unfinished`
  try {
    await pipeline(Readable.from(backupLines(pool, at)), createGzip(), createWriteStream(unfinished, { mode: 0o600 }))
    const { counts } = await verifyBackup(unfinished)
    await verify(unfinished)
    renameSync(unfinished, file)
    return counts
  } finally {
    rmSync(unfinished, { force: true })
  }
}

/** So much goes in one statement: a photo alone may be more. */
const mostBytes = 2_000_000
const mostRows = 500

/** Rows by batches of one table with the same columns. */
async function* batchesOf(rows: Reading['rows']): AsyncGenerator<readonly [BackupTable, readonly Row[]]> {
  let [table, batch, bytes, columns]: [BackupTable, Row[], number, string] = ['jobs', [], 0, '']
  for await (const [of, row] of rows) {
    const size = Object.values(row).reduce((sum, value) => sum + (value?.length ?? 0), 0)
    const names = Object.keys(row).join()
    const isOther = of !== table || names !== columns || batch.length >= mostRows || bytes + size > mostBytes
    if (isOther && batch.length > 0) yield [table, batch]
    if (isOther) [table, batch, bytes, columns] = [of, [], 0, names]
    batch.push(row)
    bytes += size
  }
  if (batch.length > 0) yield [table, batch]
}

async function insert(connection: PoolConnection, table: BackupTable, rows: readonly Row[]): Promise<void> {
  const columns = Object.keys(rows[0] ?? {})
  const names = columns.map((column) => connection.escapeId(column)).join(', ')
  const values = rows.map((row) => columns.map((column) => row[column]))
  try {
    await connection.query(`INSERT INTO ${connection.escapeId(table)} (${names}) VALUES ?`, [values])
  } catch (error) {
    const [[setting]] = await connection
      .query<RowDataPacket[]>('SELECT @@max_allowed_packet AS most')
      .catch(() => [[undefined]] as const)
    if (errorCode(error) === 'ER_NET_PACKET_TOO_LARGE')
      throw new BackupProblem(
        `a row of ${table} is larger than the database takes: set its max_allowed_packet, ${setting?.most ?? 'too small'}, to 64M`,
      )
    if (refusals.has(errorCode(error))) throw new BackupProblem(`${table}: ${(error as Error).message}`)
    throw error
  }
}

/** What the database answers where rows contradict each other: nothing of it is put back. */
const refusals = new Set(['ER_DUP_ENTRY', 'ER_NO_REFERENCED_ROW_2', 'ER_WARN_DATA_OUT_OF_RANGE', 'ER_DATA_TOO_LONG'])

export interface PutBack {
  readonly rows: RowCounts
  readonly from: Origin
}

/**
 * Puts a backup back, all of it or nothing, and begins another generation of the database.
 *
 * @param replace whether what is there is taken away first; without it a database with anything in it is refused
 */
export async function restoreBackup(pool: Pool, file: string, replace: boolean): Promise<PutBack> {
  // Read to its end before anything is touched.
  const { counts, origin } = await verifyBackup(file)
  for (let tries = 1; ; tries++) {
    try {
      await putBack(pool, file, replace)
      return { rows: counts, from: origin }
    } catch (error) {
      // Others are writing: one of them stood in its way.
      if (!passing.has(errorCode(error)) || tries === mostTries) throw error
      await sleep(100 * tries)
    }
  }
}

async function putBack(pool: Pool, file: string, replace: boolean): Promise<void> {
  const connection = await pool.getConnection()
  try {
    await connection.beginTransaction()
    await beginGeneration(connection)
    for (const table of backupTables) {
      const [[count]] = await connection.query<RowDataPacket[]>(`SELECT COUNT(*) AS found FROM \`${table}\``)
      if (!replace && !bookkeeping.has(table) && Number(count?.found) > 0)
        throw new DatabaseInUse(`there are ${String(count?.found)} rows in ${table} already: nothing was put back`)
    }
    for (const table of ['photo_pieces', ...backupTables.toReversed()])
      await connection.query(`DELETE FROM \`${table}\``)
    for await (const [table, rows] of batchesOf(readBackup(file).rows)) await insert(connection, table, rows)
    await connection.commit()
  } catch (error) {
    await connection.rollback().catch(() => {})
    throw error
  } finally {
    connection.release()
  }
}

/** What a server writes by itself: a database in which nothing else stands is empty. */
const bookkeeping: ReadonlySet<BackupTable> = new Set(['done_once', 'days_seen', 'taken_requests'])
