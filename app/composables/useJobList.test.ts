import { beforeEach, describe, expect, it } from 'vitest'
import { effectScope, type EffectScope } from 'vue'
import { emptyJob } from '~~/core/edit/new-job'
import { keepCopy } from '~/sync/copies'
import { useEmptyBrowser } from '~/testing/browser'
import { FakeServer } from '~/testing/fake-server'
import { useJobList } from './useJobList'
import { soon } from '~/testing/soon'

const job = emptyJob('Garden tap', 'metric', 'metric')
const row = (id: string) => ({ id, version: 1, title: id, updatedAt: '2026-05-04T10:00:00Z' })
let server: FakeServer
let scope: EffectScope

useEmptyBrowser()
beforeEach(() => {
  server = new FakeServer()
  server.answers.set('GET /api/deleted-jobs', [200, [{ id: 'gone', title: 'Gone', deletedAt: '2026-05-01T10:00:00Z' }]])
  scope = effectScope()
  return () => scope.stop()
})
const listed = (jobs: readonly object[], next: string | null = null, after = '') =>
  server.answers.set(`GET /api/job-summaries${after}`, [200, { jobs, next }])
const list = () => scope.run(() => useJobList())!

describe('the list of jobs', () => {
  it('goes on page by page; one that cannot be read stands apart, and deleted ones by themselves', async () => {
    listed(
      [
        { ...row('a'), units: 'metric', progress: [] },
        { ...row('broken'), unreadable: [] },
      ],
      'a b',
    )
    listed([{ ...row('c'), unplannable: 'too long' }], null, '?after=a%20b')
    const of = list()
    await of.load()
    expect([of.state.value, of.rows.value.map(({ id }) => id)]).toEqual(['ready', ['a']])
    expect(of.unreadable.value.map(({ id }) => id)).toEqual(['broken'])
    expect(of.deleted.value.map(({ id }) => id)).toEqual(['gone'])
    await of.more()
    expect([of.rows.value.map(({ id }) => id), of.next.value]).toEqual([['a', 'c'], null])
    await of.more()
    expect(server.asked.filter((asked) => asked.includes('?after='))).toHaveLength(1)
    await of.load()
    expect(
      of.rows.value.map(({ id }) => id),
      'the pages shown stay, read anew',
    ).toEqual(['a', 'c'])
  })

  it('shows what this browser keeps while the server is away, and the list once it is back', async () => {
    await keepCopy({ id: 'kept', version: 3, job })
    server.isAway = true
    const of = list()
    await of.load()
    expect([of.state.value, of.kept.value.map(({ id }) => id)]).toEqual(['waiting', ['kept']])
    server.isAway = false
    listed([{ ...row('a'), pending: true }])
    await soon(() => expect(of.state.value).toBe('ready'))
  })

  it('takes a file, or says by its name what is wrong with it', async () => {
    const of = list()
    expect(await of.upload(new File(['x'.repeat(2_000_001)], 'large.json'))).toBeNull()
    expect(of.problems.value).toEqual(['large.json: a job file is at most 2 MB'])
    expect(await of.upload(new File(['{'], 'torn.json'))).toBeNull()
    expect(of.problems.value[0]).toContain('torn.json')
    const id = await of.upload(new File([JSON.stringify(job)], 'whole.json'))
    expect([of.problems.value, server.jobs.get(id!)?.job.title]).toEqual([[], 'Garden tap'])
  })

  it('gives a whole job, or its text where it cannot be read, or what the server says', async () => {
    server.jobs.set('a', { version: 1, job })
    server.answers.set('GET /api/jobs/broken', [422, { message: 'it cannot be read', text: '{ torn' }])
    const of = list()
    expect(await of.fetchJob('a')).toEqual({ job })
    expect(await of.fetchJob('broken')).toEqual({ text: '{ torn' })
    expect(await of.fetchJob('none')).toBeNull()
    expect(of.problems.value).toEqual(['it is not there'])
  })

  it('says why one is not deleted, and lists anew all the same', async () => {
    listed([{ ...row('a'), units: 'metric', progress: [] }])
    server.answers.set('DELETE /api/jobs/a?version=1', [409, { message: 'it was saved since' }])
    const of = list()
    await of.remove(row('a'))
    expect([of.problems.value, of.rows.value.length]).toEqual([['it was saved since'], 1])
  })
})
