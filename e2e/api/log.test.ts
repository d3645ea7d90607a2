import { createHash } from 'node:crypto'
import mysql, { type Pool } from 'mysql2/promise'
import { PDFDocument } from 'pdf-lib'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { recordSchema } from '../../core/record/record-schema'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { checkSeal } from '../../core/record/seal'
import { useSite } from './client'

const { ask, site } = useSite(false)
let pool: Pool
beforeAll(() => {
  pool = mysql.createPool({ uri: site().database.url })
})
afterAll(() => pool.end())
const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'cap:e'],
  ],
})
const begin = async (): Promise<string> => (await ask('POST', 'jobs', job)).body.id
let count = 0
const entry = (kind: string, more: object = {}) => ({
  id: `entry-${Date.now()}-${++count}`,
  kind,
  subject: { joint: 'r1/a/l1' },
  at: '2026-05-04T10:00:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  ...more,
})
const write = (id: string, entries: object[]) => ask('POST', `jobs/${id}/log`, { entries })
const fields = async (id: string, entries: object[]) => (await write(id, entries)).body.fields

describe('a job’s log', () => {
  it('takes entries once however often they come, reads on from a cursor, and adds up to a state', async () => {
    const id = await begin()
    const [made, inspected] = [
      entry('joint-made', { body: { method: 'solder', insertion: 15.4 } }),
      entry('joint-inspected', { at: '2026-05-04T10:05:00Z', body: { sound: true } }),
    ]
    expect((await write(id, [made])).status).toBe(201)
    expect((await write(id, [made, inspected])).status).toBe(201)
    const first = (await ask('GET', `jobs/${id}/log`)).body
    expect(first.entries).toEqual([made, inspected].map((of) => ({ ...of, arrived: expect.any(String) })))
    expect((await ask('GET', `jobs/${id}/log?after=${first.cursor}`)).body).toEqual({
      entries: [],
      cursor: first.cursor,
    })
    const undone = entry('joint-undone', { at: '2026-05-04T10:06:00Z' })
    await write(id, [undone])
    expect((await ask('GET', `jobs/${id}/log?after=${first.cursor}`)).body.entries).toMatchObject([undone])
    const { joints } = (await ask('GET', `jobs/${id}/state`)).body
    expect(joints['r1/a/l1']).toMatchObject({ made: null, inspected: null })
    expect(Object.keys(joints)).toEqual(['r1/a/l1', 'r1/a/l2', 'r1/e/l2'])
  })

  it('says what is wrong with an entry, and adds none of those that came with it', async () => {
    const [id, other] = [await begin(), await begin()]
    const good = entry('joint-made')
    expect(await fields(id, [good, entry('joint-made', { subject: {} })])).toEqual([
      { field: 'entries.1.subject.joint', problem: 'the joint that it is about' },
    ])
    expect((await ask('GET', `jobs/${id}/log`)).body.entries).toEqual([])
    expect((await fields(id, [entry('welded')]))[0].field).toBe('entries.0.kind')
    const corrects = entry('correction', { replaces: 'no-such-entry', why: 'wrong', body: { withdrawn: true } })
    expect((await fields(id, [corrects]))[0]).toMatchObject({
      field: 'entries.0.replaces',
      problem: expect.stringContaining('no entry “no-such-entry”'),
    })
    await write(other, [good])
    expect((await fields(id, [good]))[0]).toMatchObject({
      field: 'entries.0.id',
      problem: expect.stringContaining('another job'),
    })
    expect((await fields(other, [{ ...good, by: 'U. Thorn' }]))[0].problem).toContain('corrected, not changed')
    expect((await ask('GET', `jobs/${id}/log?after=x`)).status).toBe(422)
    expect((await ask('GET', 'jobs/none/log')).status).toBe(404)
    expect((await write('none', [entry('joint-made')])).status).toBe(404)
  })

  it('takes any clock, notes how far it is off, and puts what it wrote right by the server’s', async () => {
    const id = await begin()
    const hour = 3_600_000
    const at = new Date(Date.now() + 2 * hour).toISOString()
    const sentAt = new Date(Date.now() + hour).toISOString()
    const note = entry('joint-made', { at })
    const answer = await ask('POST', `jobs/${id}/log`, { entries: [note], sentAt })
    expect(answer.status).toBe(201)
    const [kept] = (await ask('GET', `jobs/${id}/log`)).body.entries
    expect(Math.abs(kept.ahead - hour)).toBeLessThan(60_000)
    expect([kept.at, answer.body.ahead, answer.body.arrived]).toEqual([at, kept.ahead, kept.arrived])
    const { joints } = (await ask('GET', `jobs/${id}/state`)).body
    expect(Math.abs(Date.parse(joints['r1/a/l1'].made.at) - Date.now() - hour)).toBeLessThan(60_000)
    expect(
      (await ask('POST', `jobs/${id}/log`, { entries: [entry('note')], sentAt: 'soon' })).body.fields[0].field,
    ).toBe('sentAt')
  })

  it('goes by the order in which it was taken, whatever the clocks show', async () => {
    const id = await begin()
    await write(id, [entry('joint-made', { at: '2026-05-04T10:30:00Z' })])
    await write(id, [entry('joint-undone', { at: '2026-05-04T10:20:00Z' })])
    expect((await ask('GET', `jobs/${id}/state`)).body.joints['r1/a/l1'].made).toBeNull()
  })

  describe('what it names must be there', () => {
    const refused = (problem: string) => [expect.objectContaining({ problem: expect.stringContaining(problem) })]

    it('a correction says what such an entry can say, and a wrong one breaks no print', async () => {
      const id = await begin()
      const covered = entry('covered', { subject: {}, body: { where: 'behind the panel' } })
      expect((await write(id, [covered])).status).toBe(201)
      const corrects = (body: object) =>
        entry('correction', { subject: {}, replaces: covered.id, why: 'typed wrong', body: { body } })
      expect((await fields(id, [corrects({ where: 7 })]))[0].field).toBe('entries.0.body.body.where')
      expect((await write(id, [corrects({ where: 'behind the bath' })])).status).toBe(201)
      for (const path of ['record', 'record.csv', 'tests.csv', 'record.pdf']) {
        const answer = await fetch(`${site().origin}/api/jobs/${id}/${path}`)
        expect([path, answer.status]).toEqual([path, 200])
      }
      expect((await ask('GET', `jobs/${id}/state`)).body.covered[0].body.where).toBe('behind the bath')
    })

    it.each<[string, { kind?: string; [part: string]: unknown }, string]>([
      ['a version that the job never had', { jobVersion: 999 }, 'it stands at 1'],
      ['a joint that its plan has not', { subject: { joint: 'nowhere' } }, 'no joint “nowhere”'],
      [
        'a reading of no test',
        { kind: 'reading', subject: { test: 't1' }, body: { seconds: 0, bar: 3 } },
        'no test “t1”',
      ],
      ['a photo that is not kept', { kind: 'photo', body: { sha: 'a'.repeat(64) } }, 'send the photo first'],
      [
        'a making that is not there',
        { kind: 'joint-undone', body: { of: 'no-such-entry' } },
        'no entry “no-such-entry”',
      ],
    ])('%s is refused with its field', async (_, { kind = 'joint-made', ...more }, problem) => {
      const id = await begin()
      expect(await fields(id, [entry(kind, more)])).toEqual(refused(problem))
      expect((await ask('GET', `jobs/${id}/log`)).body.entries).toEqual([])
    })

    it('a joint of an older version is taken, and the record shows it', async () => {
      const id = await begin()
      const longer = { ...job, legs: job.legs.slice(0, 1), nodes: job.nodes.slice(0, 2) }
      await ask('PUT', `jobs/${id}`, { version: 1, job: longer })
      const late = entry('joint-made', { subject: { joint: 'r1/e/l2' }, jobVersion: 1 })
      expect((await write(id, [late])).status).toBe(201)
      const { body } = await ask('GET', `jobs/${id}/record`)
      expect(body.unplanned.map((of: { id: string }) => of.id)).toEqual(['r1/e/l2'])
    })

    it('a phone whose clock is slow: what answers a making comes after it all the same', async () => {
      const id = await begin()
      const made = entry('joint-made')
      const undone = entry('joint-undone', { at: '2026-05-04T09:51:00Z', body: { of: made.id } })
      await write(id, [made, undone])
      expect((await ask('GET', `jobs/${id}/state`)).body.joints['r1/a/l1'].made).toBeNull()
    })
  })

  it('many writers at once: every entry stands, once, and whoever reads on misses none', async () => {
    const id = await begin()
    const writers = Array.from({ length: 20 }, () =>
      Array.from({ length: 10 }, () => entry('note', { subject: {}, body: { text: 'a word' } })),
    )
    const seen: string[] = []
    let cursor = '0'
    let isWriting = true
    const reading = (async () => {
      for (let more = true; more;) {
        more = isWriting
        const page = (await ask('GET', `jobs/${id}/log?after=${cursor}`)).body
        seen.push(...page.entries.map((of: { id: string }) => of.id))
        cursor = page.cursor
      }
    })()
    const answers = await Promise.all(
      // Each half twice, as when an answer was lost.
      writers.flatMap((entries) => [write(id, entries), write(id, entries.slice(0, 5))]),
    )
    isWriting = false
    await reading
    expect(answers.map(({ status }) => status).filter((status) => status !== 201)).toEqual([])
    const wanted = writers.flat().map((of) => of.id)
    expect([...seen].sort()).toEqual([...wanted].sort())
  })

  it('a job of which something was written down can be deleted, and put back with it', async () => {
    const id = await begin()
    await write(id, [entry('joint-made')])
    expect((await ask('DELETE', `jobs/${id}?version=1`)).status).toBe(204)
    expect((await ask('GET', `jobs/${id}/log`)).status).toBe(404)
    await ask('POST', `jobs/${id}/put-back`)
    expect((await ask('GET', `jobs/${id}/log`)).body.entries).toHaveLength(1)
  })
})

