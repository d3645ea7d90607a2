import { mkdtempSync, rmSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import mysql, { type Pool, type RowDataPacket } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LocalDatabase } from '../../scripts/run/database'
import { freePort } from '../../scripts/run/port'
import { LocalServer } from '../../scripts/run/server'
import { migrateDatabase, readMigrations, type Migration } from '../../server/database/connection/migrate'

const folder = mkdtempSync(join(tmpdir(), 'jolvet-migrations-'))
let database: LocalDatabase
let migrations: Migration[]
const pools: Pool[] = []

beforeAll(async () => {
  database = new LocalDatabase(folder, await freePort())
  await database.start()
  migrations = await readMigrations((file) => readFile(join('server/database/migrations', file), 'utf8'))
})
afterAll(async () => {
  for (const pool of pools) await pool.end().catch(() => {})
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
})

/** The database with nothing in it. */
async function emptied(): Promise<Pool> {
  const pool = mysql.createPool({ uri: database.url, connectionLimit: 4 })
  pools.push(pool)
  await pool.query('DROP DATABASE jolvet')
  await pool.query('CREATE DATABASE jolvet CHARACTER SET utf8mb4')
  await pool.end()
  const fresh = mysql.createPool({ uri: database.url, connectionLimit: 4 })
  pools.push(fresh)
  return fresh
}

/** Every table as the database describes it, and which migrations it has. */
async function shape(pool: Pool): Promise<unknown> {
  const [tables] = await pool.query<RowDataPacket[]>('SHOW TABLES')
  const names = tables.map((row) => String(Object.values(row)[0])).sort()
  const made = []
  for (const name of names) {
    const [[table]] = await pool.query<RowDataPacket[]>(`SHOW CREATE TABLE \`${name}\``)
    made.push(String(table!['Create Table']).replace(/ AUTO_INCREMENT=\d+/, ''))
  }
  const [done] = await pool.query<RowDataPacket[]>('SELECT hash FROM __drizzle_migrations ORDER BY created_at')
  return { made, done: done.map(({ hash }) => hash) }
}

describe('migrations', { timeout: 300_000 }, () => {
  it('cut off after any statement, go on at the next start to the same tables', async () => {
    const whole = await emptied()
    await migrateDatabase(whole, migrations)
    const expected = await shape(whole)
    await migrateDatabase(whole, migrations)
    expect(await shape(whole)).toEqual(expected)
    for (const [number, { statements }] of migrations.entries())
      for (let made = 1; made <= statements.length; made++) {
        const pool = await emptied()
        await migrateDatabase(pool, migrations.slice(0, number))
        for (const statement of statements.slice(0, made)) await pool.query(statement)
        await migrateDatabase(pool, migrations)
        expect(await shape(pool)).toEqual(expected)
        await pool.end()
      }
  })

  it('of several that begin at once on an empty database one makes them, and the others wait', async () => {
    const pool = await emptied()
    await Promise.all([1, 2, 3].map(() => migrateDatabase(pool, migrations)))
    expect(((await shape(pool)) as { done: string[] }).done).toEqual(migrations.map(({ hash }) => hash))
  })

  it('a statement that fails for another reason is not passed over', async () => {
    const pool = await emptied()
    const wrong = {
      when: 1,
      hash: 'x',
      statements: ['CREATE TABLE `wrong` (`a` int, FOREIGN KEY (`a`) REFERENCES `no`(`b`))'],
    }
    await expect(migrateDatabase(pool, [wrong])).rejects.toThrow(/wrong/)
    await expect(migrateDatabase(pool, [{ ...wrong, statements: ['CREATE NONSENSE'] }])).rejects.toThrow()
  })

  it('two servers started at once on an empty database, from another folder, both serve its demo jobs', async () => {
    await emptied()
    const servers = await Promise.all(
      [1, 2].map(async () => new LocalServer({ port: await freePort(), databaseUrl: database.url, demo: true })),
    )
    try {
      await Promise.all(servers.map((server) => server.start()))
      for (const { origin } of servers) {
        const jobs = (await (await fetch(`${origin}/api/jobs`)).json()) as unknown[]
        expect(jobs).toHaveLength(3)
      }
    } finally {
      await Promise.all(servers.map((server) => server.stop()))
    }
  })
})
