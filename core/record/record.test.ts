import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Entry } from '../log/entry'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../sample-run'
import { said } from '../said'
import { siteState } from '../log/site-state'
import { unseen } from './missing'
import { recordOf } from './record'

const job = sampleJob({
  pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
  method: 'crimp',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'cap:e'],
  ],
})
const plan = planJob(job, catalogue)
let count = 0
const entry = (kind: string, minute: number, subject: Entry['subject'], body: Entry['body'] = {}): Entry => ({
  id: `entry-${++count}-long`,
  kind,
  subject,
  at: `2026-05-04T10:${String(minute).padStart(2, '0')}:00Z`,
  by: minute % 2 ? 'I. Marl' : 'U. Thorn',
  jobVersion: 1,
  body,
})
const made = (id: string, minute = 1) => entry('joint-made', minute, { joint: id }, { method: 'crimp', gauge: 'goes' })
const sound = (id: string, minute = 2) => entry('joint-inspected', minute, { joint: id }, { sound: true })
const ids = plan.joints.map(({ id }) => id)
const record = (entries: Entry[]) => recordOf(catalogue, { id: 'j1', version: 3, job }, plan, entries, new Map())
const lacks = (entries: Entry[]) => record(entries).missing.map(({ message, step }) => `${step}: ${said(message)}`)
const tested = (verdict: string, minute: number) => [
  entry('test-begun', minute, { test: 't1' }, { profile: 'en806-c', design: 6, medium: 'water' }),
  entry('test-ended', minute, { test: 't1' }, { verdict, passes: true }),
]

describe('a record', () => {
  it('of a job that is made, looked at, tested and flushed lacks nothing, and says who did what', () => {
    const all = [...ids.flatMap((id) => [made(id), sound(id)]), ...tested('tight', 5), entry('flushed', 6, {})]
    const whole = record(all)
    expect(whole.missing).toEqual([])
    expect(whole).toMatchObject({ job: { id: 'j1', version: 3, title: 'Sample' }, people: ['I. Marl', 'U. Thorn'] })
    expect(whole.joints.map(({ number, where }) => [number, where])).toEqual([
      [1, 'Run, elbow, piece P1'],
      [2, 'Run, elbow, piece P2'],
      [3, 'Run, cap, piece P2'],
    ])
    expect(whole.joints[0]).toMatchObject({ made: { by: 'I. Marl' }, inspected: { sound: true }, method: 'crimp' })
    expect(whole.tests).toMatchObject([
      { id: 't1', begun: { body: { design: 6 } }, ended: { body: { verdict: 'tight' } }, proof: null },
    ])
    expect(whole.materials.pipe[0]!.mm).toBe(Math.round(plan.pieces.reduce((sum, { cut }) => sum + cut!, 0)))
  })

  it('says at its head what it lacks, in the order of the work, each in its step', () => {
    expect(lacks([made(ids[0]!), made(ids[1]!), sound(ids[1]!)])).toEqual([
      'make: 1 joint not made, or not ticked',
      'make: 1 joint made and not looked at',
      'prove: no test under pressure was ended',
      'prove: it is not written down that it was flushed',
    ])
    const ungauged = entry('joint-made', 3, { joint: ids[0]! }, { method: 'crimp' })
    expect(lacks([ungauged])).toContain('make: 1 crimped joint without a gauge’s result')
    expect(lacks(tested('leak', 4))).toContain('prove: the last test under pressure found a leak')
    const issued = entry('part-issued', 1, {}, { label: '1/2 ring', count: 4 })
    expect(lacks([issued])[1]).toContain('4 × 1/2 ring issued')
  })

  it('names what was covered unseen, and not what was looked at or tested before', () => {
    const cover = entry('covered', 9, {}, { where: 'bath wall', joints: [ids[0]] })
    const told = (entries: Entry[]) => lacks(entries).filter((of) => of.includes('bath wall'))
    expect(told([made(ids[0]!), cover])).toHaveLength(1)
    expect(told([made(ids[0]!), sound(ids[0]!), cover])).toEqual([])
    expect(told([made(ids[0]!), sound(ids[0]!, 20), cover])).toHaveLength(1)
    expect(told([made(ids[0]!), ...tested('tight', 8), cover])).toEqual([])
    // A test that was ended later does not make it seen before; of two joints one unseen is enough.
    expect(told([made(ids[0]!), cover, ...tested('tight', 20)])).toHaveLength(1)
    const both = entry('covered', 9, {}, { where: 'bath wall', joints: [ids[0], ids[1]] })
    expect(told([made(ids[0]!), sound(ids[0]!), made(ids[1]!), both])).toHaveLength(1)
    expect(told([made(ids[0]!), sound(ids[0]!, 9), cover])).toEqual([])
    // Whoever said why has answered for it.
    expect(told([made(ids[0]!), { ...cover, body: { ...cover.body, why: 'the plasterer came' } }])).toEqual([])
    const unseenOf = (entries: Entry[]) => unseen(siteState(plan, entries), [ids[0]!, ids[1]!])
    expect(unseenOf([made(ids[0]!), sound(ids[0]!)])).toEqual([ids[1]])
    expect(unseenOf(tested('tight', 8))).toEqual([])
    // A test that ended in that minute was before it; one that was begun and not ended is none; nothing behind, nothing unseen.
    expect(told([made(ids[0]!), ...tested('tight', 9), cover])).toEqual([])
    expect(told([made(ids[0]!), tested('tight', 5)[0]!, cover])).toHaveLength(1)
    expect(told([{ ...cover, body: { where: 'bath wall' } }])).toEqual([])
  })

  it('of a job without joints says so', () =>
    expect(
      recordOf(
        catalogue,
        { id: 'j', version: 1, job: { ...job, runs: [], nodes: [], legs: [] } },
        planJob({ ...job, runs: [], nodes: [], legs: [] }, catalogue),
        [],
        new Map(),
      ).missing.map(({ message }) => said(message)),
    ).toEqual(['nothing is planned yet: draw a run']))
})

