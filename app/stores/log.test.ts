import { beforeEach, describe, expect, it } from 'vitest'
import type { Entry } from '~~/core/log/entry'
import { pipeId, sampleJob } from '~~/core/testing/sample-run'
import { useJobStore } from '~/stores/job'
import { useLogStore } from '~/stores/log'
import { useOutboxStore } from '~/stores/outbox'
import { useEmptyBrowser } from '~/testing/browser'
import { FakeServer } from '~/testing/fake-server'
import { soon } from '~/testing/soon'

const job = sampleJob({
  pipe: pipeId('EN 1057', '22'),
  method: 'solder',
  legs: [['cap:s', 'east', 1000, 'outlet:e']],
})
const theirs: Entry = {
  id: 'entry-of-another',
  kind: 'note',
  subject: {},
  at: '2026-05-04T09:00:00Z',
  by: 'B. Reed',
  jobVersion: 1,
  body: { text: 'the stop valve sticks' },
}
let server: FakeServer
/** Another in each test: what one leaves on its way is not the next one's. */
let id = ''

useEmptyBrowser()
beforeEach(() => {
  id = crypto.randomUUID()
  server = new FakeServer()
  server.jobs.set(id, { version: 1, job })
})

async function opened() {
  await useJobStore().open(id)
  const log = useLogStore()
  log.who = 'I. Marl'
  await log.open(id)
  return log
}
const note = (text: string) => ({ kind: 'note', subject: {}, body: { text } }) as const
const texts = (entries: readonly Entry[]) => entries.map(({ body }) => body.text)
const arrived = (count: number) => soon(() => expect(server.logs.get(id) ?? []).toHaveLength(count))
const newest = (log: string) => ({ version: 1, generation: server.generation, log, rack: '' })

describe('the log of the open job', () => {
  it('holds what others wrote, and what is written here before the server has it; each once', async () => {
    server.logs.set(id, [theirs])
    const log = await opened()
    log.write(note('drained'), 'a note')
    expect(texts(log.entries)).toEqual(['the stop valve sticks', 'drained'])
    expect(log.entries[1]).toMatchObject({ by: 'I. Marl', jobVersion: 1 })
    await arrived(2)
    log.hear(newest('2.first-life'))
    await soon(() => expect(useOutboxStore().state.waiting).toEqual([]))
    expect(texts(log.entries)).toEqual(['the stop valve sticks', 'drained'])
    expect(log.state!.notes).toHaveLength(2)
  })

  it('waits while the server is away, and counts meanwhile', async () => {
    const log = await opened()
    const joint = useJobStore().plan!.joints[0]!.id
    server.isAway = true
    log.write({ kind: 'joint-made', subject: { joint }, body: {} }, 'joint made')
    expect(log.state!.joints[joint]!.made).toMatchObject({ by: 'I. Marl' })
    expect(log.done).toMatchObject({ made: 1 })
    expect(server.logs.get(id)).toBeUndefined()
    server.isAway = false
    await useOutboxStore().goOn()
    await arrived(1)
  })

  it('takes an entry back by another that says why; both stay', async () => {
    const log = await opened()
    log.write(note('wrong'), 'a note')
    log.strikeOut(log.entries[0]!.id, 'typed in the wrong job', 'a correction')
    expect(log.state!.notes).toEqual([])
    expect(log.entries.map(({ kind, why }) => [kind, why])).toEqual([
      ['note', undefined],
      ['correction', 'typed in the wrong job'],
    ])
  })

  it('is written again where a backup was put back that does not hold it', async () => {
    server.logs.set(id, [theirs])
    const log = await opened()
    server.generation = 'second-life'
    server.logs.set(id, [])
    log.hear(newest('0.second-life'))
    await arrived(1)
    expect(server.logs.get(id)![0]).toMatchObject(theirs)
  })

  it('sends entries in pieces, in their order', async () => {
    const log = await opened()
    log.writeAll(
      Array.from({ length: 501 }, (_, at) => note(`reading ${at}`)),
      'notes of a file',
    )
    await arrived(501)
    expect(texts(server.logs.get(id)!)).toEqual(Array.from({ length: 501 }, (_, at) => `reading ${at}`))
    expect(server.asked.filter((of) => of.startsWith('POST'))).toHaveLength(2)
  })
})

describe('changes on their way', () => {
  it('wait for the job that they are of, where the server does not have that yet', async () => {
    const outbox = useOutboxStore()
    outbox.setBegun('new', false)
    const command = { changes: 'log', says: 'a note', method: 'POST', path: '/api/jobs/new/log' } as const
    const sent = outbox.add({ ...command, body: { entries: [theirs] } })
    await soon(() => expect(outbox.state.isHeld).toBe(true))
    expect(server.asked).toEqual([])
    outbox.setBegun('new', true)
    expect(await sent).toMatchObject({ outcome: 'done' })
    expect(server.logs.get('new')).toHaveLength(1)
  })
})
