import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { emptyWorkshop } from '../../core/workshop/workshop'
import { useSite } from './client'
import { byName } from '../../core/testing/sample-choice'

const { ask, site } = useSite(false)
const solder22 = 'solder:EN 1254-1:22'
const elbow = { socket: solder22, fitting: 'elbow-90', mm: 15.6, tolerance: 0.2, basis: 'measured', by: 'R. Beck' }
const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['open:a', 'east', 1000, 'elbow:b'],
    ['elbow:b', 'up', 500, 'open:c'],
  ],
})
const cut = async () => (await ask('POST', 'plan', job)).body.pieces[0].cut

describe('parts', () => {
  it('a recorded figure overrules the shipped one in the plan, a later one the earlier, a withdrawn one none', async () => {
    expect(await cut()).toBe(985.4)
    expect((await ask('POST', 'parts', { parts: [elbow] })).status).toBe(201)
    expect(await cut()).toBe(984.4)
    await ask('POST', 'parts', { parts: [{ ...elbow, mm: 14, by: 'A. Senn' }] })
    expect(await cut()).toBe(986)
    expect((await ask('GET', 'parts')).body).toMatchObject([{ mm: 14, by: 'A. Senn', at: expect.any(String) }])
    await ask('POST', 'parts', { parts: [{ ...elbow, withdrawn: true }] })
    expect(await cut()).toBe(985.4)
    const history = await ask('GET', `parts?key=${encodeURIComponent(`${solder22}|elbow-90|either`)}`)
    expect(history.body.map(({ by, withdrawn }: { by: string; withdrawn: boolean }) => [by, withdrawn])).toEqual([
      ['R. Beck', true],
      ['A. Senn', false],
      ['R. Beck', false],
    ])
  })

  it('a fitting that was measured by its name is what a chain of it is cut by, until it is withdrawn', async () => {
    const named = '22 solder × 1/2 F BSP drop-ear elbow'
    const nodes = job.nodes.map((node) =>
      node === job.nodes.at(-1) ? { ...node, kind: 'outlet', fitting: byName(named) } : node,
    )
    const last = async () => {
      const { body } = await ask('POST', 'plan', { ...job, nodes })
      return body.pieces.at(-1).ends[1] as { takeOff: number; takeOffBasis: string }
    }
    const shipped = await last()
    const part = { named, mm: 33, tolerance: 0.5, basis: 'maker', by: 'R. Beck' }
    expect((await ask('POST', 'parts', { parts: [part] })).status).toBe(201)
    expect(await last()).toMatchObject({ takeOff: 33, takeOffBasis: 'maker' })
    expect((await ask('GET', 'parts')).body).toMatchObject([{ socket: '', named, end: 'either', mm: 33 }])
    await ask('POST', 'parts', { parts: [{ ...part, withdrawn: true }] })
    expect(await last()).toEqual(shipped)
    const wrong = await ask('POST', 'parts', { parts: [{ ...part, named: 'a hose' }] })
    expect(wrong.body.fields).toEqual([
      { field: 'parts.0.named', problem: expect.stringContaining('no fitting of that name') },
    ])
  })

  it('takes all of a list or none, and names what is wrong', async () => {
    const before = (await ask('GET', 'parts')).body
    const wrong = await ask('POST', 'parts', { parts: [elbow, { ...elbow, mm: 9999 }, { ...elbow, by: '' }] })
    expect(wrong.status).toBe(422)
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual(['parts.1.mm', 'parts.2.by'])
    expect((await ask('GET', 'parts')).body).toEqual(before)
  })
})

describe('the name of a fitting', () => {
  it('is read, with what may be wrong in its order; an empty one is refused', async () => {
    const { body } = await ask('GET', `fittings?name=${encodeURIComponent('1/2 x 3/4 x 1/2 tee')}`)
    expect(body.fittings[0]).toMatchObject({ kind: 'tee', name: '3/4 × 1/2 × 1/2 solder tee' })
    expect(body.named.hints[0]).toContain('larger end comes first')
    expect((await ask('GET', 'fittings')).body.fields[0].field).toBe('name')
  })
})

