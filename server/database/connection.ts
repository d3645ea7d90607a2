import { join } from 'node:path'
import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { migrate } from 'drizzle-orm/mysql2/migrator'
import mysql, { type Pool } from 'mysql2/promise'
import { seedOnce } from './seed'

export type Database = MySql2Database & { $client: Pool }

let database: Database | undefined
let readied: Promise<void> | undefined

function connect(): Database {
  const url = process.env.DATABASE_URL
  if (!url) throw new Error('DATABASE_URL is not set: ./start sets it')
  const pool = mysql.createPool({
    uri: url,
    connectionLimit: 10,
    connectTimeout: 3000,
    charset: 'utf8mb4',
    timezone: 'Z',
  })
  return drizzle(pool) as Database
}

async function ready(target: Database): Promise<void> {
  await migrate(target, { migrationsFolder: join(process.cwd(), 'server/database/migrations') })
  if (process.env.JOLVET_DEMO === '1') await seedOnce(target)
}

/** The database, migrated and seeded; tried again at the next call when it was not reachable. */
export async function useDatabase(): Promise<Database> {
  database ??= connect()
  readied ??= ready(database)
  try {
    await readied
  } catch (error) {
    readied = undefined
    throw error
  }
  return database
}
