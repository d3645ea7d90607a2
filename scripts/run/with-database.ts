import { mkdirSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import mysql, { type Pool } from 'mysql2/promise'
import { migrateDatabase, readMigrations } from '../../server/database/migrate'
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

const migrations = join(import.meta.dirname, '../../server/database/migrations')

/** Works on the database of DATABASE_URL, or on that of ./start: the one that runs, or started for as long as this takes. */
export async function withDatabase<Result>(work: (pool: Pool) => Promise<Result>): Promise<Result> {
  mkdirSync(dataFolder, { recursive: true })
  const local = new LocalDatabase(dataFolder, portSetting('DB_PORT', 33077))
  const pool = poolOf(process.env.DATABASE_URL || local.url)
  const isOurs = !process.env.DATABASE_URL && !(await answers(pool))
  if (isOurs) await local.start()
  try {
    await migrateDatabase(pool, await readMigrations((file) => readFile(join(migrations, file), 'utf8')))
    return await work(pool)
  } finally {
    await pool.end()
    if (isOurs) await local.stop()
  }
}
