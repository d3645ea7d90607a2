import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as sleep } from 'node:timers/promises'
import { emptyJob } from '../core/edit/new-job'
import type { Job } from '../core/job/job'
import { buildWhenChanged } from '../scripts/run/build'
import { LocalDatabase } from '../scripts/run/database'
import { keepUp } from '../scripts/run/keep-up'
import { freePort } from '../scripts/run/port'
import { LocalServer } from '../scripts/run/server'
import { soakAsker } from './soak-ask'
import { fillDisk, smallDisk } from './soak-disk'

/**
 * Fifty writers, two servers and one database on a small disk, with servers and database killed at random, the disk
 * filled now and then, clocks that jump, slow lines, what is refused, and backups put back under way: is anything that was
 * acknowledged missing, or there twice? After a restore a writer does as a page does: it brings its text together with
 * what stands there, and writes again what the log lost. What was booked between a backup and its restore is lost with it.
 *
 *   npm run soak          SOAK_SECONDS=600 npm run soak
 */
const seconds = Number(process.env.SOAK_SECONDS ?? 120)
const writers = 50
/** A job holds so many. */
const mostSurveys = 200
const pipe = 'copper-half-hard-en-1057-r250-22x0.9'

const counts = {
  saved: 0,
  booked: 0,
  written: 0,
  again: 0,
  serverKills: 0,
  databaseKills: 0,
  fullDisks: 0,
  restores: 0,
  refused: 0,
  slow: 0,
  rewritten: 0,
}
const folder = mkdtempSync(join(tmpdir(), 'jolvet-soak-'))
let isOver = false

const isSmall = smallDisk(folder)
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

const ask = soakAsker(servers, counts)

/** When backups were made and put back: what was booked in between is not there. */
const lost: { from: number; to: number }[] = []

/** What one writer was told is saved: surveys and log entries in a job of its own, offcuts on the rack. */
interface Told {
  readonly job: string
  readonly surveys: string[]
  readonly entries: string[]
  readonly lengths: { readonly mm: number; readonly at: number }[]
}

/** A clock that may be a year off. */
const jumped = (): string =>
  new Date(Date.now() + (Math.random() < 0.2 ? (Math.random() - 0.5) * 6e10 : 0)).toISOString()

const noteOf = (id: string, by: string, jobVersion: number) => ({
  ...{ id, kind: 'note', at: jumped(), by, jobVersion },
  body: { text: 'a note' },
})

/** A writer of one job, as a page is one. */
class Writer {
  readonly told: Told
  readonly #number: number
  #job = emptyJob('', 'metric', 'metric')
  #version = 0
  #generation = ''
  #cursor = '0'

  constructor(number: number) {
    this.#number = number
    this.told = { job: randomUUID(), surveys: [], entries: [], lengths: [] }
    this.#job = { ...this.#job, title: `Writer ${number}` }
  }

