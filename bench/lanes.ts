import { execFile } from 'node:child_process'
import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'
import { promisify } from 'node:util'
import mysql from 'mysql2/promise'
import { longJob } from '../core/testing/sample-run'
import { startSite, type Site } from '../scripts/run/site'
import { randomQuestion } from './stock'

const asked = 300
const limitMs = 150

/** A JPEG of so many bytes that a print takes: a small picture, and what stands behind its end. */
const photoOf = (bytes: number): Buffer => Buffer.concat([Buffer.from(onePixel, 'base64'), randomBytes(bytes)])
const onePixel =
  '/9j/4AAQSkZJRgABAQEAYABgAAD/2wBDAAgGBgcGBQgHBwcJCQgKDBQNDAsLDBkSEw8UHRofHh0aHBwgJC4nICIsIxwcKDcpLDAxNDQ0Hyc5PTgyPC4zNDL/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAACf/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8AKp//2Q=='

/** The most memory that a process took, in MB, as its system has counted it. */
const peakOf = (pid: number): number =>
  Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1000

/** A job with sixty photos, each entry naming its own. */
async function photographed(site: Site): Promise<string> {
  const post = async (path: string, body: unknown) =>
    (await (await fetch(`${site.origin}/api/${path}`, { method: 'POST', body: JSON.stringify(body) })).json()) as {
      id: string
    }
  const { id } = await post('jobs', longJob(20))
  const pool = mysql.createPool({ uri: site.database.url })
  for (let count = 0; count < 60; count++) {
    const bytes = photoOf(290_000)
    const sha = createHash('sha256').update(bytes).digest('hex')
    await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [
      sha,
      'image/jpeg',
      bytes.length,
      bytes.toString('base64'),
    ])
    const entry = {
      id: randomUUID(),
      kind: 'photo',
      subject: {},
      at: '2026-05-04T10:00:00Z',
      by: 'I. Marl',
      jobVersion: 1,
    }
    await post(`jobs/${id}/log`, { entries: [{ ...entry, body: { sha } }] })
  }
  await pool.end()
  return id
}

/** Puts so many jobs in at once, as they are kept. */
async function manyJobs({ database }: Site, count: number): Promise<void> {
  const pool = mysql.createPool({ uri: database.url })
  const job = JSON.stringify(longJob(5))
  const now = new Date()
  for (let from = 0; from < count; from += 500) {
    const rows = Array.from({ length: 500 }, (_, at) => [randomUUID(), 1, `Job ${from + at}`, job, now, now])
    await pool.query('INSERT INTO jobs (id, version, title, document, created_at, updated_at) VALUES ?', [rows])
  }
  await pool.end()
}

/** What is asked of a server that others ask too: where it is asked to come again, that is done a moment later. */
const askerOf =
  (at: (path: string) => string) =>
  async (path: string, init?: RequestInit): Promise<void> => {
    const response = await fetch(at(path), init)
    const bytes = await response.arrayBuffer()
    if (response.status === 429) await sleep(200)
    else if (!response.ok) throw new Error(`${path}: ${response.status} ${Buffer.from(bytes).toString().slice(0, 300)}`)
  }
type Asker = ReturnType<typeof askerOf>

/** Kinds of heavy work: how many ask for it at once, and how. */
async function heavyWork(at: (path: string) => string, read: Asker, photos: string) {
  const plan = JSON.stringify(longJob(2000))
  const stock = JSON.stringify(randomQuestion(3))
  const readings = Array.from({ length: 120 }, (_, of) => ({ seconds: of * 5, bar: 6 - of * 0.001 }))
  const segments = [{ pipe: 'copper-half-hard-en-1057-r250-22x0.9', metres: 12 }]
  const prove = JSON.stringify({
    system: { segments },
    test: { profile: 'en806-a', design: 6, medium: 'water' },
    readings,
  })
  const backup = Buffer.from(await (await fetch(at('backup'))).arrayBuffer())
  /** In a process of its own: five megabytes that come in here would hold up the one that measures. */
  const readElsewhere = async (path: string): Promise<void> => {
    const script = `await (await fetch(${JSON.stringify(at(path))})).arrayBuffer()`
    await promisify(execFile)(process.execPath, ['--input-type=module', '-e', script])
  }
  let after = ''
  async function readPage(): Promise<void> {
    const response = await fetch(at(`job-summaries${after && `?after=${encodeURIComponent(after)}`}`))
    after = ((await response.json()) as { next: string | null }).next ?? ''
  }
  const kinds: Record<string, readonly [atOnce: number, ask: () => Promise<void>]> = {
    'four plans of 2 000 legs': [4, () => read('plan', { method: 'POST', body: plan })],
    'six record PDFs of 60 photos': [6, () => read(`jobs/${photos}/record.pdf`)],
    'four searches on stock': [4, () => read('stock', { method: 'POST', body: stock })],
    'four fits of a gauge': [4, () => read('prove', { method: 'POST', body: prove })],
    'a backup': [1, () => read('backup')],
    'a list of 5 000 jobs': [1, () => readElsewhere('jobs')],
    'their summaries, page by page': [1, readPage],
    'a restore': [1, () => read('backup?replace=yes', { method: 'POST', body: new Uint8Array(backup) })],
  }
  return Object.entries(kinds)
}

/** The 99th per cent of so many short answers, in ms. */
async function hundredth(read: Asker, path: string): Promise<number> {
  const times: number[] = []
  for (let turn = 0; turn < asked; turn++) {
    const start = performance.now()
    await read(path)
    times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[Math.floor(asked * 0.99)]!
}

/** The same while work is asked for without end. */
async function hundredthBeside(read: Asker, atOnce: number, ask: () => Promise<void>): Promise<number> {
  let isOver = false
  const callers = Array.from({ length: atOnce }, async () => {
    while (!isOver) await ask()
  })
  await sleep(300)
  const beside = await hundredth(read, 'rack')
  isOver = true
  await Promise.all(callers)
  return beside
}

/** How long others wait for a short answer beside each kind of heavy work, and what a print of sixty photos takes. */
export async function benchLanes(): Promise<void> {
  const site = await startSite(true)
  const at = (path: string) => `${site.origin}/api/${path}`
  const read = askerOf(at)
  try {
    const photos = await photographed(site)
    await manyJobs(site, 5000)
    const kinds = await heavyWork(at, read, photos)
    const beforePrints = peakOf(site.server.pid!)
    await Promise.all(Array.from({ length: 6 }, () => read(`jobs/${photos}/record.pdf`)))
    const prints = peakOf(site.server.pid!)
    console.log(
      `six records of sixty photos took the server from ${beforePrints.toFixed(0)} to ${prints.toFixed(0)} MB   (at most 300 more)`,
    )
    await hundredth(read, 'rack')
    const alone = await hundredth(read, 'rack')
    for (const [name, [atOnce, ask]] of kinds) {
      const beside = await hundredthBeside(read, atOnce, ask)
      console.log(
        `the rack at the 99th per cent beside ${name}: ${beside.toFixed(0)} ms, ${alone.toFixed(0)} ms alone: ratio ${(beside / alone).toFixed(1)}   (at most ${limitMs} ms)`,
      )
    }
  } finally {
    await site.stop()
  }
}
