import { createHash, randomBytes } from 'node:crypto'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import { getTableName, is } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/mysql2'
import { MySqlTable } from 'drizzle-orm/mysql-core'
import mysql, { type Pool } from 'mysql2/promise'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import { readOwnMigrations } from '../../scripts/run/with-database'
import { restoreBackup, writeBackup } from '../../server/database/backup/backup'
import { verifyBackup } from '../../server/database/backup/backup-file'
import { backupTables, leftOut } from '../../server/database/backup/backup-tables'
import { isDaysAgo } from '../../server/database/days-ago'
import * as schema from '../../server/database/schema'
import { tryBackup } from '../../server/database/backup/trial-restore'
import { clearFolders } from '../../server/http/own-folder'
import { useSite } from './client'

const { ask, site } = useSite(false)
const folder = mkdtempSync(join(tmpdir(), 'jolvet-nothing-lost-'))
const file = join(folder, 'all.gz')
const job = emptyJob('Tank room', 'metric', 'metric')
let pool: Pool
beforeAll(() => {
  pool = mysql.createPool({ uri: site().database.url, charset: 'utf8mb4', timezone: 'Z' })
})
afterAll(async () => {
  await pool.end()
  rmSync(folder, { recursive: true, force: true })
})

const lines = () => gunzipSync(readFileSync(file)).toString().trim().split('\n')
/** A file with these lines between a head and a foot that fits them. */
function fileOf(head: object, rows: readonly unknown[], counts: object): string {
  const text = [head, ...rows].map((of) => `${JSON.stringify(of)}\n`).join('')
  const foot = { rows: counts, sha256: createHash('sha256').update(text).digest('hex') }
  const name = join(folder, 'elsewhere.gz')
  writeFileSync(name, gzipSync(`${text}${JSON.stringify(foot)}\n`))
  return name
}
const head = { format: 'jolvet-backup', version: 1, at: '2025-01-01T00:00:00.000Z' }
const row = () => JSON.parse(lines().find((line) => line.startsWith('["jobs"'))!) as [string, Record<string, unknown>]

const header = 'jolvet-generation'
const note = (id: string, text: string) => ({
  ...{ id, kind: 'note', subject: {}, at: '2026-05-04T10:00:00Z', by: 'I. Marl', jobVersion: 1 },
  body: { text },
})

describe('after a backup was put back', () => {
  it('what was read before is answered anew, and overwrites nothing', async () => {
    const { id } = (await ask('POST', 'jobs', job)).body
    await ask('POST', `jobs/${id}/log`, { entries: [note('entry-before', 'before')] })
    await writeBackup(pool, file, new Date())
    await ask('PUT', `jobs/${id}`, { version: 1, job: { ...job, note: 'lost' } })
    const page = await ask('GET', `jobs/${id}`)
    const [etag, generation] = [page.headers.get('etag')!, page.headers.get(header)!]
    const { cursor } = (await ask('GET', `jobs/${id}/log`)).body
    await ask('POST', `jobs/${id}/log`, { entries: [note('entry-since', 'since')] })

    await restoreBackup(pool, file, true)
    // Another saves version 2 anew: by its number alone it is what the page had.
    await ask('PUT', `jobs/${id}`, { version: 1, job: { ...job, note: 'another' } })
    expect((await ask('GET', `jobs/${id}`, undefined, { 'If-None-Match': etag })).body.job.note).toBe('another')
    const save = { version: 2, job: { ...job, note: 'mine' } }
    const refused = await ask('PUT', `jobs/${id}`, save, { [header]: generation })
    expect([refused.status, refused.body.job.note]).toEqual([409, 'another'])
    expect(refused.headers.get(header)).not.toBe(generation)
    const again = await ask('PUT', `jobs/${id}`, save, { [header]: refused.headers.get(header)! })
    expect(again.status).toBe(200)

    await ask('POST', `jobs/${id}/log`, { entries: [note('entry-new-1', '1'), note('entry-new-2', '2')] })
    const on = (await ask('GET', `jobs/${id}/log?after=${cursor}`)).body
    expect(on.anew).toBe(true)
    expect(on.entries.map((of: { id: string }) => of.id)).toEqual(['entry-before', 'entry-new-1', 'entry-new-2'])
    // What was written in the life before names a version that is not there again: it is taken all the same.
    const late = { ...note('entry-since', 'since'), jobVersion: 40 }
    const path = `jobs/${id}/log`
    expect((await ask('POST', path, { entries: [late] })).status).toBe(422)
    expect((await ask('POST', path, { entries: [late] }, { [header]: generation })).status).toBe(201)
  })
})