describe('the list of jobs', () => {
  it('counts what is made, and anew when something is written down', async () => {
    const id = await begin()
    const make = async () => {
      let found = { pending: true, progress: [] as { step: string }[] }
      while (found.pending) {
        const { jobs } = (await ask('GET', 'job-summaries')).body
        found = jobs.find((of: { id: string }) => of.id === id)
      }
      return found.progress.find(({ step }: { step: string }) => step === 'make')
    }
    expect(await make()).toMatchObject({ state: 'in hand', open: 0, next: { message: 'make' } })
    await write(id, [entry('joint-made')])
    expect(await make()).toMatchObject({
      state: 'in hand',
      open: 2,
      next: { message: 'left', values: { left: 2, all: 3 } },
    })
  })
})

describe('the record', () => {
  it('has what is missing at its head, and its joints as a table without formulas', async () => {
    const id = await begin()
    await write(id, [entry('joint-made', { by: '=SUM(A1)' })])
    const { body } = await ask('GET', `jobs/${id}/record`)
    expect(body).toMatchObject({ format: 'jolvet-record', version: 1, people: ['=SUM(A1)'], handedOver: null })
    expect(body.missing.map(({ text, step }: { text: string; step: string }) => `${step}: ${text}`)).toEqual([
      'make: joints 2 to 3 not made',
      'make: joint 1 made and not inspected',
      'make: joint 1: mark not seen',
      'prove: joints 1 to 3 not pressure tested',
      'prove: flushing not recorded',
    ])
    const table = await (await fetch(`${site().origin}/api/jobs/${id}/record.csv`)).text()
    const [head, first] = table.split('\r\n')
    expect(head).toMatch(/^number,where,pipe,method,"insertion, mm",made by/)
    expect(first).toContain("'=SUM(A1)")
    const tests = await fetch(`${site().origin}/api/jobs/${id}/tests.csv`)
    expect([tests.status, tests.headers.get('content-type'), await tests.text()]).toEqual([
      ...[200, 'text/csv; charset=utf-8', ''],
    ])
    expect((await ask('GET', 'jobs/none/record')).status).toBe(404)
  })
})