describe('the workshop', () => {
  const set = (path: string[], value: unknown) => ask('PATCH', 'workshop', { changes: [{ path, value }] })

  it('keeps what is set, and its prices count where pipes are joined', async () => {
    expect((await ask('GET', 'workshop')).body).toEqual(emptyWorkshop)
    const pair = { a: pipeId('EN 1057', '15', 0.7), b: pipeId('EN 1057', '15', 0.7), service: 'cold' }
    const costOf = async (method: string) =>
      (await ask('POST', 'join', pair)).body.chains.find(({ tools }: { tools: string[] }) => tools.join() === method)
        .cost
    const before = await costOf('solder')
    await set(['methods', 'solder', 'fitting'], 10.9)
    expect((await costOf('solder')) - before).toBeCloseTo(10)
    await set(['methods', 'solder', 'fitting'], null)
    expect(await costOf('solder')).toBe(before)
  })

  it('loses none of many changes made at once', async () => {
    const names = Array.from({ length: 12 }, (_, index) => `ours-${index}`)
    const profile = (name: string) => ({ name, base: 'metric', changes: { fireWatch: 90 } })
    const replies = await Promise.all(names.map((name) => set(['profiles', name], profile(name))))
    expect(replies.map(({ status }) => status)).toEqual(names.map(() => 200))
    expect(Object.keys((await ask('GET', 'workshop')).body.profiles).toSorted()).toEqual(names.toSorted())
  })

  it('refuses a setting outside its range, and keeps the old one', async () => {
    const wrong = await set(['profiles', 'ours-1', 'changes', 'fireWatch'], 9999)
    expect(wrong.status).toBe(422)
    expect(wrong.body.message).toContain('a number from 0 to 480 min')
    expect((await ask('GET', 'workshop')).body.profiles['ours-1'].changes.fireWatch).toBe(90)
  })
})

const pipe = pipeId('EN 1057', '22', 0.9)
const put = async (mm: number): Promise<number> => {
  const { body } = await ask('POST', 'rack', { for: 'a van', leaves: [{ pipe, mm }] })
  return body.find((offcut: { mm: number }) => offcut.mm === mm).id
}
const take = (ids: number[]) => ask('POST', 'rack', { for: 'a job', takes: ids, leaves: [{ pipe, mm: 111 }] })

