import { randomUUID } from 'node:crypto'
import { describe, expect, it } from 'vitest'
import { emptyJob } from '../../core/edit/new-job'
import { pipeId } from '../../core/testing/sample-run'
import { useSite } from './client'

const { ask } = useSite(false)
const job = (title: string) => emptyJob(title, 'metric', 'metric')
const copper15 = pipeId('EN 1057', '15', 0.7)
const key = () => ({ 'Idempotency-Key': randomUUID() })

/** Asks the same thing five times under one key, three of them at once. */
async function fiveTimes(method: string, path: string, body: unknown) {
  const headers = key()
  const first = await ask(method, path, body, headers)
  const more = await Promise.all([1, 2, 3].map(() => ask(method, path, body, headers)))
  return [first, ...more, await ask(method, path, body, headers)]
}

describe('a request that comes again under its key', () => {
  it('begins one job', async () => {
    const replies = await fiveTimes('POST', 'jobs', job('Once'))
    expect(new Set(replies.map(({ status }) => status))).toEqual(new Set([201]))
    expect(new Set(replies.map(({ body }) => body.id)).size).toBe(1)
    const all = (await ask('GET', 'jobs')).body as { job: { title: string } }[]
    expect(all.filter((of) => of.job.title === 'Once')).toHaveLength(1)
  })

  it('saves once, and is told the version that it got then', async () => {
    const { id } = (await ask('POST', 'jobs', job('Saved'))).body
    const replies = await fiveTimes('PUT', `jobs/${id}`, { version: 1, job: job('Saved again') })
    expect(replies.map(({ status, body }) => [status, body.version])).toEqual(Array(5).fill([200, 2]))
    expect((await ask('GET', `jobs/${id}`)).body.version).toBe(2)
  })

  it('books, records and logs once', async () => {
    const { id } = (await ask('POST', 'jobs', job('Logged'))).body
    const rack = await fiveTimes('POST', 'rack', { for: 'the van', leaves: [{ pipe: copper15, mm: 640 }] })
    expect(rack.map(({ status }) => status)).toEqual(Array(5).fill(201))
    expect((await ask('GET', 'rack')).body.filter(({ mm }: { mm: number }) => mm === 640)).toHaveLength(1)
    const part = { socket: 'solder:EN 1254-1:22', mm: 15.6, tolerance: 0.2, basis: 'measured', by: 'I. Marl' }
    await fiveTimes('POST', 'parts', { parts: [part] })
    const history = (await ask('GET', `parts?key=${encodeURIComponent('solder:EN 1254-1:22|depth|either')}`)).body
    expect(history).toHaveLength(1)
    const minutes = await fiveTimes('POST', `jobs/${id}/minutes`, { took: [{ joint: 'j', minutes: 4 }] })
    expect(minutes.map(({ body }) => body)).toEqual(Array(5).fill([{ joint: 'j', minutes: 4 }]))
    const workshop = await fiveTimes('PATCH', 'workshop', { changes: [{ path: ['hour'], value: 55 }] })
    expect(workshop.map(({ body }) => body.hour)).toEqual(Array(5).fill(55))
  })

  it('is not taken for another request, and is not used up by one that is refused', async () => {
    const headers = key()
    expect((await ask('POST', 'jobs', { ...job('Bad'), units: 'ells' }, headers)).status).toBe(422)
    expect((await ask('POST', 'jobs', job('Good'), headers)).status).toBe(201)
    const other = await ask('POST', 'jobs', job('Other'), headers)
    expect(other).toMatchObject({ status: 422, body: { fields: [{ field: 'Idempotency-Key' }] } })
    expect((await ask('POST', 'jobs', job('Odd'), { 'Idempotency-Key': 'a b' })).status).toBe(422)
  })
})

describe('a job that is begun elsewhere', () => {
  it('has the id that it was given there, once', async () => {
    const id = randomUUID()
    expect(await ask('PUT', `jobs/${id}`, { version: 0, job: job('Begun') })).toMatchObject({
      status: 200,
      body: { id, version: 1 },
    })
    expect((await ask('PUT', `jobs/${id}`, { version: 1, job: job('Begun, then saved') })).body.version).toBe(2)
    expect((await ask('PUT', `jobs/${id}`, { version: 0, job: job('Begun twice') })).status).toBe(409)
    const wrong = await ask('PUT', 'jobs/mine', { version: 0, job: job('Odd id') })
    expect(wrong).toMatchObject({ status: 422, body: { fields: [{ field: 'id' }] } })
  })

  it('is answered again only when its version is another', async () => {
    const { id } = (await ask('POST', 'jobs', job('Watched'))).body
    const { headers } = await ask('GET', `jobs/${id}`)
    const tag = headers.get('etag')!
    expect((await ask('GET', `jobs/${id}`, undefined, { 'If-None-Match': tag })).status).toBe(304)
    await ask('PUT', `jobs/${id}`, { version: 1, job: job('Changed') })
    expect((await ask('GET', `jobs/${id}`, undefined, { 'If-None-Match': tag })).body.version).toBe(2)
  })
})

describe('a job that is deleted', () => {
  it('can be put back as it was', async () => {
    const { id } = (await ask('POST', 'jobs', job('Taken away'))).body
    await ask('POST', `jobs/${id}/minutes`, { took: [{ joint: 'j', minutes: 7 }] })
    expect((await ask('DELETE', `jobs/${id}?version=1`)).status).toBe(204)
    expect((await ask('GET', `jobs/${id}`)).status).toBe(404)
    expect((await ask('PUT', `jobs/${id}`, { version: 1, job: job('Late') })).status).toBe(404)
    expect((await ask('POST', `jobs/${id}/minutes`, { took: [{ joint: 'k', minutes: 1 }] })).status).toBe(404)
    const deleted = (await ask('GET', 'deleted-jobs')).body
    expect(deleted[0]).toMatchObject({ id, title: 'Taken away', version: 1, deletedAt: expect.any(String) })
    expect((await ask('POST', `jobs/${id}/put-back`)).body).toMatchObject({ id, version: 1 })
    expect((await ask('GET', `jobs/${id}/minutes`)).body).toEqual([{ joint: 'j', minutes: 7 }])
    expect((await ask('POST', `jobs/${id}/put-back`)).status).toBe(404)
  })

  it('is not deleted in a version that nobody saw', async () => {
    const { id } = (await ask('POST', 'jobs', job('Seen'))).body
    await ask('PUT', `jobs/${id}`, { version: 1, job: job('Changed since') })
    const refused = await ask('DELETE', `jobs/${id}`, undefined, { 'If-Match': '"1"' })
    expect(refused).toMatchObject({ status: 409, body: { version: 2, job: { title: 'Changed since' } } })
    expect((await ask('GET', `jobs/${id}`)).status).toBe(200)
    expect((await ask('DELETE', `jobs/${id}?version=x`)).status).toBe(422)
  })
})