describe('what is handed over', () => {
  const handOver = () => entry('handed-over', { subject: {}, at: '2026-05-04T12:00:00Z' })
  const records = async (id: string) => (await ask('GET', `jobs/${id}/records`)).body as { sha256: string }[]

  it('is sealed once, and a later one names the one whose place it takes', async () => {
    const id = await begin()
    const first = handOver()
    expect((await write(id, [entry('joint-made'), first])).status).toBe(201)
    expect((await write(id, [first])).status).toBe(201)
    const [one, ...none] = await records(id)
    expect(none).toEqual([])
    const sealed = (await ask('GET', `records/${one!.sha256}`)).body
    expect(checkSeal(sealed).outcome).toBe('signed')
    expect(checkSeal({ ...sealed, people: [] }).outcome).toBe('changed')
    expect(sealed).toMatchObject({
      document: { title: 'Sample' },
      entries: [{}, {}],
      seal: { jobVersion: 1, previous: null },
    })
    expect(recordSchema.safeParse(sealed).error).toBeUndefined()
    await write(id, [entry('note', { subject: {}, body: { text: 'one more thing' } }), handOver()])
    const [newest, oldest] = await records(id)
    expect(oldest).toEqual(one)
    expect((await ask('GET', `records/${newest!.sha256}`)).body.seal).toMatchObject({
      entries: 4,
      previous: one!.sha256,
    })
    expect((await ask('GET', `records/${'0'.repeat(64)}`)).status).toBe(404)
    expect((await ask('GET', 'jobs/none/records')).status).toBe(404)
    expect((await ask('GET', 'schema/record.json')).body.title).toBe('Record of a job, version 1')
  })

  it('is printed, with labels; a photo that is broken does not keep it from its paper', async () => {
    const id = await begin()
    // Kept before pictures were looked at.
    const sha = 'ad'.repeat(32)
    await pool.query('INSERT INTO photos VALUES (?, ?, ?, ?, NOW(3))', [
      ...[sha, 'image/jpeg', 7],
      Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]).toString('base64'),
    ])
    await write(id, [entry('photo', { body: { sha } })])
    for (const path of ['record.pdf', 'labels.pdf', 'estimate.pdf?visits=2']) {
      const answer = await fetch(`${site().origin}/api/jobs/${id}/${path}`)
      expect([answer.status, answer.headers.get('content-type')]).toEqual([200, 'application/pdf'])
      expect(answer.headers.get('content-disposition')).toMatch(/^attachment; filename\*=UTF-8''Sample%2C%20\w+\.pdf$/)
      const pdf = await PDFDocument.load(await answer.arrayBuffer())
      expect(pdf.getTitle()).toContain('Sample')
      expect(pdf.getPageCount()).toBeGreaterThan(0)
    }
    expect((await fetch(`${site().origin}/api/jobs/none/record.pdf`)).status).toBe(404)
    const { status, body } = await ask('GET', `jobs/${id}/estimate.pdf?visits=0`)
    expect([status, body.fields]).toEqual([
      422,
      [{ field: 'visits', problem: 'a whole number of visits from 1 to 50' }],
    ])
  })
})

