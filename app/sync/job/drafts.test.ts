import 'fake-indexeddb/auto'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { emptyJob } from '~~/core/edit/new-job'
import { beginJob } from './begin-job'
import { browserDatabase } from '../browser-database'
import { copyOf, countCopies, dropCopies, keepCopy } from '../copies'
import { adoptDraft, allDrafts, dropDraft, keepDraft, keepUnderWay } from './drafts'
import type { Answer, Transport } from './job-transport'
import type { KeptDraft } from './save-loop'

/** The tabs that are open, by the names that they hold. */
let open: string[] = []
const locks = {
  query: () => Promise.resolve({ held: open.map((tab) => ({ name: `jolvet-tab-${tab}` })) }),
  request: (name: string, _: unknown, work: (lock: object) => unknown) => Promise.resolve(work({ name })),
}
vi.stubGlobal('navigator', { locks })
/** As browsers have it: its keys are its own properties. */
class Storage {
  setItem(key: string, text: string): void {
    Object.assign(this, { [key]: text })
  }
  getItem(key: string): string | null {
    return (this as unknown as Record<string, string>)[key] ?? null
  }
  removeItem(key: string): void {
    Reflect.deleteProperty(this, key)
  }
}
vi.stubGlobal('localStorage', new Storage())

const draftOf = (title: string): KeptDraft => ({
  version: 3,
  job: emptyJob(title, 'metric', 'metric'),
  base: null,
  attempt: null,
})
const title = ({ job }: KeptDraft): string | null => (job.title === 'unreadable' ? null : job.title)
const placed = async () => (await allDrafts()).map(({ job, tab, draft }) => [job, tab, draft.job.title])

afterEach(async () => {
  await (await browserDatabase()).clear('drafts')
  await dropCopies()
  open = []
})

describe('drafts', () => {
  it('a tab finds its own again, the latest of what it kept', async () => {
    await Promise.all([keepDraft('j', 'a', draftOf('first')), keepDraft('j', 'a', draftOf('second'))])
    expect(await adoptDraft('j', 'a', title)).toBe('second')
    expect(await placed()).toEqual([['j', 'a', 'second']])
  })

  it('what a page watches is kept as it reads', async () => {
    const watched = new Proxy(draftOf('watched'), {})
    expect(await keepDraft('j', 'a', { ...watched, job: new Proxy(watched.job, {}) })).toBe(true)
    expect(await placed()).toEqual([['j', 'a', 'watched']])
    await keepCopy({ id: 'j', version: 1, job: new Proxy(watched.job, {}) })
    expect(await copyOf('j')).toMatchObject({ job: { title: 'watched' } })
  })

  it('what is let go in the same moment as it is kept is gone', async () => {
    await Promise.all([keepDraft('j', 'a', draftOf('first')), dropDraft('j', 'a')])
    expect(await placed()).toEqual([])
  })

  it('one that a closed tab left goes to the next that opens the job; an open tab’s stays its own', async () => {
    await keepDraft('j', 'closed', draftOf('left'))
    await keepDraft('j', 'open', draftOf('held'))
    await keepDraft('other', 'closed', draftOf('of another job'))
    open = ['open', 'a']
    expect(await adoptDraft('j', 'a', title)).toBe('left')
    expect((await placed()).toSorted()).toEqual([
      ['j', 'a', 'left'],
      ['j', 'open', 'held'],
      ['other', 'closed', 'of another job'],
    ])
    expect(await adoptDraft('j', 'b', title)).toBeNull()
  })

  it('what was being written as the page was closed is taken back, but for what was kept since', async () => {
    void keepDraft('j', 'a', draftOf('typed last'))
    keepUnderWay()
    // The page is gone before its writing began.
    await (await browserDatabase()).clear('drafts')
    expect(await placed()).toEqual([['j', 'a', 'typed last']])
    keepUnderWay()
    await dropDraft('j', 'a')
    expect(await placed()).toEqual([])

    void keepDraft('j', 'a', draftOf('left'))
    keepUnderWay()
    await dropDraft('j', 'other')
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 1)
    await keepDraft('j', 'a', draftOf('kept since'))
    vi.restoreAllMocks()
    expect(await placed()).toEqual([['j', 'a', 'kept since']])
  })

  it('one that cannot be read stays, out of the way of what is typed next', async () => {
    await keepDraft('j', 'a', draftOf('unreadable'))
    await keepDraft('j', 'closed', draftOf('left'))
    open = ['a']
    expect(await adoptDraft('j', 'a', title)).toBe('left')
    await keepDraft('j', 'a', draftOf('typed'))
    expect((await placed()).map(([, , text]) => text).toSorted()).toEqual(['typed', 'unreadable'])
  })
})

describe('copies for when the server is away', () => {
  it('keeps the twenty looked at last', async () => {
    const clock = vi.spyOn(Date, 'now')
    for (let at = 1; at <= 21; at++) {
      clock.mockReturnValue(at)
      await keepCopy({ id: `j${at}`, version: at, job: emptyJob(`job ${at}`, 'metric', 'metric') })
    }
    clock.mockReturnValue(22)
    await keepCopy({ id: 'j2', version: 30, job: emptyJob('looked at again', 'metric', 'metric') })
    await keepCopy({ id: 'j22', version: 1, job: emptyJob('one more', 'metric', 'metric') })
    clock.mockRestore()
    expect(await countCopies()).toBe(20)
    expect([await copyOf('j1'), await copyOf('j3')]).toEqual([null, null])
    expect(await copyOf('j2')).toMatchObject({ id: 'j2', version: 30, job: { title: 'looked at again' } })
  })
})

describe('a job that is begun', () => {
  const job = emptyJob('Begun here', 'metric', 'metric')
  const answering = (answer: Answer) => ({ save: vi.fn(() => Promise.resolve(answer)) }) as unknown as Transport
  const begin = (answer: Answer) => beginJob(answering(answer), job)

  it('is the server’s where that answers', async () => {
    const begun = await begin({ outcome: 'done', stored: { id: 'x', version: 1, job } })
    expect(begun.outcome).toBe('begun')
    expect(await placed()).toEqual([])
  })

  it('waits as a draft of version 0 where nobody answers, under the id and key that were sent', async () => {
    const transport = answering({ outcome: 'away', what: 'server' })
    const begun = await beginJob(transport, job)
    const [row] = await allDrafts()
    expect(begun).toEqual({ outcome: 'begun', id: row!.job })
    expect(transport.save).toHaveBeenCalledWith(row!.job, { job, version: 0, key: row!.draft.attempt!.key })
    expect(row!.draft).toMatchObject({ version: 0, base: null, attempt: { version: 0 } })
  })

  it('is nowhere where the server does not take it, or nobody can', async () => {
    const fields = [{ field: 'title', problem: 'at most 200 characters' }]
    expect(await begin({ outcome: 'invalid', fields })).toEqual({ outcome: 'invalid', fields })
    vi.spyOn(await browserDatabase(), 'transaction').mockImplementation(() => {
      throw new Error('full')
    })
    expect(await begin({ outcome: 'away', what: 'server' })).toEqual({ outcome: 'nowhere' })
    vi.restoreAllMocks()
  })
})
