import { beforeEach, describe, expect, it } from 'vitest'
import { setAddress } from '~~/core/edit/edit-run'
import type { Job } from '~~/core/job/job'
import { pipeId, sampleJob } from '~~/core/testing/sample-run'
import { useJobStore } from '~/stores/job'
import { keepDraft } from '~/sync/job/drafts'
import { useEmptyBrowser } from '~/testing/browser'
import { FakeServer } from '~/testing/fake-server'
import { soon } from '~/testing/soon'

const job: Job = sampleJob({
  pipe: pipeId('EN 1057', '22'),
  method: 'solder',
  legs: [['cap:s', 'east', 1000, 'outlet:e']],
})
const setTitle = (of: Job, title: string): Job => ({ ...of, title })
const titled = (title: string) => (of: Job) => setTitle(of, title)
let server: FakeServer
/** Another in each test: what one leaves on its way is not the next one's. */
let id = ''

useEmptyBrowser()
beforeEach(() => {
  id = crypto.randomUUID()
  server = new FakeServer()
  server.jobs.set(id, { version: 1, job })
})

/** The store with the job open, as it is after what was asked of it has settled. */
async function opened(wanted = id) {
  const store = useJobStore()
  expect(await store.open(wanted)).toBeNull()
  return store
}
type Store = Awaited<ReturnType<typeof opened>>
const becomes = (store: Store, kind: Store['status']['kind']) => soon(() => expect(store.status.kind).toBe(kind))
const saved = (store: Store, version: number) =>
  soon(() => expect([store.status.kind, store.version]).toEqual(['saved', version]))
const change = (store: Store, title: string) => store.change(setTitle(store.job!, title))

describe('the open job', () => {
  it('has its plan, is saved as it changes, and goes back and forth', async () => {
    const store = await opened()
    expect(store.plan!.pieces).toHaveLength(1)
    change(store, 'once')
    expect(store.job!.title).toBe('once')
    await saved(store, 2)
    expect(server.jobs.get(id)!.job.title).toBe('once')
    store.undo()
    expect([store.job!.title, store.past.length, store.future.length]).toEqual([job.title, 0, 1])
    store.redo()
    expect([store.job!.title, store.past.length, store.future.length]).toEqual(['once', 1, 0])
    store.undo()
    change(store, 'another')
    expect(store.future).toEqual([])
    await saved(store, 3)
    expect(server.jobs.get(id)!.job.title).toBe('another')
  })

  it('gives back first what is being typed; a change that changes nothing is none', async () => {
    const store = await opened()
    change(store, 'once')
    const typed = ['4', '0']
    store.undoFirst = () => typed.pop() !== undefined
    for (const left of [1, 0]) {
      store.undo()
      expect([typed.length, store.job!.title]).toEqual([left, 'once'])
    }
    store.undo()
    expect(store.job!.title).toBe(job.title)
    store.change(store.job!)
    expect(store.past).toEqual([])
  })

  it('says why it does not open', async () => {
    const store = useJobStore()
    expect(await store.open('none')).toBe('gone')
    server.isAway = true
    expect(await store.open(id)).toBe('away')
    expect(store.job).toBeNull()
  })

  it('opens as this browser last had it while the server is away, and is saved once that is back', async () => {
    await opened()
    await soon(async () => expect((await import('~/sync/copies')).countCopies()).resolves.toBe(1))
    server.isAway = true
    const store = await opened()
    change(store, 'in the cellar')
    await becomes(store, 'waiting')
    server.isAway = false
    await saved(store, 2)
    expect(server.jobs.get(id)!.job.title).toBe('in the cellar')
  })

  it('takes up what a closed tab left; undo leads to what the server has', async () => {
    const draft = { version: 1, generation: 'first-life', job: setTitle(job, 'left'), base: job, attempt: null }
    await keepDraft(id, 'a tab that is closed', draft)
    const store = await opened()
    expect([store.job!.title, store.past.length]).toEqual(['left', 1])
    await saved(store, 2)
    store.undo()
    expect(store.job!.title).toBe(job.title)
  })

  it('knows by the server what a draft of its version was made from, where the draft does not say', async () => {
    const draft = { version: 1, generation: 'first-life', job: setTitle(job, 'left'), base: null, attempt: null }
    await keepDraft(id, 'a tab that is closed', draft)
    const store = await opened()
    server.saveElsewhere(id, (of) => setAddress(of, 'Mill Lane'))
    await saved(store, 3)
    expect(server.jobs.get(id)!.job).toMatchObject({ title: 'left', address: 'Mill Lane' })
  })

  it('is left as it was when another is opened, and its last change is still sent', async () => {
    server.jobs.set('k', { version: 4, job: setTitle(job, 'the other') })
    const store = await opened()
    change(store, 'once')
    await opened('k')
    expect([store.job!.title, store.version, store.past]).toEqual(['the other', 4, []])
    await soon(() => expect(server.jobs.get(id)).toMatchObject({ version: 2, job: { title: 'once' } }))
    expect([store.id, store.version]).toEqual(['k', 4])
  })

  it('is copied under a title that says so', async () => {
    const store = await opened()
    const copy = await store.saveCopy()
    expect(server.jobs.get(copy!)).toMatchObject({ version: 1, job: { title: `${job.title} (copy)` } })
  })
})

