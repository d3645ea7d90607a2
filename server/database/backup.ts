import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, renameSync, rmSync } from 'node:fs'
import { Readable } from 'node:stream'
import { StringDecoder } from 'node:string_decoder'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import type { Connection } from 'mysql2'
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise'

/** Every table, in the order in which rows refer to each other. */
const tables = [
  'jobs',
  'workshop',
  'parts',
  'offcuts',
  'offcut_uses',
  'cuttings',
  'joint_minutes',
  'log_entries',
  'photos',
  'records',
  'taken_requests',
  'done_once',
] as const
type Table = (typeof tables)[number]
type Row = Readonly<Record<string, string | null>>

/** How many rows of each table a backup holds. */
export type RowCounts = Readonly<Record<string, number>>

/** Why a backup cannot be made or put back, in a sentence. */
export class BackupProblem extends Error {}
/** There is something in the database already, and nobody said that it is to be taken away. */
export class DatabaseInUse extends BackupProblem {}

const format = 'jolvet-backup'

async function* rowsOf(connection: PoolConnection, table: Table): AsyncGenerator<Row> {
  // Every value as the text that the database itself writes: what comes back is what was there.
  const { connection: core } = connection as unknown as { readonly connection: Connection }
  const stream = core.query({ sql: `SELECT * FROM \`${table}\``, typeCast: (field) => field.string('utf8') }).stream()
  for await (const row of stream) yield row as Row
}

/**
 * Everything in a database as lines of text: a head, a line a row, and a foot that counts the rows and holds the SHA-256
 * of all lines before it. Read in one snapshot, so that it is consistent while others go on working.
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
  try {
    await connection.query('START TRANSACTION WITH CONSISTENT SNAPSHOT, READ ONLY')
    yield line({ format, version: 1, at: at.toISOString() })
    for (const table of tables) {
      rows[table] = 0
      for await (const row of rowsOf(connection, table)) {
        rows[table] += 1
        yield line([table, row])
      }
    }
    yield `${JSON.stringify({ rows, sha256: hash.digest('hex') })}\n`
  } finally {
    await connection.query('ROLLBACK')
    connection.release()
  }
}

/** Writes a backup to a file, and reads it again before it counts as written. @returns the rows in it */
export async function writeBackup(pool: Pool, file: string, at: Date): Promise<RowCounts> {
  const unfinished = `${file}.unfinished`
  try {
    await pipeline(Readable.from(backupLines(pool, at)), createGzip(), createWriteStream(unfinished, { mode: 0o600 }))
    const { rows } = await readBackup(unfinished)
    renameSync(unfinished, file)
    return rows
  } finally {
    rmSync(unfinished, { force: true })
  }
}

async function* linesOf(chunks: AsyncIterable<Buffer>): AsyncGenerator<string> {
  const decoder = new StringDecoder('utf8')
  let rest = ''
  for await (const chunk of chunks) {
    const lines = (rest + decoder.write(chunk)).split('\n')
    rest = lines.pop() ?? ''
    yield* lines
  }
  if (rest !== '') yield rest
}

/** What is in a backup file, verified against its own count and hash. */
async function readBackup(file: string): Promise<{ rows: RowCounts; entries: readonly (readonly [Table, Row])[] }> {
  const hash = createHash('sha256')
  const entries: [Table, Row][] = []
  let [isBegun, foot]: [boolean, { rows: RowCounts; sha256: string } | null] = [false, null]
  try {
    const packed = createReadStream(file)
    const unpacked = packed.pipe(createGunzip())
    packed.once('error', (error) => unpacked.destroy(error))
    for await (const text of linesOf(unpacked)) {
      const value = JSON.parse(text) as unknown
      if (foot) throw new BackupProblem('there is something after its end')
      if (!isBegun) {
        const head = value as { format?: unknown; version?: unknown }
        if (head.format !== format || head.version !== 1) throw new BackupProblem('it is not a backup of version 1')
        isBegun = true
      } else if (!Array.isArray(value)) {
        foot = value as { rows: RowCounts; sha256: string }
        continue
      } else if (!tables.includes(value[0] as Table)) {
        throw new BackupProblem(`it has a table that is not known here: ${String(value[0])}`)
      } else entries.push(value as [Table, Row])
      hash.update(`${text}\n`)
    }
  } catch (error) {
    const why = error instanceof Error ? error.message : 'unreadable'
    throw new BackupProblem(`the file cannot be read as a backup: ${why}`)
  }
  const counted = Object.fromEntries(tables.map((table) => [table, entries.filter(([of]) => of === table).length]))
  if (!foot || foot.sha256 !== hash.digest('hex') || JSON.stringify(foot.rows) !== JSON.stringify(counted))
    throw new BackupProblem('the file is cut short or changed: its rows are not those that it counts')
  return { rows: foot.rows, entries }
}

async function insert(connection: PoolConnection, table: Table, rows: readonly Row[]): Promise<void> {
  const columns = Object.keys(rows[0] ?? {})
  const names = columns.map((column) => connection.escapeId(column)).join(', ')
  for (let from = 0; from < rows.length; from += 100) {
    const values = rows.slice(from, from + 100).map((row) => columns.map((column) => row[column]))
    await connection.query(`INSERT INTO ${connection.escapeId(table)} (${names}) VALUES ?`, [values])
  }
}

/**
 * Puts a backup back, all of it or nothing.
 *
 * @param replace whether what is there is taken away first; without it a database with anything in it is refused
 * @returns the rows that were put back
 */
export async function restoreBackup(pool: Pool, file: string, replace: boolean): Promise<RowCounts> {
  const { rows, entries } = await readBackup(file)
  const connection = await pool.getConnection()
  try {
    await connection.beginTransaction()
    for (const table of tables) {
      const [[count]] = await connection.query<RowDataPacket[]>(`SELECT COUNT(*) AS found FROM \`${table}\``)
      if (!replace && table !== 'done_once' && Number(count?.found) > 0)
        throw new DatabaseInUse(`there are ${String(count?.found)} rows in ${table} already: nothing was put back`)
    }
    for (const table of tables.toReversed()) await connection.query(`DELETE FROM \`${table}\``)
    for (const table of tables)
      await insert(
        connection,
        table,
        entries.flatMap(([of, row]) => (of === table ? [row] : [])),
      )
    await connection.commit()
    return rows
  } catch (error) {
    await connection.rollback()
    throw error
  } finally {
    connection.release()
  }
}
