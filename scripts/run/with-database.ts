import { mkdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import mysql, { type Pool } from 'mysql2/promise'
import { migrateDatabase, readMigrations, type Migration } from '../../server/database/connection/migrate'
import { LocalDatabase } from './database'
import { portSetting } from './port'

/** Where ./start keeps its database. */
export const dataFolder = process.env.JOLVET_DATA ?? '.data/start'

const poolOf = (uri: string): Pool => mysql.createPool({ uri, connectionLimit: 4, charset: 'utf8mb4', timezone: 'Z' })

async function answers(pool: Pool): Promise<boolean> {
  try {
    await pool.query('SELECT 1')
    return true
  } catch {
    return false
  }
}

/** A database to work on: its connections, its address, and the changes of its tables. */
export interface OpenDatabase {
  readonly pool: Pool
  readonly url: string
  readonly migrations: readonly Migration[]
}

const folder = join(import.meta.dirname, '../../server/database/migrations')
/** The changes of the tables, as they lie in the project. */
export const readOwnMigrations = () => readMigrations((file) => readFile(join(folder, file), 'utf8'))

/** Works on the database of DATABASE_URL, or on that of ./start: the one that runs, or started for as long as this takes. */
export async function withDatabase<Result>(work: (database: OpenDatabase) => Promise<Result>): Promise<Result> {
  mkdirSync(dataFolder, { recursive: true })
  const local = new LocalDatabase(dataFolder, portSetting('DB_PORT', 33077))
  const url = process.env.DATABASE_URL || local.url
  const pool = poolOf(url)
  const isOurs = !process.env.DATABASE_URL && !(await answers(pool))
  if (isOurs) await local.start()
  try {
    const migrations = await readOwnMigrations()
    await migrateDatabase(pool, migrations)
    return await work({ pool, url, migrations })
  } finally {
    await pool.end()
    if (isOurs) await local.stop()
  }
}