describe('what another device saves', () => {
  const newest = (version: number, generation = 'first-life') => ({ version, generation, log: '0', rack: '' })

  it('is shown where nothing here is unsaved; undo takes back what was done here and nothing of theirs', async () => {
    const store = await opened()
    change(store, 'mine')
    await saved(store, 2)
    server.saveElsewhere(id, (of) => setAddress(of, 'Mill Lane'))
    store.hear(newest(3))
    await soon(() => expect(store.job!.address).toBe('Mill Lane'))
    expect(store.version).toBe(3)
    store.undo()
    expect(store.job).toMatchObject({ title: job.title, address: 'Mill Lane' })
  })

  it('is brought together with what is typed here where the two touch different things', async () => {
    const store = await opened()
    server.saveElsewhere(id, (of) => setAddress(of, 'Mill Lane'))
    change(store, 'mine')
    await saved(store, 3)
    expect(server.jobs.get(id)!.job).toMatchObject({ title: 'mine', address: 'Mill Lane' })
    expect(store.job!.address).toBe('Mill Lane')
  })

  it.each([
    ['theirs', 'theirs', 'mine', 2],
    ['mine', 'mine', 'theirs', 3],
  ] as const)(
    'clashes with what is typed here: %s holds, and undo brings the other',
    async (choice, holds, other, at) => {
      const store = await opened()
      server.saveElsewhere(id, titled('theirs'))
      change(store, 'mine')
      await becomes(store, 'conflict')
      expect(store.settleConflict(choice)).toBe(true)
      expect(store.job!.title).toBe(holds)
      await saved(store, at)
      expect(server.jobs.get(id)!.job.title).toBe(holds)
      store.undo()
      expect(store.job!.title).toBe(other)
    },
  )

  it('after a backup was put back: its text is shown, and undo brings what this page had', async () => {
    const store = await opened()
    change(store, 'since the backup')
    await saved(store, 2)
    server.generation = 'second-life'
    server.jobs.set(id, { version: 1, job })
    store.hear(newest(1, 'second-life'))
    await soon(() => expect(store.job!.title).toBe(job.title))
    expect([store.generation, store.past.length]).toEqual(['second-life', 1])
    store.undo()
    expect(store.job!.title).toBe('since the backup')
  })

  it('is told where it cannot be asked, and where the job is gone', async () => {
    const store = await opened()
    store.hear('database')
    expect(store.status).toEqual({ kind: 'waiting', what: 'database' })
    store.hear('gone')
    expect(store.status.kind).toBe('gone')
    store.hear(newest(1))
    expect(store.status.kind).toBe('saved')
  })
})