describe('photos', () => {
  const send = (bytes: Uint8Array, query = '') =>
    fetch(`${site().origin}/api/photos${query}`, { method: 'POST', body: bytes as Uint8Array<ArrayBuffer> })
  const back = async (sha: string) =>
    Buffer.from(await (await fetch(`${site().origin}/api/photos/${sha}`)).arrayBuffer())
  /** A picture as a phone takes one: lying on its side, with where it was taken. */
  const fromPhone = () =>
    sharp({ create: { width: 2400, height: 1200, channels: 3, background: 'teal' } })
      .withExif({
        IFD0: { Orientation: '6', Make: 'Somebody' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '54/1 27/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()

  it('are kept once, upright, small, and without where they were taken unless that is asked for', async () => {
    const photo = await fromPhone()
    const [one, other] = [await (await send(photo)).json(), await (await send(photo)).json()]
    expect(one).toEqual({ sha: expect.stringMatching(/^[0-9a-f]{64}$/), type: 'image/jpeg', size: expect.any(Number) })
    expect(other).toEqual(one)
    const kept = await back(one.sha)
    expect(createHash('sha256').update(kept).digest('hex')).toBe(one.sha)
    const of = await sharp(kept).metadata()
    expect([of.width, of.height, of.orientation, of.exif]).toEqual([800, 1600, undefined, undefined])
    const asked = await (await send(photo, '?place=keep')).json()
    expect((await sharp(await back(asked.sha)).metadata()).exif?.toString('latin1')).toContain('Somebody')
    expect((await fetch(`${site().origin}/api/photos/${'0'.repeat(64)}`)).status).toBe(404)
  })

  it('may be PNG', async () => {
    const png = await sharp({ create: { width: 40, height: 20, channels: 4, background: '#00000000' } })
      .png()
      .toBuffer()
    expect(await (await send(png)).json()).toMatchObject({ type: 'image/jpeg' })
  })

  it('what is no picture, or no more than the head of one, or too large, is said so', async () => {
    const head = (await fromPhone()).subarray(0, 400)
    for (const bytes of [
      new TextEncoder().encode('no picture at all'),
      Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1]),
      head,
    ]) {
      const refused = await send(bytes)
      expect([refused.status, (await refused.json()).fields[0].problem]).toEqual([
        422,
        'a picture as JPEG, PNG or WebP, whole',
      ])
    }
    const large = await send(new Uint8Array(9_000_000))
    expect([large.status, (await large.json()).message]).toEqual([413, 'a request is at most 8 MB'])
  })
})
