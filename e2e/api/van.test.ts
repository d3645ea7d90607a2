import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import type { VanItem } from '../../core/van/van'
import { useSite } from './client'

const { ask } = useSite(false)
const book = (rows: readonly object[], key?: string) =>
  ask('POST', 'van', { rows }, key ? { 'Idempotency-Key': key } : {})
const of = (item: string, count: number, more: object = {}) => ({ item, what: item, count, ...more })
const there = async (item: string): Promise<number | undefined> =>
  ((await ask('GET', 'van')).body.items as VanItem[]).find((one) => one.item === item)?.count

describe('the van', () => {
  it('adds up what comes and goes, pipe by its length, and keeps how many are always to be there', async () => {
    const pipe = { item: 'pipe', what: '22 copper' }
    await book([of('elbow', 6, { least: 4 }), { ...pipe, mm: 3000, count: 2 }, { ...pipe, mm: 6000, count: 1 }])
    await book([of('elbow', -3)])
    await book([{ ...of('elbow', 0), counted: 2 }])
    expect((await ask('GET', 'van')).body.items).toEqual([
      { ...pipe, mm: 3000, count: 2, least: 0 },
      { ...pipe, mm: 6000, count: 1, least: 0 },
      { item: 'elbow', what: 'elbow', mm: null, count: 2, least: 4 },
    ])
  })

  it('of twenty who take the last one, one has it; the others are told how many there are', async () => {
    await book([of('last', 1)])
    const answers = await Promise.all(Array.from({ length: 20 }, () => book([of('last', -1)])))
    expect(answers.map(({ status }) => status).toSorted()).toEqual([201, ...Array.from({ length: 19 }, () => 409)])
    const refused = answers.find(({ status }) => status === 409)!.body
    expect(refused.message).toContain('last: 1 asked for, 0 there')
    expect(refused.fields).toEqual([{ field: 'rows.0.count', problem: 'only 0 there' }])
    expect(await there('last')).toBe(0)
  })

  it('thirty who bring one each at once, of a thing that nobody had before: thirty are there', async () => {
    const answers = await Promise.all(Array.from({ length: 30 }, () => book([of('new', 1), of('newer', 2)])))
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([201]))
    expect([await there('new'), await there('newer')]).toEqual([30, 60])
  })

  it('books all or nothing, and a retry is not a second one', async () => {
    await book([of('tee', 2), of('cap', 5)])
    expect((await book([of('cap', -1), of('tee', -3)])).status).toBe(409)
    expect([await there('tee'), await there('cap')]).toEqual([2, 5])
    for (let tries = 0; tries < 3; tries += 1) expect((await book([of('cap', -1)], 'once')).status).toBe(201)
    expect(await there('cap')).toBe(4)
  })

  it('knows what was taken for a job, less what came back; of a job that is not there nothing is booked', async () => {
    const job = sampleJob({
      ...{ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' },
      legs: [['open:a', 'east', 1000, 'open:b']],
    })
    const { id } = (await ask('POST', 'jobs', job)).body as { id: string }
    await book([of('clip', 10)])
    await book([of('clip', -6, { job: id })])
    await book([of('clip', 2, { job: id })])
    const { taken } = (await ask('GET', 'van')).body
    expect(taken).toEqual([{ item: 'clip', what: 'clip', mm: null, job: id, count: 4, leftOver: 0 }])
    // All that is left of it comes back: nothing is on the job, and it is known that one was left over.
    await book([of('clip', 3, { job: id }), of('clip', 1, { job: id, leftOver: true })])
    expect((await ask('GET', 'van')).body.taken).toEqual([
      { item: 'clip', what: 'clip', mm: null, job: id, count: 0, leftOver: 1 },
    ])
    expect((await book([of('clip', -1, { job: 'none' })])).status).toBe(404)
    expect(await there('clip')).toBe(10)
  })

  it('names what is not accepted', async () => {
    const { status, body } = await book([of('x', 1.5), { what: 'x', count: 1 }])
    expect(status).toBe(422)
    expect(body.fields.map(({ field }: { field: string }) => field)).toEqual(['rows.0.count', 'rows.1.item'])
  })
})