describe('what is missing, one by one', () => {
  const all = ids.flatMap((id) => [made(id), sound(id)])
  const flushed = entry('flushed', 30, {})

  it('the last test counts, whatever order they were written in, and one that was not ended does not', () => {
    const [early, late] = [tested('leak', 11), tested('tight', 12).map((of) => ({ ...of, subject: { test: 't2' } }))]
    expect(lacks([...all, ...late, ...early, flushed])).toEqual([])
    expect(lacks([...all, ...early, ...late, flushed])).toEqual([])
    const later = tested('leak', 13).map((of) => ({ ...of, subject: { test: 't3' } }))
    expect(lacks([...all, ...later, ...late, ...early, flushed])).toEqual([
      'prove: the last test under pressure found a leak',
    ])
    const [begun] = tested('leak', 14).map((of) => ({ ...of, subject: { test: 't4' } }))
    expect(lacks([...all, ...late, begun!, flushed])).toEqual([])
    expect(lacks([...all, begun!, flushed])).toEqual(['prove: no test under pressure was ended'])
    expect(lacks([...all, ...tested('undecided', 15), flushed])).toEqual([
      'prove: the last test under pressure was ended undecided',
    ])
  })

  it('of two that overlap the one that was ended last counts', () => {
    const test = (id: string, verdict: string, begun: number, ended: number) => [
      entry('test-begun', begun, { test: id }, { profile: 'en806-c', design: 6, medium: 'water' }),
      entry('test-ended', ended, { test: id }, { verdict, passes: true }),
    ]
    const [long, short] = [
      (verdict: string) => test('t1', verdict, 8, 20),
      (verdict: string) => test('t2', verdict, 9, 12),
    ]
    expect(lacks([...all, ...long('tight'), ...short('leak'), flushed])).toEqual([])
    expect(lacks([...all, ...long('leak'), ...short('tight'), flushed])).toEqual([
      'prove: the last test under pressure found a leak',
    ])
  })

  it('filled is not flushed; and what was issued and used is not missing', () => {
    expect(lacks([...all, ...tested('tight', 11), entry('filled', 20, {})])).toEqual([
      'prove: it is not written down that it was flushed',
    ])
    const count = (kind: string, of: number) => entry(kind, 5, {}, { label: '1/2 ring', count: of })
    const counted = [count('part-issued', 4), count('part-used', 3), count('part-left', 1)]
    expect(lacks([...all, ...counted, ...tested('tight', 11), flushed])).toEqual([])
    const over = [count('part-issued', 2), count('part-used', 3)]
    expect(record([...all, ...over, ...tested('tight', 11), flushed]).missing).toMatchObject([
      { step: 'make', joints: [] },
    ])
  })

  it('a joint that the plan has changed since it was made is told, and who wrote is told in order', () => {
    const longer = { ...made(ids[0]!), body: { method: 'solder', gauge: 'goes' } }
    const gaps = record([longer, sound(ids[0]!), ...all.slice(2), ...tested('tight', 11), flushed])
    expect(gaps.missing).toMatchObject([{ step: 'make', joints: [ids[0]] }])
    expect(said(gaps.missing[0]!.message)).toContain('1 joint')
    const by = (who: string) => ({ ...entry('note', 1, {}, { text: 'seen' }), by: who })
    expect(record([by('Zoe'), by('Ann'), by('Mia'), by('Ann')]).people).toEqual(['Ann', 'Mia', 'Zoe'])
  })

  it('each gap leads to its joints, and a test to none', () => {
    const gaps = record([made(ids[0]!)]).missing
    expect(gaps.map(({ joints }) => joints)).toEqual([ids.slice(1), [ids[0]], [], []])
  })
})

