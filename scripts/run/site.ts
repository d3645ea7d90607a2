import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { buildWhenChanged } from './build'
import { LocalDatabase } from './database'
import { freePort } from './port'
import { LocalServer } from './server'

export interface Site {
  readonly origin: string
  readonly database: LocalDatabase
  readonly server: LocalServer
  stop(): Promise<void>
}

/** The whole application on a database of its own in a temporary folder; never the one that ./start uses. */
export async function startSite(demo: boolean): Promise<Site> {
  buildWhenChanged()
  const folder = mkdtempSync(join(tmpdir(), 'jolvet-site-'))
  const database = new LocalDatabase(folder, await freePort())
  await database.start()
  const server = new LocalServer({ port: await freePort(), databaseUrl: database.url, demo })
  await server.start()
  return {
    origin: server.origin,
    database,
    server,
    async stop() {
      await server.stop()
      await database.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
