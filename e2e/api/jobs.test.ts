import mysql from 'mysql2/promise'
import { describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import tarn from '../../demo/tarn-lane-bakehouse.json'
import first from '../../demo/version-1/tarn-lane-bakehouse.json'
import second from '../../demo/version-2/tarn-lane-bakehouse.json'
import { useSite } from './client'

const { ask, site } = useSite(false)
const job = (title: string) => emptyJob(title, 'metric', 'metric')
const create = async (title: string) => (await ask('POST', 'jobs', job(title))).body as { id: string; version: number }

describe('jobs', () => {
  it('begins empty without demo data, and keeps what is put in', async () => {
    expect((await ask('GET', 'jobs')).body).toEqual([])
    const created = await ask('POST', 'jobs', tarn)
    expect(created).toMatchObject({ status: 201, body: { version: 1, job: { title: 'Tarn Lane Bakehouse' } } })
    const read = await ask('GET', `jobs/${created.body.id}`)
    expect(read.body.job).toEqual(tarn)
    expect((await ask('DELETE', `jobs/${created.body.id}`)).status).toBe(204)
    expect((await ask('GET', `jobs/${created.body.id}`)).status).toBe(404)
  })

  it('a save names its version: the second from the same version gets the newer document', async () => {
    const { id } = await create('First')
    expect((await ask('PUT', `jobs/${id}`, { version: 1, job: job('Second') })).body).toMatchObject({
      id,
      version: 2,
      job: { title: 'Second' },
    })
    const late = await ask('PUT', `jobs/${id}`, { version: 1, job: job('Late') })
    expect(late).toMatchObject({ status: 409, body: { error: 'conflict', id, version: 2, job: { title: 'Second' } } })
  })

  it('one that cannot be read stands in the way of no other, and its text is whole', async () => {
    const [bad, good] = [await create('Bad'), await create('Good')]
    const pool = mysql.createPool({ uri: site().database.url })
    const text = JSON.stringify({ ...job('Bad'), runs: [{ id: 'r1', pipe: 'a pipe that is no more' }] })
    await pool.query('UPDATE jobs SET document = ? WHERE id = ?', [text, bad.id])
    await pool.end()
    const list = await ask('GET', 'jobs')
    expect(list.status).toBe(200)
    const listed = (id: string) => list.body.find((of: { id: string }) => of.id === id)
    expect(listed(good.id).job.title).toBe('Good')
    expect(listed(bad.id)).toMatchObject({ title: 'Bad', version: 1, text })
    expect(listed(bad.id).job).toBeUndefined()
    expect(listed(bad.id).unreadable.length).toBeGreaterThan(0)
    expect(await ask('GET', `jobs/${bad.id}`)).toMatchObject({
      status: 422,
      body: { error: 'unreadable', text, fields: listed(bad.id).unreadable },
    })
    expect((await ask('GET', `jobs/${good.id}`)).status).toBe(200)
    // Mended, it is saved over what could not be read; or it is deleted like any other.
    expect((await ask('PUT', `jobs/${bad.id}`, { version: 1, job: job('Mended') })).body.job.title).toBe('Mended')
    expect((await ask('DELETE', `jobs/${bad.id}`)).status).toBe(204)
  })

  it.each([
    [1, first, 'r2/n1/l1'],
    [2, second, 'r2/n9/l8'],
  ])(
    'one of version %s, in the database or sent, is answered as version 3, and its log still belongs to its joints',
    async (_, before, joint) => {
      const { id } = await create('Old')
      const pool = mysql.createPool({ uri: site().database.url })
      await pool.query('UPDATE jobs SET document = ? WHERE id = ?', [JSON.stringify(before), id])
      await pool.end()
      const entry = {
        id: `made-in-version-${before.version}`,
        kind: 'joint-made',
        subject: { joint },
        at: '2026-05-04T10:01:00Z',
        by: 'I. Marl',
        jobVersion: 1,
        body: {},
      }
      expect((await ask('POST', `jobs/${id}/log`, { entries: [entry] })).status).toBe(201)
      const { body } = await ask('GET', `jobs/${id}`)
      expect(body.job).toMatchObject({
        version: 3,
        nodes: { length: tarn.nodes.length },
        legs: { length: tarn.legs.length },
      })
      expect((await ask('GET', `jobs/${id}/state`)).body.joints[joint].made).toMatchObject({ by: 'I. Marl' })
      const listed = (await ask('GET', 'jobs')).body.find((of: { id: string }) => of.id === id)
      expect(listed.job.version).toBe(3)
      // A program before this one sends it as it knows it.
      const saved = await ask('PUT', `jobs/${id}`, { version: 1, job: { ...before, title: 'Sent as before' } })
      expect(saved.body).toMatchObject({ version: 2, job: { version: 3, title: 'Sent as before' } })
      expect((await ask('POST', 'plan', before)).body.pieces.length).toBe(
        (await ask('POST', 'plan', tarn)).body.pieces.length,
      )
    },
  )

  it('takes the version from If-Match as well', async () => {
    const { id } = await create('Bare')
    expect((await ask('PUT', `jobs/${id}`, job('Bare 2'), { 'If-Match': '"1"' })).body.version).toBe(2)
    expect((await ask('PUT', `jobs/${id}`, job('Bare 3'))).body.fields).toEqual([
      { field: 'version', problem: expect.stringContaining('whole number') },
    ])
  })

  it('answers 404 for what is not there', async () => {
    for (const [method, body] of [['GET'], ['PUT', { version: 1, job: job('x') }], ['DELETE']] as const) {
      expect((await ask(method, 'jobs/no-such-job', body)).status).toBe(404)
    }
    expect((await ask('GET', 'nothing/here')).status).toBe(404)
  })

  it.each([
    ['a leg of -5', { ...tarn, legs: [{ ...tarn.legs[0], length: -5 }] }, 'legs.0.length'],
    ['a leg of abc', { ...tarn, legs: [{ ...tarn.legs[0], length: 'abc' }] }, 'legs.0.length'],
    ['an unknown pipe', { ...tarn, runs: [{ ...tarn.runs[0], pipe: 'hose' }] }, 'runs.0.pipe'],
    [
      'a leg of -5 in a file of version 1',
      { ...first, runs: [{ ...first.runs[0], legs: [{ ...first.runs[0]!.legs[0], length: -5 }] }] },
      'runs.0.legs.0.length',
    ],
    ['a foreign file', { hello: 1 }, 'format'],
    ['a cut-off body', JSON.stringify(tarn).slice(0, 99), '(body)'],
    ['no body', '', '(body)'],
  ])('%s is refused with its field, and nothing is kept', async (_, body, field) => {
    const before = (await ask('GET', 'jobs')).body.length
    const reply = await ask('POST', 'jobs', body)
    expect(reply.status).toBe(422)
    expect(reply.body.fields.map((one: { field: string }) => one.field)).toContain(field)
    expect((await ask('GET', 'jobs')).body).toHaveLength(before)
  })

  it('refuses a body of more than two megabytes', async () => {
    const reply = await ask('POST', 'jobs', { ...job('Big'), note: 'x'.repeat(2_100_000) })
    expect(reply).toMatchObject({ status: 413, body: { error: 'too-large' } })
  })

  it('text that looks like SQL is text', async () => {
    const title = `Robert'); DROP TABLE jobs; -- "`
    const { id } = await create(title)
    expect((await ask('GET', `jobs/${id}`)).body.job.title).toBe(title)
    expect((await ask('GET', `jobs/${encodeURIComponent(`' or 1=1 -- `)}`)).status).toBe(404)
  })
})

describe('many at once', () => {
  it('50 clients save 50 jobs ten times: none lost, none mixed up', async () => {
    const made = await Promise.all(Array.from({ length: 50 }, (_, index) => create(`Job ${index}`)))
    await Promise.all(
      made.map(async ({ id }, index) => {
        for (let version = 1; version <= 10; version++) {
          const saved = await ask('PUT', `jobs/${id}`, { version, job: job(`Job ${index} at ${version + 1}`) })
          expect(saved.body.version).toBe(version + 1)
        }
      }),
    )
    const read = await Promise.all(made.map(({ id }) => ask('GET', `jobs/${id}`)))
    read.forEach(({ body }, index) => expect(body).toMatchObject({ version: 11, job: { title: `Job ${index} at 11` } }))
  })

  it('20 saves from one version: exactly one is taken', async () => {
    const { id } = await create('Contended')
    const replies = await Promise.all(
      Array.from({ length: 20 }, (_, index) => ask('PUT', `jobs/${id}`, { version: 1, job: job(`By ${index}`) })),
    )
    const winners = replies.filter(({ status }) => status === 200)
    expect(winners).toHaveLength(1)
    expect(replies.filter(({ status }) => status === 409)).toHaveLength(19)
    expect((await ask('GET', `jobs/${id}`)).body.job.title).toBe(winners[0]!.body.job.title)
  })
})

describe('the database is killed during saves', () => {
  it('no acknowledged save is missing, and saving goes on when it is back', async () => {
    const { database } = site()
    const made = await Promise.all(Array.from({ length: 8 }, (_, index) => create(`Killed ${index}`)))
    const acknowledged = new Map(made.map(({ id }) => [id, 1]))
    let stopped = false
    const savers = made.map(async ({ id }) => {
      while (!stopped) {
        const version = acknowledged.get(id)!
        const reply = await ask('PUT', `jobs/${id}`, { version, job: job(`${id} at ${version + 1}`) })
        if (reply.status === 200) acknowledged.set(id, reply.body.version)
        // A save whose answer was lost may have arrived: its version is then the newer one.
        else if (reply.status === 409) acknowledged.set(id, reply.body.version)
        else expect([reply.status, reply.body.error]).toEqual([503, 'database'])
      }
    })
    const pause = (time: number) => new Promise((done) => setTimeout(done, time))
    await pause(400)
    await database.kill()
    expect((await ask('GET', 'health')).body).toEqual({ ok: false, database: false })
    await pause(300)
    await database.restart()
    await pause(800)
    stopped = true
    await Promise.all(savers)
    for (const [id, version] of acknowledged) {
      const { body } = await ask('GET', `jobs/${id}`)
      expect(body.version).toBeGreaterThanOrEqual(version)
      expect(version).toBeGreaterThan(1)
      expect(body.job.title).toBe(`${id} at ${body.version}`)
    }
    expect((await ask('GET', 'health')).body).toEqual({ ok: true, database: true })
  })
})
