import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { emptyJob } from '../core/edit/new-job'
import { buildWhenChanged } from '../scripts/run/build'
import { LocalDatabase } from '../scripts/run/database'
import { keepUp } from '../scripts/run/keep-up'
import { freePort } from '../scripts/run/port'
import { LocalServer } from '../scripts/run/server'

/**
 * Fifty writers, two servers and one database on a small disk, with servers and database killed at random and the disk
 * filled now and then: is anything that was acknowledged missing, or there twice?
 *
 *   npm run soak          SOAK_SECONDS=600 npm run soak
 */
const seconds = Number(process.env.SOAK_SECONDS ?? 120)
const writers = 50
const diskMegabytes = 700
/** A job holds so many. */
const mostSurveys = 200
const pipe = 'copper-half-hard-en-1057-r250-22x0.9'

const counts = { saved: 0, booked: 0, written: 0, again: 0, serverKills: 0, databaseKills: 0, fullDisks: 0 }
const folder = mkdtempSync(join(tmpdir(), 'jolvet-soak-'))
let isOver = false

/** A small disk under the database; false where this user may not mount one. */
function smallDisk(): boolean {
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${diskMegabytes}m`, 'jolvet-soak', folder], { stdio: 'ignore' })
    return true
  } catch {
    return false
  }
}
const isSmall = smallDisk()
buildWhenChanged()
const database = new LocalDatabase(folder, await freePort())
await database.start()
let isDone = false
// As ./start does: a database that a full disk ended comes up again.
const keepDatabase = () =>
  keepUp(
    'database',
    database,
    () => database.restart(),
    () => isDone,
  )
keepDatabase()
const servers: LocalServer[] = []
for (let count = 0; count < 2; count++) {
  const server = new LocalServer({ port: await freePort(), databaseUrl: database.url, demo: false })
  await server.start()
  servers.push(server)
}

/** Asks either server, under one key, until one of them gives an answer that settles it. */
async function ask(method: string, path: string, body: unknown): Promise<{ status: number; body: unknown }> {
  const key = randomUUID()
  for (;;) {
    const { origin } = servers[Math.floor(Math.random() * servers.length)]!
    const response = await fetch(`${origin}/api/${path}`, {
      method,
      headers: { 'Content-Type': 'application/json', 'Idempotency-Key': key },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(10_000),
    }).catch(() => null)
    const answer: unknown = await response?.json().catch(() => null)
    if (response && answer !== null && response.status < 500) return { status: response.status, body: answer }
    counts.again += 1
    await sleep(100 + Math.random() * 400)
  }
}

/** What one writer was told is saved: surveys and log entries in a job of its own, offcuts on the rack. */
interface Told {
  readonly job: string
  readonly surveys: string[]
  readonly entries: string[]
  readonly lengths: number[]
}

async function write(number: number): Promise<Told> {
  let job = emptyJob(`Writer ${number}`, 'metric', 'metric')
  const begun = (await ask('POST', 'jobs', job)).body as { id: string; version: number }
  const told: Told = { job: begun.id, surveys: [], entries: [], lengths: [] }
  for (let version = begun.version, turn = 0; !isOver; turn++) {
    const id = randomUUID()
    job = { ...job, surveys: [...job.surveys.slice(1 - mostSurveys), { id, name: `Look ${turn}`, observations: [] }] }
    const saved = await ask('PUT', `jobs/${begun.id}`, { version, job })
    if (saved.status !== 200)
      throw new Error(`a save was answered ${saved.status}: ${JSON.stringify(saved.body).slice(0, 300)}`)
    version += 1
    told.surveys.push(id)
    counts.saved += 1
    const entries = Array.from({ length: 4 }, () => ({
      id: randomUUID(),
      kind: 'note',
      at: new Date().toISOString(),
      by: job.title,
      jobVersion: version,
      body: { text: `turn ${turn}` },
    }))
    const written = await ask('POST', `jobs/${begun.id}/log`, { entries })
    if (written.status !== 201) throw new Error(`entries were answered ${written.status}`)
    told.entries.push(...entries.map((entry) => entry.id))
    counts.written += entries.length
    if (turn % 5 === 0) {
      // No other writer has a length like it.
      const mm = 300 + number + turn / 10_000
      const booked = await ask('POST', 'rack', { for: job.title, takes: [], leaves: [{ pipe, mm }] })
      if (booked.status !== 201) throw new Error(`a booking was answered ${booked.status}`)
      told.lengths.push(mm)
      counts.booked += 1
    }
  }
  return told
}

function hasRoomFor(file: number, size: number): boolean {
  try {
    return writeSync(file, Buffer.alloc(size)) > 0
  } catch {
    return false
  }
}

async function fillDisk(): Promise<void> {
  const filler = join(folder, 'filler')
  const file = openSync(filler, 'w')
  try {
    for (const size of [2 ** 20, 2 ** 12]) while (hasRoomFor(file, size));
  } finally {
    closeSync(file)
  }
  await sleep(8000)
  rmSync(filler)
  counts.fullDisks += 1
}

async function trouble(): Promise<void> {
  for (let turn = 1; !isOver; turn++) {
    await sleep(1500 + Math.random() * 3000)
    if (isOver) return
    if (isSmall && turn % 6 === 0) await fillDisk()
    else if (Math.random() < 0.3) {
      await database.kill()
      await sleep(Math.random() * 1500)
      await database.restart()
      keepDatabase()
      counts.databaseKills += 1
    } else {
      const server = servers[Math.floor(Math.random() * servers.length)]!
      process.kill(server.pid!, 'SIGKILL')
      await sleep(Math.random() * 1500)
      await server.start()
      counts.serverKills += 1
    }
  }
}

async function main(): Promise<boolean> {
  setTimeout(() => (isOver = true), seconds * 1000)
  const [told] = await Promise.all([
    Promise.all(Array.from({ length: writers }, (_, number) => write(number))),
    trouble(),
  ])
  let [missing, twice] = [0, 0]
  for (const { job, surveys, entries } of told) {
    const found: string[] = []
    for (let cursor = '0', isMore = true; isMore;) {
      const page = (await ask('GET', `jobs/${job}/log?after=${cursor}`, undefined)).body as {
        entries: { id: string }[]
        cursor: string
      }
      found.push(...page.entries.map(({ id }) => id))
      isMore = page.entries.length > 0
      cursor = page.cursor
    }
    const there = new Set(found)
    missing += entries.filter((id) => !there.has(id)).length
    twice += found.length - there.size
    const { body } = await ask('GET', `jobs/${job}`, undefined)
    const ids = (body as { job: { surveys: { id: string }[] } }).job.surveys.map(({ id }) => id)
    const last = surveys.slice(-ids.length)
    missing +=
      last.filter((id) => !ids.includes(id)).length + Math.max(0, Math.min(surveys.length, mostSurveys) - ids.length)
    twice += ids.length - new Set(ids).size
  }
  const rack = (await ask('GET', 'rack', undefined)).body as { mm: number }[]
  for (const mm of told.flatMap(({ lengths }) => lengths)) {
    const found = rack.filter((offcut) => Math.abs(offcut.mm - mm) < 1e-6).length
    if (found === 0) missing += 1
    if (found > 1) twice += 1
  }
  const { saved, booked, written, again, serverKills, databaseKills, fullDisks } = counts
  console.log(
    `${seconds} s, ${writers} writers: ${saved} saves, ${written} log entries and ${booked} bookings acknowledged, ${again} asked again; ` +
      `${serverKills} kills of a server, ${databaseKills} of the database, ` +
      (isSmall ? `the disk full ${fullDisks} times` : 'no full disk: this user may not mount one'),
  )
  console.log(`${missing} missing, ${twice} there twice`)
  return missing + twice === 0
}

try {
  process.exitCode = (await main()) ? 0 : 1
} catch (error) {
  console.error(error)
  process.exitCode = 1
} finally {
  ;[isOver, isDone] = [true, true]
  for (const server of servers) await server.stop()
  await database.stop()
  if (isSmall) execFileSync('umount', [folder])
  rmSync(folder, { recursive: true, force: true })
}
// Writers whose servers are gone would ask for ever.
process.exit()