describe('what goes after so many days', () => {
  it('goes by days on which a server ran: a clock that jumps a year passes one', async () => {
    const { id } = (await ask('POST', 'jobs', { ...job, title: 'In the bin' })).body
    await ask('DELETE', `jobs/${id}`)
    const isOver = async () =>
      (await drizzle(pool).select().from(schema.jobs).where(isDaysAgo(schema.jobs.deletedAt, 30))).length
    const see = (days: number) =>
      pool.query('INSERT INTO days_seen VALUES (DATE_FORMAT(NOW() + INTERVAL ? DAY, "%Y-%m-%d"))', [days])
    await see(365)
    expect(await isOver()).toBe(0)
    for (let day = 1; day < 29; day++) await see(day)
    expect(await isOver()).toBe(0)
    await see(29)
    expect(await isOver()).toBe(1)
    await pool.query('DELETE FROM days_seen')
  })
})

describe('an older page', () => {
  it('whose interface the server no longer understands is told so, and nothing is done', async () => {
    const old = await ask('POST', 'jobs', job, { 'Jolvet-Interface': '0' })
    expect([old.status, old.body.error]).toEqual([426, 'old-page'])
    const now = await ask('GET', 'jobs', undefined, { 'Jolvet-Interface': '1' })
    expect([now.status, now.headers.get('jolvet-interface')]).toEqual([200, '2'])
  })
})

