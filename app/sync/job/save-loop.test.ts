import { describe, expect, it } from 'vitest'
import { emptyJob } from '~~/core/edit/new-job'
import type { Job } from '~~/core/job/job'
import { SaveLoop, type SaveStatus } from './save-loop'
import type { Answer, Transport } from './job-transport'

const base = emptyJob('Base', 'metric', 'metric')
const titled = (title: string): Job => ({ ...base, title })

/** A server in memory that answers as scripted, then as a real one would. */
function rig(script: ((job: Job, version: number) => Answer | 'real')[] = []) {
  const server = { version: 1, job: base }
  const seen: string[] = []
  const statuses: SaveStatus[] = []
  let draft: Job | null = null
  const room = { left: true }
  const kept: boolean[] = []
  const named: (string | undefined)[] = []
  const merged: Job[] = []
  const real = (version: number, job: Job): Answer => {
    if (version !== server.version) return { outcome: 'conflict', stored: { id: 'j', ...server } }
    Object.assign(server, { version: version + 1, job })
    return { outcome: 'done', stored: { id: 'j', ...server } }
  }
  const transport: Transport = {
    load: () => Promise.resolve({ outcome: 'done', stored: { id: 'j', ...server } }),
    save(_, { version, job, generation }) {
      seen.push(job.title)
      named.push(generation)
      const answer = script.shift()?.(job, version) ?? 'real'
      return Promise.resolve(answer === 'real' ? real(version, job) : answer)
    },
  }
  const loop = new SaveLoop({
    id: 'j',
    version: 1,
    generation: 'first',
    job: base,
    base,
    transport,
    isSound: (job) => job.note !== 'unsound',
    onMerged: (job) => merged.push(job),
    keep({ job }) {
      if (room.left) draft = job
      return Promise.resolve(room.left)
    },
    drop: () => (draft = null),
    onStatus: (status) => statuses.push(status),
    onKept: (isKept) => kept.push(isKept),
    onSaved: () => {},
    wait: () => Promise.resolve(),
  })
  const settle = async () => {
    for (let turn = 0; turn < 50; turn++) await Promise.resolve()
  }
  return { server, seen, statuses, kept, named, merged, room, loop, settle, real, draft: () => draft }
}

