import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import mysql, { type Pool } from 'mysql2/promise'
import { limitWaiting } from './limit-waiting'
import { migrateDatabase, readMigrations } from './migrate'
import { seedOnce } from '../demo/seed'

export type Database = MySql2Database & { $client: Pool }

let database: Database | undefined
let backups: Pool | undefined
let readied: Promise<void> | undefined

function poolOf(connectionLimit: number): Pool {
  const uri = process.env.DATABASE_URL
  if (!uri) throw new Error('DATABASE_URL is not set: ./start sets it')
  const pool = mysql.createPool({ uri, connectionLimit, connectTimeout: 3000, charset: 'utf8mb4', timezone: 'Z' })
  limitWaiting(pool)
  return pool
}

/** Connections of their own for backups: one that takes long takes none from everybody else. */
export const useBackupPool = (): Pool => (backups ??= poolOf(2))

/** The migrations as they were built in: the server may be started from any folder. */
export const shippedMigrations = () =>
  readMigrations(async (file) => {
    const found = await useStorage('assets:migrations').getItem<string | object>(file.replaceAll('/', ':'))
    if (found === null) throw new Error(`the migration ${file} is missing from this build`)
    return typeof found === 'string' ? found : JSON.stringify(found)
  })

async function ready(target: Database): Promise<void> {
  await migrateDatabase(target.$client, await shippedMigrations())
  if (process.env.JOLVET_DEMO === '1') await seedOnce(target)
}

/** The database, migrated and seeded; tried again at the next call when it was not reachable. */
export async function useDatabase(): Promise<Database> {
  database ??= drizzle(poolOf(10)) as Database
  readied ??= ready(database)
  try {
    await readied
  } catch (error) {
    readied = undefined
    throw error
  }
  return database
}
