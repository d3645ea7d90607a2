import { createHash } from 'node:crypto'
import type { Pool, PoolConnection, RowDataPacket } from 'mysql2/promise'
import { errorCode } from './error-code'

/** A change of the tables: its statements in order, each with an effect of its own that no transaction takes back. */
export interface Migration {
  /** When it was written, in milliseconds: they are made in this order. */
  readonly when: number
  readonly hash: string
  readonly statements: readonly string[]
}

interface Journal {
  readonly entries: readonly { readonly when: number; readonly tag: string }[]
}

/** @param read a file of the folder of migrations, by its name */
export async function readMigrations(read: (file: string) => Promise<string>): Promise<Migration[]> {
  const { entries } = JSON.parse(await read('meta/_journal.json')) as Journal
  return Promise.all(
    entries.map(async ({ when, tag }) => {
      const text = await read(`${tag}.sql`)
      const hash = createHash('sha256').update(text).digest('hex')
      return { when, hash, statements: text.split('--> statement-breakpoint') }
    }),
  )
}

/** One process at a time changes the tables; the database lets go of the lock when its holder is gone. */
const lock = 'jolvet-migrations'
const patience = 120

/** What a statement answers whose effect is there already: it was made before the migration was cut off. */
const madeBefore = new Set([
  'ER_TABLE_EXISTS_ERROR',
  'ER_DUP_FIELDNAME',
  'ER_DUP_KEYNAME',
  'ER_CANT_DROP_FIELD_OR_KEY',
  'ER_FK_DUP_NAME',
  'ER_DUP_CONSTRAINT_NAME',
  'ER_DUP_ENTRY',
])
/** A foreign key of this name, which MariaDB reports as a table that cannot be made. */
const isMadeBefore = (error: unknown): boolean =>
  madeBefore.has(errorCode(error)) ||
  (errorCode(error) === 'ER_CANT_CREATE_TABLE' && /errno: 121\b/.test(String(error)))

async function make(connection: PoolConnection, { when, hash, statements }: Migration): Promise<void> {
  for (const statement of statements) {
    try {
      await connection.query(statement)
    } catch (error) {
      if (!isMadeBefore(error)) throw error
    }
  }
  await connection.query('INSERT INTO `__drizzle_migrations` (`hash`, `created_at`) VALUES (?, ?)', [hash, when])
}

/**
 * Brings the tables to what this program needs, from whatever state an earlier program, or a start that was cut off,
 * left them in. Several servers may do so at once: one does, the others wait.
 */
export async function migrateDatabase(pool: Pool, migrations: readonly Migration[]): Promise<void> {
  const connection = await pool.getConnection()
  try {
    const [[got]] = await connection.query<RowDataPacket[]>('SELECT GET_LOCK(?, ?) AS got', [lock, patience])
    if (got?.got !== 1) throw new Error('another server has been changing the tables for two minutes; trying again')
    await connection.query(
      'CREATE TABLE IF NOT EXISTS `__drizzle_migrations` (`id` SERIAL PRIMARY KEY, `hash` TEXT NOT NULL, `created_at` BIGINT)',
    )
    const [[last]] = await connection.query<RowDataPacket[]>(
      'SELECT MAX(`created_at`) AS made FROM `__drizzle_migrations`',
    )
    for (const migration of migrations) if (migration.when > Number(last?.made ?? 0)) await make(connection, migration)
  } finally {
    // The lock goes with the connection, whatever came of it.
    connection.destroy()
  }
}