describe('the rack', () => {
  it('of twenty who take one offcut, one has it; the others are told, and nothing of theirs is booked', async () => {
    const id = await put(1460)
    const answers = await Promise.all(Array.from({ length: 20 }, () => take([id])))
    expect(answers.map(({ status }) => status).toSorted()).toEqual([201, ...Array.from({ length: 19 }, () => 409)])
    expect(answers.find(({ status }) => status === 409)?.body.message).toContain(`offcut ${id}`)
    const { body } = await ask('GET', 'rack')
    expect(body.filter(({ mm }: { mm: number }) => mm === 1460)).toEqual([])
    expect(body.filter(({ mm }: { mm: number }) => mm === 111)).toHaveLength(1)
  })

  it('thirty people who take different offcuts at once all have theirs', async () => {
    const lengths = Array.from({ length: 30 }, (_, index) => 2000 + index)
    await ask('POST', 'rack', { for: 'a van', leaves: lengths.map((mm) => ({ pipe, mm })) })
    const rack: { id: number; mm: number }[] = (await ask('GET', 'rack')).body
    const ids = rack.filter(({ mm }) => lengths.includes(mm)).map(({ id }) => id)
    expect(ids).toHaveLength(30)
    const answers = await Promise.all(
      ids.map((id) => ask('POST', 'rack', { for: 'a job', takes: [id], leaves: [{ pipe, mm: 222 }] })),
    )
    expect(answers.map(({ status }) => status)).toEqual(ids.map(() => 201))
    const left: { id: number; mm: number }[] = (await ask('GET', 'rack')).body
    expect(left.filter(({ id }) => ids.includes(id))).toEqual([])
    expect(left.filter(({ mm }) => mm === 222)).toHaveLength(30)
  })

  it('overlapping bookings at once: each is booked whole or told what is gone, and none stops another', async () => {
    const ids = await Promise.all([3001, 3002, 3003, 3004].map(put))
    const pairs = ids.flatMap((a) => ids.filter((b) => b > a).map((b) => [a, b]))
    const answers = await Promise.all([...pairs, ...pairs, ...pairs].map((pair) => take(pair)))
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([201, 409]))
    for (const { status, body } of answers) if (status === 409) expect(body.message).toMatch(/offcut/)
  })

  it('minutes and a cutting of a job that is deleted meanwhile: no such job, and nothing is kept', async () => {
    const made = await ask('POST', 'jobs', job)
    const id = made.body.id as string
    const minutes = () => ask('POST', `jobs/${id}/minutes`, { took: [{ joint: 'r1/a/l1', minutes: 5 }] })
    const cut = () => ask('POST', 'rack', { for: 'x', cutting: { job: id, pipe, bars: [] } })
    const answers = await Promise.all([
      minutes(),
      cut(),
      ask('DELETE', `jobs/${id}`),
      minutes(),
      cut(),
      minutes(),
      cut(),
    ])
    expect(answers.map(({ status }) => status).filter((status) => ![201, 204, 404].includes(status))).toEqual([])
    expect((await minutes()).status).toBe(404)
  })

  it('books all or nothing: one of two being gone, the other stays', async () => {
    const [gone, there] = [await put(501), await put(502)]
    await take([gone])
    expect((await take([gone, there])).status).toBe(409)
    expect((await ask('GET', 'rack')).body.map(({ id }: { id: number }) => id)).toContain(there)
  })

  it('keeps what was cut for a job, and refuses a job or pipe that is not there', async () => {
    const made = await ask('POST', 'jobs', job)
    const bars = [{ length: 3000, pieces: [{ id: 'P1', length: 985.4 }], rest: 2014.6 }]
    const cutting = { job: made.body.id, pipe, bars }
    expect((await ask('POST', 'rack', { for: 'Sample', cutting })).status).toBe(201)
    expect((await ask('GET', `jobs/${made.body.id}/cuttings`)).body).toEqual([cutting])
    expect((await ask('POST', 'rack', { for: 'x', cutting: { ...cutting, job: 'none' } })).status).toBe(404)
    const wrong = await ask('POST', 'rack', { for: '', leaves: [{ pipe, mm: -3 }] })
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual(['for', 'leaves.0.mm'])
    const foreign = await ask('POST', 'rack', { for: 'x', leaves: [{ pipe: 'straw', mm: 30 }] })
    expect(foreign.body.fields[0].field).toBe('leaves.0.pipe')
    expect((await ask('DELETE', `jobs/${made.body.id}`)).status).toBe(204)
  })
})

