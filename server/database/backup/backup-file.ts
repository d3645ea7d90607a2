import { safeRead } from '../../../core/quantity/safe-read'
import { createHash } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { StringDecoder } from 'node:string_decoder'
import { createGunzip } from 'node:zlib'
import * as z from 'zod'
import { fieldProblems } from '../../../core/quantity/words/field-problem'
import { backupTables, isBackupTable, rowSchemas, type BackupTable, type Row } from './backup-tables'

/** Why a backup cannot be made or put back, in a sentence. */
export class BackupProblem extends Error {}

/** How many rows of each table a backup holds. */
export type RowCounts = Readonly<Record<string, number>>

export const format = 'jolvet-backup'

/** What a backup file may be: a photo is the longest line, ten megabytes; a crew's years are a few gigabytes. */
export const limits = { line: 32_000_000, unpacked: 8_000_000_000, rows: 20_000_000, seconds: 1800 }
export type Limits = typeof limits

const headSchema = z.object({
  format: z.literal(format),
  version: z.literal(1),
  at: z.string(),
  made: z.string().optional(),
})
const footSchema = z.object({ rows: z.record(z.string(), z.number()), sha256: z.string() })

/** Where a backup comes from: when it was made, and by which state of the tables. */
export interface Origin {
  readonly at: string
  /** The last change of the tables that the program knew which made it; not known of the first ones. */
  readonly made: string | null
}

/** The lines of a file. One that has no end is not waited for. */
async function* linesOf(
  chunks: AsyncIterable<Buffer>,
  { line: longest, unpacked, seconds }: Limits,
): AsyncGenerator<string> {
  const decoder = new StringDecoder('utf8')
  const end = performance.now() + seconds * 1000
  let [parts, length, bytes]: [string[], number, number] = [[], 0, 0]
  for await (const chunk of chunks) {
    bytes += chunk.length
    if (bytes > unpacked) throw new BackupProblem(`it unpacks to more than ${unpacked / 1_000_000} MB`)
    if (performance.now() > end) throw new BackupProblem(`it takes more than ${seconds / 60} minutes to read`)
    const pieces = decoder.write(chunk).split('\n')
    for (const [at, piece] of pieces.entries()) {
      length += piece.length
      if (length > longest) throw new BackupProblem(`a line of it is longer than ${longest / 1_000_000} MB`)
      parts.push(piece)
      if (at === pieces.length - 1) continue
      yield parts.join('')
      ;[parts, length] = [[], 0]
    }
  }
  if (length > 0) yield parts.join('')
}

/** A row as its table reads it. @throws BackupProblem naming its place in the file and the field */
function checkedRow(value: readonly unknown[], place: number, { made }: Origin): [BackupTable, Row] {
  const [table, row] = value
  if (!isBackupTable(table))
    throw new BackupProblem(
      `it has a table that is not known here, ${String(table)}; it was made by ${made ?? 'another program'}`,
    )
  const read = safeRead(rowSchemas[table], row)
  if (read.success) return [table, row as Row]
  const [first] = fieldProblems(read.error)
  throw new BackupProblem(`line ${place}, ${table}: ${first?.field ?? ''}: ${first?.problem ?? 'not a row'}`)
}

/** Reads a line as JSON. */
function parsed(text: string, place: number): unknown {
  try {
    return JSON.parse(text)
  } catch {
    throw new BackupProblem(`line ${place} is not whole`)
  }
}

/** What was read of a file so far: its rows one by one, and when all is read what it says of itself. */
export interface Reading {
  readonly rows: AsyncGenerator<readonly [BackupTable, Row]>
  /** Known once all rows were read. */
  summary(): { readonly counts: RowCounts; readonly origin: Origin; readonly sha256: string }
}

/**
 * Reads a backup row by row, none of it held: each row checked as anything that comes from outside, the whole against its
 * own count and hash.
 *
 * @throws BackupProblem while it is read
 */
export function readBackup(file: string, most: Limits = limits): Reading {
  const counts: Record<string, number> = Object.fromEntries(backupTables.map((table) => [table, 0]))
  let origin: Origin = { at: '', made: null }
  let sha256 = ''
  async function* rows(): AsyncGenerator<readonly [BackupTable, Row]> {
    const hash = createHash('sha256')
    let [place, foot]: [number, z.output<typeof footSchema> | null] = [0, null]
    const packed = createReadStream(file)
    const unpacked = packed.pipe(createGunzip())
    packed.once('error', (error) => unpacked.destroy(error))
    try {
      for await (const text of linesOf(unpacked, most)) {
        place += 1
        if (place > most.rows) throw new BackupProblem(`it has more than ${most.rows} lines`)
        const value = parsed(text, place)
        if (foot) throw new BackupProblem('there is something after its end')
        if (place === 1) {
          const head = safeRead(headSchema, value)
          if (!head.success) throw new BackupProblem('it is not a backup of version 1')
          origin = { at: head.data.at, made: head.data.made ?? null }
        } else if (Array.isArray(value)) {
          const row = checkedRow(value, place, origin)
          counts[row[0]]! += 1
          yield row
        } else {
          const read = safeRead(footSchema, value)
          if (!read.success) throw new BackupProblem(`line ${place} is neither a row nor its end`)
          foot = read.data
          continue
        }
        hash.update(`${text}\n`)
      }
    } catch (error) {
      const why = error instanceof Error ? error.message : 'unreadable'
      throw new BackupProblem(`the file cannot be read as a backup: ${why}`)
    } finally {
      packed.destroy()
      unpacked.destroy()
    }
    const isWhole =
      foot !== null &&
      foot.sha256 === hash.digest('hex') &&
      // An older program knew fewer tables: what it did not count has no rows.
      [...new Set([...backupTables, ...Object.keys(foot.rows)])].every(
        (of) => (foot.rows[of] ?? 0) === (counts[of] ?? 0),
      )
    if (!isWhole) throw new BackupProblem('the file is cut short or changed: its rows are not those that it counts')
    sha256 = foot!.sha256
  }
  return { rows: rows(), summary: () => ({ counts, origin, sha256 }) }
}

/** Reads a backup to its end. @returns what it says of itself */
export async function verifyBackup(file: string, most?: Limits): Promise<ReturnType<Reading['summary']>> {
  const reading = readBackup(file, most)
  while (!(await reading.rows.next()).done);
  return reading.summary()
}
