import 'fake-indexeddb/auto'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { emptyJob } from '~~/core/edit/new-job'
import type { Job } from '~~/core/job/job'
import { browserDatabase } from '../browser-database'
import { holdDraft } from './draft-lock'
import { allDrafts, keepDraft, unbegunJobs } from './drafts'
import type { Answer, Save, Transport } from './job-transport'
import { readDraft, readKept } from './read-draft'
import { sendLeftDrafts } from './send-drafts'

/** As browsers have it: a lock that is held is not available, and may be stolen. */
class Locks {
  readonly #held = new Map<string, (why: Error) => void>()
  query = () => Promise.resolve({ held: [...this.#held.keys()].map((name) => ({ name })) })
  async request(
    name: string,
    { ifAvailable, steal }: { ifAvailable?: boolean; steal?: boolean },
    work: (lock: object | null) => Promise<void>,
  ): Promise<void> {
    if (ifAvailable && this.#held.has(name)) return work(null)
    if (steal) this.#held.get(name)?.(new Error('stolen'))
    const stolen = new Promise<void>((_, reject) => this.#held.set(name, reject))
    const own = this.#held.get(name)
    try {
      await Promise.race([work({ name }), stolen])
    } finally {
      if (this.#held.get(name) === own) this.#held.delete(name)
    }
  }
}
const locks = new Locks()
vi.stubGlobal('navigator', { locks })
vi.stubGlobal('localStorage', {})

const begun = (title: string): Job => emptyJob(title, 'metric', 'metric')
const draftOf = (job: Job) => ({ version: 0, job, base: null, attempt: { job, version: 0, key: `k ${job.title}` } })

/** A server that answers as it is told, and what it was sent. */
function rig(answer: (save: Save) => Answer) {
  const saves: [id: string, version: number, title: string][] = []
  const transport: Transport = {
    load: () => Promise.resolve({ outcome: 'gone' }),
    async save(id, save) {
      saves.push([id, save.version, save.job.title])
      const answered = answer(save)
      // As long as a line takes.
      await new Promise((resolve) => setTimeout(resolve, 1))
      return answered
    },
  }
  const send = () =>
    sendLeftDrafts({
      transport,
      read: (draft) => readDraft(draft, (text) => readKept(text, shippedCatalogue)),
      isSound: () => true,
    })
  return { saves, send }
}
const done = ({ version, job }: Save): Answer => ({ outcome: 'done', stored: { id: 'j', version: version + 1, job } })

beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout'], shouldAdvanceTime: true, advanceTimeDelta: 200 }))
afterEach(async () => {
  vi.useRealTimers()
  await (await browserDatabase()).clear('drafts')
})

describe('drafts that no page has open', () => {
  it('are sent: a job that was begun without a line is there without being opened', async () => {
    await keepDraft('j', 'gone', draftOf(begun('Begun in the cellar')))
    expect([...(await unbegunJobs())]).toEqual(['j'])
    const { saves, send } = rig(done)
    expect(await send()).toBe(true)
    expect(saves).toEqual([['j', 0, 'Begun in the cellar']])
    expect([await allDrafts(), [...(await unbegunJobs())]]).toEqual([[], []])
  })

  it('go on from what was under way to what was typed after it', async () => {
    const sent = begun('Sent')
    await keepDraft('j', 'gone', { ...draftOf(sent), job: begun('Typed after it') })
    const { saves, send } = rig(done)
    expect(await send()).toBe(true)
    expect(saves).toEqual([
      ['j', 0, 'Sent'],
      ['j', 1, 'Typed after it'],
    ])
  })

  it('stay where the server is away, where it clashes, where the job is gone', async () => {
    await keepDraft('j', 'gone', draftOf(begun('Kept')))
    const theirs = { ...begun('Theirs'), note: 'theirs' }
    for (const answer of [
      { outcome: 'away', what: 'server' },
      { outcome: 'gone' },
      { outcome: 'conflict', stored: { id: 'j', version: 4, job: theirs } },
    ] as const) {
      const { saves, send } = rig(() => answer)
      expect(await send()).toBe(false)
      expect([saves.length, (await allDrafts()).map(({ draft }) => draft.job.title)]).toEqual([1, ['Kept']])
    }
  })

  it('are left to the page that holds them, and to the one that takes one over meanwhile', async () => {
    await keepDraft('j', 'open', draftOf(begun('Being typed')))
    const letGo = holdDraft('j', 'open')
    const { saves, send } = rig(done)
    expect([await send(), saves]).toEqual([false, []])
    letGo()
    const opened = rig((save) => {
      holdDraft('j', 'open')()
      return done(save)
    })
    expect(await opened.send()).toBe(false)
    expect((await allDrafts()).map(({ draft }) => draft.job.title)).toEqual(['Being typed'])
  })
})