describe('what goes with a record', () => {
  const line = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'compression',
    legs: [
      ['tie-in:s', 'east', 1000, 'valve:v'],
      ['valve:v', 'east', 1000, 'tee:t'],
      ['tee:t', 'up', 500, 'outlet:basin'],
      ['tee:t', 'down', 500, 'outlet:drain'],
    ],
    nodes: { basin: { name: 'basin' }, drain: { name: 'drain cock' } },
  })
  const of = (job: typeof line) => {
    const {
      owner,
      valves,
      drains,
      job: head,
    } = recordOf(catalogue, { id: 'j', version: 1, job }, planJob(job, catalogue), [], new Map())
    return { owner: owner.map((message) => said(message)), valves, drains, head }
  }

  it('what each valve shuts, and where it drains', () => {
    expect(of(line).valves).toEqual([{ run: 'Run', valve: 'valve', at: 'r1/v', shuts: ['basin', 'drain cock'] }])
    expect(of(line).drains).toEqual([{ run: 'Run', lowest: 'drain cock', highest: 'basin' }])
  })

  it('an outlet above all its pipe is no drain point', () => {
    const above = { ...line, nodes: line.nodes.slice(0, 4), legs: line.legs.slice(0, 3) }
    expect(of(above).drains).toEqual([])
  })

  it('what the owner must do, by what is there', () => {
    expect(of(line).owner).toEqual([
      'In an emergency shut: valve (Run). Turn each valve once a year, so that it still turns.',
      `Look at the ${planJob(line, catalogue).joints.length} screwed and compression joints again after a week, and once a year.`,
    ])
    const outdoors = { ...line, place: { outdoors: true, concealed: true }, address: 'Żółta 3' }
    expect(of(outdoors).owner.slice(1)).toEqual([
      'Before frost: take hoses off, shut the supply, and drain at drain cock.',
      expect.stringContaining('screwed'),
      expect.stringContaining('no nail, no screw'),
    ])
    expect(of(outdoors).head).toMatchObject({ address: 'Żółta 3', profile: 'metric', changed: [] })
    // One run of several is enough.
    const mixed = withCopy(job, 'r2', { service: 'heating-flow' })
    expect(of(mixed).owner).toContainEqual(expect.stringContaining('inhibitor'))
    const warm = { ...job, runs: job.runs.map((run) => ({ ...run, service: 'heating-flow' as const })) }
    expect(of(warm).owner).toEqual([expect.stringContaining('stop valve'), expect.stringContaining('inhibitor')])
  })

  it('a profile of one’s own is named, with the settings in which it was changed', () =>
    expect(of({ ...line, own: { name: 'Ours', changes: { fireWatch: 120 } } }).head).toMatchObject({
      profile: 'Ours',
      changed: ['fireWatch'],
    }))
})