describe('the save loop', () => {
  it('keeps what is typed before it is sent, and drops the draft when the server has it', async () => {
    const { loop, server, settle, draft } = rig()
    loop.change(titled('Typed'))
    expect(draft()?.title).toBe('Typed')
    await settle()
    expect([server.job.title, server.version, draft()]).toEqual(['Typed', 2, null])
  })

  it('names the life of the database that its text is of: the one of the newest answer', async () => {
    const { loop, settle, server, named } = rig()
    Object.assign(server, { generation: 'second' })
    loop.change(titled('Typed'))
    await settle()
    loop.change(titled('Typed more'))
    await settle()
    expect(named).toEqual(['first', 'second'])
  })

  it('what is taken back before it was sent is saved: nothing waits, and no draft stays', async () => {
    const { loop, settle, seen, statuses, draft } = rig()
    loop.change(titled('Typed'))
    loop.change(base)
    await settle()
    expect([seen, draft(), statuses.at(-1)]).toEqual([[], null, { kind: 'saved' }])
  })

  it('sends what this browser has no room to keep, and says that it is not kept', async () => {
    const { loop, server, settle, room, kept, draft, statuses } = rig()
    room.left = false
    loop.change(titled('Much'))
    expect(draft()).toBeNull()
    await settle()
    expect(kept).toContain(false)
    expect(server.job.title).toBe('Much')
    expect(statuses.at(-1)).toEqual({ kind: 'saved' })
    room.left = true
    loop.change(titled('More'))
    await settle()
    expect(kept.at(-1)).toBe(true)
  })

  it('left, it still sends what it has, drops the draft, and tells nobody', async () => {
    const { loop, server, settle, statuses, draft } = rig()
    loop.change(titled('Last words'))
    const told = statuses.length
    loop.leave(() => {})
    await settle()
    expect([server.job.title, draft(), statuses.length]).toEqual(['Last words', null, told])
  })

  it('left, a late conflict is told to nobody, and the draft stays for the next visit', async () => {
    const theirs = { id: 'j', version: 7, job: titled('Theirs') }
    const { loop, settle, statuses, draft } = rig([() => ({ outcome: 'conflict', stored: theirs })])
    loop.change(titled('Mine'))
    loop.leave(() => {})
    await settle()
    expect(statuses.map(({ kind }) => kind)).not.toContain('conflict')
    expect(draft()?.title).toBe('Mine')
  })

  it('sends only the latest of what was typed meanwhile', async () => {
    const { loop, seen, settle } = rig()
    for (const title of ['a', 'ab', 'abc']) loop.change(titled(title))
    await settle()
    expect(seen).toEqual(['abc'])
  })

  it('waits while the database is away, keeps the draft, and saves when it is back', async () => {
    const away = (): Answer => ({ outcome: 'away', what: 'database' })
    const { loop, server, statuses, settle, draft } = rig([away, away])
    loop.change(titled('Typed'))
    expect(draft()?.title).toBe('Typed')
    await settle()
    expect(statuses.map(({ kind }) => kind)).toEqual(['saving', 'waiting', 'waiting', 'saved'])
    expect(server.job.title).toBe('Typed')
  })

  it('a save that arrived although its answer was lost is no conflict', async () => {
    const state = rig([
      (job, version) => {
        state.real(version, job)
        return { outcome: 'away', what: 'server' }
      },
    ])
    state.loop.change(titled('Once'))
    await state.settle()
    expect([state.server.version, state.statuses.at(-1)?.kind]).toEqual([2, 'saved'])
  })

  it('another save first is a conflict: nothing is overwritten, nothing of mine is lost', async () => {
    const { loop, server, statuses, settle, draft } = rig()
    Object.assign(server, { version: 2, job: titled('Theirs') })
    loop.change(titled('Mine'))
    await settle()
    const last = statuses.at(-1)!
    expect(last).toMatchObject({ kind: 'conflict', theirs: { version: 2, job: { title: 'Theirs' } } })
    expect([server.job.title, draft()?.title]).toEqual(['Theirs', 'Mine'])
    if (last.kind === 'conflict') loop.insist(last.theirs)
    await settle()
    expect([server.job.title, server.version, draft()]).toEqual(['Mine', 3, null])
  })

  it('yielding takes the newer version and goes on saving', async () => {
    const { loop, server, statuses, settle } = rig()
    Object.assign(server, { version: 2, job: titled('Theirs') })
    loop.change(titled('Mine'))
    await settle()
    const last = statuses.at(-1)!
    if (last.kind === 'conflict') loop.yieldTo(last.theirs)
    loop.change(titled('After'))
    await settle()
    expect([server.job.title, server.version]).toEqual(['After', 3])
  })

  it('another save that touches something else is brought together with what is here, and told', async () => {
    const { loop, server, statuses, settle, merged, draft } = rig()
    Object.assign(server, { version: 2, job: { ...base, note: 'theirs' } })
    loop.change(titled('Mine'))
    await settle()
    expect(server).toMatchObject({ version: 3, job: { title: 'Mine', note: 'theirs' } })
    expect(merged).toMatchObject([{ title: 'Mine', note: 'theirs' }])
    expect([statuses.at(-1)?.kind, draft()]).toEqual(['saved', null])
  })

  it('what does not hold together is a conflict though nothing clashes', async () => {
    const { loop, server, statuses, settle } = rig()
    Object.assign(server, { version: 2, job: { ...base, note: 'unsound' } })
    loop.change(titled('Mine'))
    await settle()
    expect(statuses.at(-1)).toMatchObject({ kind: 'conflict', clashes: [] })
    expect(server.version).toBe(2)
  })

  it('a conflict is settled place by place; what was not chosen is given back', async () => {
    const { loop, server, statuses, settle } = rig()
    Object.assign(server, { version: 2, job: { ...base, title: 'Theirs', note: 'their note' } })
    loop.change({ ...base, title: 'Mine', note: 'my note' })
    await settle()
    const last = statuses.at(-1)!
    if (last.kind !== 'conflict') throw new Error('there is no conflict')
    expect(last.clashes.map(({ path }) => path.join())).toEqual(['title', 'note'])
    const settled = loop.settle(last.theirs, new Set(['note']))
    expect(settled?.job).toMatchObject({ title: 'Mine', note: 'their note' })
    expect(settled?.other).toMatchObject({ title: 'Theirs', note: 'my note' })
    await settle()
    expect(server).toMatchObject({ version: 3, job: { title: 'Mine', note: 'their note' } })
  })

  it('an answer that the text is wrong keeps the draft and names the fields', async () => {
    const { loop, server, statuses, settle, draft } = rig([
      () => ({ outcome: 'invalid', fields: [{ field: 'title', problem: 'too long' }] }),
    ])
    loop.change(titled('Wrong'))
    await settle()
    expect(statuses.at(-1)).toMatchObject({ kind: 'invalid', fields: [{ field: 'title' }] })
    expect(draft()?.title).toBe('Wrong')
    expect(loop.isClean).toBe(false)
    loop.change(titled('Right'))
    await settle()
    expect([server.job.title, draft(), loop.isClean]).toEqual(['Right', null, true])
  })
})