describe('a photo in pieces', () => {
  let bytes: Buffer
  let sha: string
  beforeAll(async () => {
    // Noise: what cannot be made smaller.
    bytes = await sharp(randomBytes(240 * 240 * 3), { raw: { width: 240, height: 240, channels: 3 } })
      .png()
      .toBuffer()
    expect(bytes.length).toBeGreaterThan(150_000)
    sha = createHash('sha256').update(bytes).digest('hex')
  })
  const send = async (from: number, piece: Buffer, name = sha) => {
    const answer = await fetch(`${site().origin}/api/photos/${name}?from=${from}&of=${bytes.length}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: new Uint8Array(piece),
    })
    return { status: answer.status, body: (await answer.json()) as Record<string, unknown> }
  }

  it('goes on from where it broke off, and is whole with its last piece', async () => {
    expect((await send(0, bytes.subarray(0, 70_000))).body.taken).toBe(70_000)
    // The line broke: what is sent again is there already, what comes too early waits for what is before it.
    expect((await send(140_000, bytes.subarray(140_000, 150_000))).body.taken).toBe(70_000)
    expect((await send(0, bytes.subarray(0, 70_000))).body.taken).toBe(70_000)
    await site().server.stop()
    await site().server.start()
    expect((await send(70_000, bytes.subarray(70_000, 140_000))).body.taken).toBe(150_000)
    expect((await ask('GET', `photos/${sha}`)).status).toBe(404)
    expect((await send(150_000, bytes.subarray(150_000))).body).toEqual({ sha, taken: bytes.length, of: bytes.length })
    const kept = await fetch(`${site().origin}/api/photos/${sha}`)
    expect(Buffer.from(await kept.arrayBuffer()).equals(bytes)).toBe(true)
    const [[left]] = (await pool.query('SELECT COUNT(*) AS pieces FROM photo_pieces')) as unknown as [
      { pieces: number }[],
    ]
    expect(left!.pieces).toBe(0)
    expect((await send(0, bytes.subarray(0, 10))).body.taken).toBe(bytes.length)
  })

  it('whose pieces do not make it is refused, and may be sent again', async () => {
    const other = 'ab'.repeat(32)
    await send(0, bytes.subarray(0, 150_000), other)
    const refused = await send(150_000, bytes.subarray(150_000), other)
    expect([refused.status, (refused.body.fields as { field: string }[])[0]!.field]).toEqual([422, 'sha'])
    expect((await send(0, bytes.subarray(0, 10), other)).body.taken).toBe(10)
    const noPicture = randomBytes(bytes.length).fill(7, 0, 8)
    const its = createHash('sha256').update(noPicture).digest('hex')
    await send(0, noPicture.subarray(0, 150_000), its)
    expect((await send(150_000, noPicture.subarray(150_000), its)).status).toBe(422)
    const [[left]] = (await pool.query('SELECT COUNT(*) AS pieces FROM photo_pieces WHERE sha = ?', [
      its,
    ])) as unknown as [{ pieces: number }[]]
    expect(left!.pieces).toBe(0)
    for (const query of ['from=-1&of=5', 'from=5&of=5', 'from=0&of=90000000', 'of=5', 'from=0'])
      expect([query, (await ask('POST', `photos/${other}?${query}`, 'x')).status]).toEqual([query, 422])
    expect((await ask('POST', 'photos/short?from=0&of=5', 'x')).status).toBe(422)
  })
})

describe('a backup of more than two hundred megabytes', () => {
  it('with photos of every size is put back, tried in a database of its own, and whole', async () => {
    const before = (await verifyBackup(file)).counts.photos!
    let [bytes, count] = [0, 0]
    for (; bytes < 210_000_000; count++) {
      const size = count % 10 === 0 ? 7_900_000 : 290_000
      const pattern = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), randomBytes(2997)])
      const photo = Buffer.alloc(size, pattern)
      const sha = createHash('sha256').update(photo).digest('hex')
      await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [
        sha,
        'image/jpeg',
        size,
        photo.toString('base64'),
      ])
      bytes += size
    }
    const migrations = await readOwnMigrations()
    const large = join(folder, 'large.gz')
    const { url } = site().database
    const rows = await writeBackup(pool, large, new Date(), (made) => tryBackup(url, made, migrations))
    expect(rows.photos).toBeGreaterThanOrEqual(before + count)
    expect((await restoreBackup(pool, large, true)).rows).toEqual(rows)
    const [databases] = (await pool.query('SHOW DATABASES')) as unknown as [{ Database: string }[]]
    expect(databases.map(({ Database }) => Database)).not.toContain('jolvet_trial')
    await pool.query('DELETE FROM photos')
  }, 300_000)

  it('that does not give back what it was made from does not count as made', async () => {
    const { url } = site().database
    const migrations = await readOwnMigrations()
    // A figure that the database writes otherwise than it stands here: what comes back is not what went in.
    const offcut = { id: '1', pipe: 'copper', mm: '431.70', left_from: 'van', recorded_at: '2026-01-01 00:00:00.000' }
    const made = fileOf({ ...head, made: 'a test' }, [['offcuts', offcut]], { offcuts: 1 })
    await expect(tryBackup(url, made, migrations)).rejects.toThrow('what it gives back is not what it was made from')
    await expect(
      writeBackup(pool, join(folder, 'not-made.gz'), new Date(), () => Promise.reject(new Error('not whole'))),
    ).rejects.toThrow('not whole')
    expect(readdirSync(folder)).not.toContain('not-made.gz')
  })

  it('holds every table of the schema, but those that it leaves out by name', () => {
    const all = Object.values(schema).flatMap((table) => (is(table, MySqlTable) ? [getTableName(table)] : []))
    expect([...backupTables, ...leftOut].toSorted()).toEqual(all.toSorted())
  })
})

describe('a backup file from elsewhere', () => {
  it('of an older program, without tables and columns that are new, is put back, and says what it is', async () => {
    const { summary: _, summary_of: __, deleted_at: ___, ...old } = row()[1]
    const older = fileOf(head, [['jobs', old]], { jobs: 1, workshop: 0 })
    expect(await restoreBackup(pool, older, true)).toMatchObject({
      rows: { jobs: 1 },
      from: { at: head.at, made: null },
    })
    expect((await ask('GET', 'jobs')).body).toHaveLength(1)
    await restoreBackup(pool, file, true)
  })

  it.each<[string, (job: Record<string, unknown>) => unknown, RegExp]>([
    ['a row that is none', () => ['jobs', 7], /line 2, jobs/],
    ['an object as an id', (of) => ['jobs', { ...of, id: { toString: 1 } }], /line 2, jobs: id/],
    ['a column that is not there', (of) => ['jobs', { ...of, colour: 'red' }], /line 2, jobs/],
    ['a version that is no number', (of) => ['jobs', { ...of, version: 'first' }], /line 2, jobs: version/],
    ['a time that is none', (of) => ['jobs', { ...of, updated_at: 'yesterday' }], /line 2, jobs: updated_at/],
    ['a title that is missing', ({ title: _, ...of }) => ['jobs', of], /line 2, jobs: title/],
    ['an id that is too long', (of) => ['jobs', { ...of, id: 'x'.repeat(37) }], /line 2, jobs: id: at most 36/],
    ['a table that is not there', (of) => ['users', of], /table that is not known here, users/],
    [
      'an entry that says nothing',
      () => ['log_entries', { seq: '1', id: 'e', job: 'j', entry: '{}', recorded_at: '2026-01-01 00:00:00.000' }],
      /line 2, log_entries: entry/,
    ],
    [
      'an entry of no job',
      () => [
        'log_entries',
        {
          ...{ seq: '1', id: 'entry-of-none', job: 'none', recorded_at: '2026-01-01 00:00:00.000' },
          entry: JSON.stringify(note('entry-of-none', 'x')),
        },
      ],
      /log_entries: .*foreign key/i,
    ],
  ])('%s is refused with its line, and nothing is touched', async (_, wrong, says) => {
    const made = wrong(row()[1]) as [string, unknown]
    const name = fileOf(head, [made], { [made[0]]: 1 })
    const before = (await ask('GET', 'jobs')).body
    const answer = await fetch(`${site().origin}/api/backup?replace=yes`, {
      method: 'POST',
      body: new Uint8Array(readFileSync(name)),
    })
    expect([answer.status, ((await answer.json()) as { message: string }).message]).toEqual([
      422,
      expect.stringMatching(/./),
    ])
    const why = await restoreBackup(pool, name, true).then(
      () => 'put back',
      (error: Error) => error.message,
    )
    expect(why).toMatch(says)
    expect((await ask('GET', 'jobs')).body).toEqual(before)
  })

  it('is bounded: a line that unpacks to fifty megabytes, more than it may be, more lines than it may have', async () => {
    const long = join(folder, 'long.gz')
    writeFileSync(long, gzipSync('x'.repeat(50_000_000)))
    await expect(verifyBackup(long)).rejects.toThrow(/a line of it is longer than 32 MB/)
    const small = { line: 1000, unpacked: 1_000_000, rows: 3, seconds: 60 }
    await expect(verifyBackup(file, small)).rejects.toThrow(/longer than 0.001 MB|more than 3 lines/)
    await expect(verifyBackup(file, { ...small, line: 1e6, rows: 1e6, unpacked: 500 })).rejects.toThrow(
      /unpacks to more/,
    )
    await expect(verifyBackup(file, { ...small, line: 1e6, rows: 1e6, seconds: -1 })).rejects.toThrow(/takes more than/)
  })

  it('that was being put back as its server was killed leaves nothing behind', () => {
    const of = mkdtempSync(join(tmpdir(), 'jolvet-leftovers-'))
    for (const name of [
      'jolvet-put-back-999999999-a',
      'jolvet-put-back-b',
      'jolvet-pictures-999999999-d',
      `jolvet-put-back-${process.ppid}-c`,
      'other',
    ])
      mkdirSync(join(of, name))
    clearFolders(of)
    expect(readdirSync(of).toSorted()).toEqual([`jolvet-put-back-${process.ppid}-c`, 'other'])
    rmSync(of, { recursive: true })
  })
})

describe('backups that nobody reads to the end', () => {
  it('give their connections up: after a dozen of them everything is answered', async () => {
    const photo = randomBytes(3_000_000)
    for (let count = 0; count < 6; count++) {
      const sha = createHash('sha256').update(`${count}`).digest('hex')
      await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [
        sha,
        'image/jpeg',
        1,
        photo.toString('base64'),
      ])
    }
    const taken: number[] = []
    for (let count = 0; count < 12; count++) {
      const reader = new AbortController()
      const answer = await fetch(`${site().origin}/api/backup`, { signal: reader.signal })
      taken.push(answer.status)
      await answer.body?.getReader().read()
      reader.abort()
      // Whoever asks next is served as soon as this one's connection is known to be gone.
      for (let tries = 0; tries < 100; tries++) {
        const { status } = await fetch(`${site().origin}/api/backup`, { method: 'HEAD' })
        if (status === 200) break
        await new Promise((resolve) => setTimeout(resolve, 20))
      }
    }
    expect(taken).toEqual(Array(12).fill(200))
    expect((await ask('GET', 'jobs')).status).toBe(200)
    await pool.query('DELETE FROM photos')
  })

  it('one at a time: another is asked to come again', async () => {
    await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [
      'cd'.repeat(32),
      'image/jpeg',
      1,
      randomBytes(9_000_000).toString('base64'),
    ])
    const reader = new AbortController()
    const slow = await fetch(`${site().origin}/api/backup`, { signal: reader.signal })
    const second = await fetch(`${site().origin}/api/backup`)
    expect([slow.status, second.status, second.headers.get('retry-after')]).toEqual([200, 429, '30'])
    reader.abort()
    await pool.query('DELETE FROM photos')
  })
})