describe('whether anything is new', () => {
  it('is told by a short answer: a save, an entry, an offcut and a cut each change their own mark, and nothing else', async () => {
    const { id } = (await ask('POST', 'jobs', job)).body
    const other = (await ask('POST', 'jobs', job)).body.id
    const newest = async () => (await ask('GET', `jobs/${id}/newest`)).body
    const entry = {
      kind: 'note',
      subject: {},
      at: '2026-05-04T10:00:00Z',
      by: 'I. Marl',
      jobVersion: 1,
      body: { text: 'a' },
    }
    const note = (of: string) => ask('POST', `jobs/${of}/log`, { entries: [{ ...entry, id: `note-${of}` }] })
    const bars = [{ length: 3000, pieces: [{ id: 'P1', length: 985.4 }], rest: 2014.6 }]
    const cut = (of: string) => ask('POST', 'rack', { for: 'Sample', cutting: { job: of, pipe, bars } })
    const changes: readonly (readonly [what: string, act: () => Promise<unknown>, marks: readonly string[]])[] = [
      ['nothing', async () => null, []],
      ['a save', () => ask('PUT', `jobs/${id}`, { version: 1, job: { ...job, title: 'Other' } }), ['version']],
      ['an entry', () => note(id), ['log']],
      ['another’s entry', () => note(other), []],
      ['an offcut', () => put(733), ['rack']],
      ['a cut', () => cut(id), ['rack']],
      ['another’s cut', () => cut(other), []],
    ]
    let before = await newest()
    expect(before).toEqual({ version: 1, log: expect.stringMatching(/^0\.[0-9a-f]{8}$/), rack: expect.any(String) })
    for (const [what, act, marks] of changes) {
      await act()
      const now = await newest()
      expect([what, Object.keys(now).filter((key) => now[key] !== before[key])]).toEqual([what, marks])
      before = now
    }
    expect((await ask('GET', `jobs/${id}/log?after=${before.log}`)).body.entries).toEqual([])
    const offcut = await put(744)
    const withIt = (await newest()).rack
    await take([offcut])
    expect((await newest()).rack).not.toBe(withIt)
    expect((await ask('GET', 'jobs/none/newest')).status).toBe(404)
  })
})

describe('what joints took', () => {
  it('is added to the job’s log: the newest holds, null takes it back, and the log goes with the job', async () => {
    const made = await ask('POST', 'jobs', job)
    const log = `jobs/${made.body.id}/minutes`
    const first = { joint: 'r1/b/l1', minutes: 12 }
    expect((await ask('POST', log, { took: [first, { joint: 'r1/b/l2', minutes: 4 }] })).body).toHaveLength(2)
    expect((await ask('POST', log, { took: [{ ...first, minutes: 9.5 }] })).body).toContainEqual({
      ...first,
      minutes: 9.5,
    })
    expect((await ask('POST', log, { took: [{ ...first, minutes: null }] })).body).toEqual([
      { joint: 'r1/b/l2', minutes: 4 },
    ])
    const wrong = await ask('POST', log, { took: [{ joint: '', minutes: 601 }] })
    expect(wrong.status).toBe(422)
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual(['took.0.joint', 'took.0.minutes'])
    expect((await ask('POST', 'jobs/none/minutes', { took: [first] })).status).toBe(404)
    expect((await ask('DELETE', `jobs/${made.body.id}`)).status).toBe(204)
    expect((await ask('GET', log)).body).toEqual([])
  })
})

describe('laying pieces on stock', () => {
  it('gives the fewest bars with their bound, and names what is wrong', async () => {
    const pieces = [1200, 1100, 1000, 1000, 900, 800].map((length, index) => ({ id: `p${index}`, length }))
    const { body } = await ask('POST', 'stock', { pieces, barLength: 3000 })
    expect(body).toMatchObject({ newBars: 2, bound: 2, stage: 'done' })
    const wrong = await ask('POST', 'stock', { pieces: [{ id: 'a', length: 0 }], barLength: 'long' })
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual(['pieces.0.length', 'barLength'])
  })
})

describe('lists on paper', () => {
  const list = { title: 'What to bring', head: ['count', 'what'], rows: [[2, '15 solder elbow 90°']] }

  it('come as a PDF under their name, and what is wrong is named', async () => {
    const answer = await fetch(`${site().origin}/api/lists.pdf`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ title: 'Tarn Lane', paper: 'a4', lists: [list] }),
    })
    expect(answer.headers.get('content-disposition')).toContain('Tarn%20Lane.pdf')
    expect(
      Buffer.from(await answer.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
    const wrong = await ask('POST', 'lists.pdf', { title: '', paper: 'a3', lists: [{ ...list, rows: [[true]] }] })
    expect(wrong.status).toBe(422)
    expect(wrong.body.fields.map(({ field }: { field: string }) => field)).toEqual([
      'title',
      'paper',
      'lists.0.rows.0.0',
    ])
  })
})