  /** Saves the text; where another stands there, from before a restore, brought together with it. */
  async save(): Promise<void> {
    const path = `jobs/${this.told.job}`
    for (;;) {
      const saved = await ask('PUT', path, { version: this.#version, job: this.#job }, this.#generation)
      const { job, version } = saved.body as { job: Job; version: number }
      if (saved.status !== 200 && saved.status !== 409)
        throw new Error(`a save was answered ${saved.status}: ${JSON.stringify(saved.body).slice(0, 300)}`)
      ;[this.#version, this.#generation] = [version, saved.generation]
      if (saved.status === 200) return
      const own = new Set(this.#job.surveys.map(({ id }) => id))
      const surveys = [...job.surveys.filter(({ id }) => !own.has(id)), ...this.#job.surveys]
      this.#job = { ...this.#job, surveys: surveys.slice(-mostSurveys) }
    }
  }

  async look(turn: number): Promise<void> {
    const id = randomUUID()
    const survey = { id, name: `Look ${turn}`, observations: [] }
    this.#job = { ...this.#job, surveys: [...this.#job.surveys.slice(1 - mostSurveys), survey] }
    await this.save()
    this.told.surveys.push(id)
    counts.saved += 1
  }

  async #send(ids: readonly string[]): Promise<void> {
    const entries = ids.map((id) => noteOf(id, this.#job.title, this.#version))
    const body = { entries, sentAt: jumped() }
    const written = await ask('POST', `jobs/${this.told.job}/log`, body, this.#generation)
    if (written.status !== 201)
      throw new Error(`entries were answered ${written.status}: ${JSON.stringify(written.body)}`)
  }

  async note(): Promise<void> {
    const ids = Array.from({ length: 4 }, () => randomUUID())
    await this.#send(ids)
    this.told.entries.push(...ids)
    counts.written += ids.length
  }

  /** Reads on; what a restore lost is written again. */
  async read(): Promise<void> {
    const heard = await ask('GET', `jobs/${this.told.job}/log?after=${this.#cursor}`, undefined)
    const { entries, cursor, anew } = heard.body as { entries: { id: string }[]; cursor: string; anew?: boolean }
    this.#cursor = cursor
    if (!anew) return
    // Sent as of the life in which they were written: its versions are no more.
    const there = new Set(entries.map(({ id }) => id))
    const gone = this.told.entries.filter((id) => !there.has(id))
    for (let from = 0; from < gone.length; from += 200) await this.#send(gone.slice(from, from + 200))
    counts.rewritten += gone.length
  }

  /** What is refused says so, and leaves nothing. */
  async beRefused(): Promise<void> {
    const entry = { ...noteOf(randomUUID(), 'nobody', this.#version), kind: 'welded' }
    const { status } = await ask('POST', `jobs/${this.told.job}/log`, { entries: [entry] })
    if (status !== 422) throw new Error(`an entry of no kind was answered ${status}`)
    counts.refused += 1
  }

  async book(turn: number): Promise<void> {
    // No other writer has a length like it.
    const mm = 300 + this.#number + turn / 10_000
    const at = Date.now()
    const booked = await ask('POST', 'rack', { for: this.#job.title, takes: [], leaves: [{ pipe, mm }] })
    if (booked.status !== 201) throw new Error(`a booking was answered ${booked.status}`)
    this.told.lengths.push({ mm, at })
    counts.booked += 1
  }
}

async function write(number: number): Promise<Told> {
  const writer = new Writer(number)
  await writer.save()
  for (let turn = 0; !isOver; turn++) {
    await writer.look(turn)
    await writer.note()
    await writer.read()
    if (turn % 5 === 0) await writer.book(turn)
    if (turn % 7 === 0) await writer.beRefused()
  }
  // As a page that stays open does: what the last restore took is there again.
  await writer.save()
  await writer.read()
  return writer.told
}

/** Makes a backup, lets them work on, and puts it back. */
async function putBack(): Promise<void> {
  const { origin } = servers[0]!
  const from = Date.now()
  const made = await fetch(`${origin}/api/backup`).catch(() => null)
  const file = await made?.arrayBuffer().catch(() => null)
  if (!made?.ok || !file) return
  await sleep(1000 + Math.random() * 2000)
  const put = await fetch(`${origin}/api/backup?replace=yes`, { method: 'POST', body: file }).catch(() => null)
  // Where its answer was lost it may have been put back all the same.
  lost.push({ from, to: Date.now() + 1000 })
  if (put?.ok) counts.restores += 1
}

async function trouble(): Promise<void> {
  for (let turn = 1; !isOver; turn++) {
    await sleep(1500 + Math.random() * 3000)
    if (isOver) return
    if (isSmall && turn % 6 === 0) await fillDisk(folder, counts)
    else if (turn % 4 === 0) await putBack()
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
  const isLost = (at: number) => lost.some(({ from, to }) => at > from - 10_000 && at < to)
  for (const { mm, at } of told.flatMap(({ lengths }) => lengths)) {
    const found = rack.filter((offcut) => Math.abs(offcut.mm - mm) < 1e-6).length
    if (found === 0 && !isLost(at)) missing += 1
    if (found > 1) twice += 1
  }
  const { saved, booked, written, again, serverKills, databaseKills, fullDisks, restores } = counts
  console.log(
    `${seconds} s, ${writers} writers: ${saved} saves, ${written} log entries and ${booked} bookings acknowledged, ${again} asked again; ` +
      `${serverKills} kills of a server, ${databaseKills} of the database, ${restores} backups put back (${counts.rewritten} entries written again), ` +
      `${counts.refused} refused, ${counts.slow} over a slow line, ` +
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
