import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import fc from 'fast-check'
import mysql, { type Pool } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { backupWhenDue } from '../../scripts/run/backups'
import { restoreBackup, writeBackup } from '../../server/database/backup/backup'
import { useSite } from './client'

const { ask, site } = useSite(true)
const folder = mkdtempSync(join(tmpdir(), 'jolvet-backup-'))
const file = join(folder, 'all.gz')
const pipe = pipeId('EN 1057', '22', 0.9)
let pool: Pool
beforeAll(() => {
  pool = mysql.createPool({ uri: site().database.url, charset: 'utf8mb4', timezone: 'Z' })
})
afterAll(async () => {
  await pool.end()
  rmSync(folder, { recursive: true, force: true })
})

/** All that the interface shows of what is stored. */
async function everything() {
  const jobs: { id: string }[] = (await ask('GET', 'jobs')).body
  const of = (path: string) =>
    Promise.all(jobs.map(async ({ id }) => (await ask('GET', `jobs/${id}/${path}`)).body as unknown))
  const [parts, rack, workshop] = await Promise.all(
    ['parts', 'rack', 'workshop'].map(async (path) => (await ask('GET', path)).body as unknown),
  )
  return { jobs, parts, rack, workshop, minutes: await of('minutes'), cuttings: await of('cuttings') }
}

describe('a backup', () => {
  it('holds everything: random jobs, prices, parts, offcuts, minutes and cuttings come back as they were', async () => {
    const text = fc.string({ unit: 'binary', minLength: 1, maxLength: 60 }).filter((of) => of.trim() !== '')
    const job = sampleJob({ pipe, method: 'solder', legs: [['open:s', 'east', 1000, 'outlet:e']] })
    for (const [title, note] of fc.sample(fc.tuple(text, text), 25)) {
      const made = await ask('POST', 'jobs', { ...job, title, note })
      if (made.status !== 201) continue
      const id = made.body.id as string
      await ask('POST', `jobs/${id}/minutes`, { took: [{ joint: 'r1/e/l1', minutes: 7.25 }] })
      await ask('POST', 'rack', { for: note, leaves: [{ pipe, mm: 431.7 }], cutting: { job: id, pipe, bars: [] } })
    }
    await ask('PATCH', 'workshop', { changes: [{ path: ['methods', 'solder', 'minutes'], value: 9 }] })
    const before = await everything()
    expect(before.jobs.length).toBeGreaterThan(10)
    const rows = await writeBackup(pool, file, new Date())
    expect(rows.jobs).toBe(before.jobs.length)

    for (const { id } of before.jobs.slice(0, 5)) await ask('DELETE', `jobs/${id}`)
    await ask('PATCH', 'workshop', { changes: [{ path: ['methods', 'solder', 'minutes'], value: 99 }] })
    expect(await everything()).not.toEqual(before)
    await expect(restoreBackup(pool, file, false)).rejects.toThrow(/rows in jobs already: nothing was put back/)
    expect((await restoreBackup(pool, file, true)).rows).toEqual(rows)
    expect(await everything()).toEqual(before)
    // Put back, nothing of the demo comes again.
    await site().server.stop()
    await site().server.start()
    expect(await everything()).toEqual(before)
  })

  it('is made while others save, of one moment', async () => {
    const [{ id, version, job }] = (await ask('GET', 'jobs')).body
    let saving = true
    const saves = (async () => {
      for (let at = version; saving; at++)
        await ask('PUT', `jobs/${id}`, { version: at, job: { ...job, title: `Version ${at + 1}` } })
    })()
    for (let times = 0; times < 5; times++) {
      await writeBackup(pool, file, new Date())
      const lines = gunzipSync(readFileSync(file)).toString().split('\n')
      const row = lines
        .map((line) => (line.startsWith('["jobs"') ? JSON.parse(line)[1] : null))
        .find((of) => of?.id === id)
      expect(row.title).toBe(row.version === String(version) ? job.title : `Version ${row.version}`)
      expect(JSON.parse(row.document).title).toBe(row.title)
    }
    saving = false
    await saves
  })

  it('that is cut short, changed or no backup at all is refused, and nothing is touched', async () => {
    await writeBackup(pool, file, new Date())
    const before = await everything()
    const whole = gunzipSync(readFileSync(file)).toString()
    const lines = whole.split('\n')
    const wrong: Record<string, string | Buffer> = {
      'cut short': gzipSync(lines.slice(0, -2).join('\n')),
      'a row less': gzipSync(lines.filter((_, index) => index !== 2).join('\n')),
      changed: gzipSync(whole.replace('Version', 'Fersion')),
      'half a file': readFileSync(file).subarray(0, 400),
      'another text': gzipSync('{"hello":1}\n'),
      'no archive': 'hello',
    }
    for (const [name, content] of Object.entries(wrong)) {
      const bad = join(folder, 'bad.gz')
      writeFileSync(bad, content)
      await expect(restoreBackup(pool, bad, true), name).rejects.toThrow(/the file (cannot be read|is cut short)/)
    }
    await expect(restoreBackup(pool, join(folder, 'none.gz'), true)).rejects.toThrow(/cannot be read/)
    expect(await everything()).toEqual(before)
  })

  it('every night: one a day, so many kept, none where none is wanted', async () => {
    const nightly = join(folder, 'nightly')
    const start = Date.parse('2026-11-25T03:00:00Z')
    const at = (days: number) => new Date(start + days * 86_400_000)
    const names = () => readdirSync(nightly)
    expect(await backupWhenDue(site().database.url, nightly, 0, at(0))).toBeNull()
    for (let days = 0; days < 5; days++) {
      const made = await backupWhenDue(site().database.url, nightly, 3, at(days))
      expect(made).not.toBeNull()
      expect(statSync(made!).mode & 0o077).toBe(0)
      utimesSync(made!, at(days), at(days))
      expect(await backupWhenDue(site().database.url, nightly, 3, new Date(at(days).getTime() + 3_600_000))).toBeNull()
    }
    expect(names()).toEqual(['jolvet-2026-11-27T03-00.gz', 'jolvet-2026-11-28T03-00.gz', 'jolvet-2026-11-29T03-00.gz'])
  })
})
