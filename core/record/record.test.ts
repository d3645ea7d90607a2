import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Entry } from '../log/entry'
import type { Job } from '../job/job'
import { provenJoints } from '../log/proven'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { said } from '../testing/said'
import { siteState } from '../log/site-state'
import { unseen } from './missing'
import { recordOf } from './record'

const job = sampleJob({
  pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
  method: 'crimp',
  legs: [
    ['cap:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'cap:e'],
  ],
})
const plan = planJob(job, catalogue)
let count = 0
const time = (minute: number): string =>
  `2026-05-04T${String(10 + Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}:00Z`
const entry = (kind: string, minute: number, subject: Entry['subject'], body: Entry['body'] = {}): Entry => ({
  id: `entry-${++count}-long`,
  kind,
  subject,
  at: time(minute),
  by: minute % 2 ? 'I. Marl' : 'U. Thorn',
  jobVersion: 1,
  body,
})
const seen = { atShoulder: true, ringPlaced: true, gauge: 'goes' }
const made = (id: string, minute = 1, body: Entry['body'] = seen) =>
  entry('joint-made', minute, { joint: id }, { method: 'crimp', ...body })
const sound = (id: string, minute = 2) => entry('joint-inspected', minute, { joint: id }, { sound: true })
const ids = plan.joints.map(({ id }) => id)
const all = ids.flatMap((id) => [made(id), sound(id)])
const flushed = entry('flushed', 50, {})
const recordFor = (of: Job, entries: Entry[]) =>
  recordOf(catalogue, { id: 'j1', version: 3, job: of }, { plan: planJob(of, catalogue), entries, proofs: new Map() })
const record = (entries: Entry[]) => recordFor(job, entries)
const lacks = (entries: Entry[], of = job) =>
  recordFor(of, entries).missing.map(({ message, step }) => `${step}: ${said(message)}`)
/** A test of a quarter of an hour, read every three minutes, that ends with these words. */
const tested = (
  end: Entry['body'],
  from: number,
  more: { id?: string; begun?: Entry['body']; read?: number[] } = {},
) => {
  const { id: test = `t-${from}`, begun = {}, read = [0, 3, 6, 9, 12, 15] } = more
  return [
    entry('test-begun', from, { test }, { profile: 'model-code-water', design: 5.5, medium: 'water', ...begun }),
    ...read.map((minute) => entry('reading', from + minute, { test }, { seconds: minute * 60, bar: 5.5 })),
    entry('test-ended', from + 15, { test }, { verdict: 'tight', passes: true, ...end }),
  ]
}

describe('a record', () => {
  it('of a job that is made, inspected, tested and flushed lacks nothing, and says who did what', () => {
    const whole = record([...all, ...tested({}, 5, { id: 't1' }), flushed])
    expect(whole.missing).toEqual([])
    expect(whole).toMatchObject({ job: { id: 'j1', version: 3, title: 'Sample' }, people: ['I. Marl', 'U. Thorn'] })
    expect(whole.joints.map(({ number, where }) => [number, where])).toEqual([
      [1, 'Run, cap 1, piece P1'],
      [2, 'Run, elbow, piece P1'],
      [3, 'Run, elbow, piece P2'],
      [4, 'Run, cap 2, piece P2'],
    ])
    expect(whole.joints[0]).toMatchObject({
      made: { by: 'I. Marl' },
      inspected: { sound: true },
      method: 'crimp',
      proof: { by: 't1' },
    })
    expect(whole.tests).toMatchObject([
      { id: 't1', begun: { body: { design: 5.5 } }, ended: { body: { verdict: 'tight' } }, proof: null },
    ])
    expect(whole.materials.pipe[0]!.mm).toBe(Math.round(plan.pieces.reduce((sum, { cut }) => sum + cut!, 0)))
  })

  it('says at its head what it lacks, in the order of the work, each in its step, by the joints’ numbers', () => {
    expect(lacks([made(ids[0]!), made(ids[1]!), sound(ids[1]!)])).toEqual([
      'make: joints 3 to 4 not made',
      'make: joint 1 made and not inspected',
      'prove: joints 1 to 4 not pressure tested',
      'prove: flushing not recorded',
    ])
    expect(lacks([made(ids[0]!, 3, { gauge: 'does not go' })])).toEqual(
      expect.arrayContaining([
        'make: joint 1: gauge not OK',
        'make: joint 1: shoulder not checked',
        'make: joint 1: ring’s place not checked',
      ]),
    )
    const issued = entry('part-issued', 1, {}, { label: '1/2 ring', count: 4 })
    expect(lacks([issued])[1]).toContain('4 × 1/2 ring issued')
  })

  it('a later answer fills its gap; each gap leads to its joints', () => {
    const bare = made(ids[0]!, 1, { gauge: 'goes' })
    const rest = [sound(ids[0]!), ...all.slice(2), ...tested({}, 5), flushed]
    const gaps = record([bare, ...rest]).missing
    expect(gaps.map(({ message, joints }) => [said(message), joints])).toEqual([
      ['joint 1: shoulder not checked', [ids[0]]],
      ['joint 1: ring’s place not checked', [ids[0]]],
    ])
    const later = entry('joint-evidence', 40, { joint: ids[0]! }, { of: bare.id, atShoulder: true, ringPlaced: true })
    expect(record([bare, ...rest, later]).missing).toEqual([])
  })

  it('names what was closed in unseen, and not what was inspected or proven before', () => {
    const cover = entry('covered', 30, {}, { where: 'bath wall', joints: [ids[0]] })
    const told = (entries: Entry[]) => lacks(entries).filter((of) => of.includes('bath wall'))
    const each = ids.map((id) => made(id))
    expect(told([...each, cover])).toHaveLength(1)
    expect(told([...each, sound(ids[0]!), cover])).toEqual([])
    expect(told([...each, sound(ids[0]!, 40), cover])).toHaveLength(1)
    expect(told([...each, ...tested({}, 5), cover])).toEqual([])
    // A test that leaked, failed, or was ended later is none that it was proven by.
    expect(told([...each, ...tested({ verdict: 'leak' }, 5), cover])).toHaveLength(1)
    expect(told([...each, ...tested({ passes: false }, 5), cover])).toHaveLength(1)
    expect(told([...each, ...tested({}, 20), cover])).toHaveLength(1)
    // Whoever said why has answered for it.
    expect(told([...each, { ...cover, body: { ...cover.body, why: 'the plasterer came' } }])).toEqual([])
    expect(told([{ ...cover, body: { where: 'bath wall' } }])).toEqual([])
    const unseenOf = (entries: Entry[]) => {
      const state = siteState(plan, entries)
      return unseen(state, provenJoints(job, plan, state), [ids[0]!, ids[1]!])
    }
    expect(unseenOf([...each, sound(ids[0]!)])).toEqual([ids[1]])
    expect(unseenOf([...each, ...tested({}, 5)])).toEqual([])
  })

  it('of a job without joints says so', () => {
    const empty = { ...job, runs: [], nodes: [], legs: [] }
    expect(lacks([], empty)).toEqual(['route: nothing planned yet: draw a run'])
  })

  it('lists what was made of joints that are planned no more', () => {
    const gone = made('r1/z/l9')
    expect(record([gone]).unplanned).toMatchObject([{ id: 'r1/z/l9', made: { entry: gone.id } }])
    expect(record(all).unplanned).toEqual([])
  })
})

describe('what counts as tested', () => {
  const why = (entries: Entry[], of = job) =>
    lacks([...all, flushed, ...entries], of)
      .filter((gap) => gap.startsWith('prove'))
      .map((gap) => gap.replace('prove: ', ''))
  const whole = 'joints 1 to 4 '

  it('a test whose time was up, that passed, or that somebody signed for', () => {
    expect(why(tested({}, 5))).toEqual([])
    expect(why(tested({ verdict: 'tight', passes: false }, 5))).toEqual([
      `${whole}in a test that fails by the standard, and nobody signed for it with a reason`,
    ])
    expect(why(tested({ passes: false, why: 'it cooled while it stood' }, 5))).toEqual([])
    expect(why(tested({ verdict: 'undecided', passes: null }, 5))).toEqual([
      `${whole}in a test that was ended undecided`,
    ])
    expect(why(tested({ verdict: 'leak', why: 'it is small' }, 5))).toEqual([
      `${whole}in a part that leaked in its last test`,
    ])
    expect(why([])).toEqual([`${whole}not pressure tested`])
    expect(why(tested({}, 5).slice(0, -1))).toEqual([`${whole}not pressure tested`])
  })

  it('not one of three readings, of twelve seconds, ended before its time, or read from the future', () => {
    expect(why(tested({}, 5, { read: [0, 7, 15] }))).toEqual([
      `${whole}tested with too few readings: at least five, over three minutes`,
    ])
    expect(why(tested({}, 5, { read: [0, 2, 4, 6, 8] }))).toEqual([`${whole}in a test that was ended before its time`])
    // Readings of a quarter of an hour that were written down within a minute.
    const hurried = tested({}, 5).map((of) => (of.kind === 'reading' ? { ...of, at: time(5) } : of))
    expect(why(hurried)).toEqual([`${whole}tested with readings dated later than they were taken`])
    const fromFile = hurried.map((of) =>
      of.kind === 'test-begun' ? { ...of, body: { ...of.body, raisedAt: '2026-05-04T09:50:00Z' } } : of,
    )
    // Pressure that stood before a joint was made says nothing of it.
    expect(why(fromFile)).toEqual([`${whole}made again since the test: test again`])
    const before = all.map((of) => ({ ...of, at: '2026-05-04T09:30:00Z' }))
    expect(lacks([...before, flushed, ...fromFile])).toEqual([])
    const simulated = tested({}, 5).map((of) => ({
      ...of,
      body: { ...of.body, ...(of.kind === 'reading' ? { from: 'simulated' } : {}) },
    }))
    expect(why(simulated)).toEqual([`${whole}tested with simulated readings`])
  })

  it('a joint made again after it is tested again, the others are not; by the entries that the test names, not by clocks', () => {
    const anew = [entry('joint-undone', 30, { joint: ids[1]! }), made(ids[1]!, 31), sound(ids[1]!, 32)]
    expect(why([...tested({}, 5), ...anew])).toEqual(['joint 2 made again since the test: test again'])
    expect(why([...tested({}, 5), ...anew, ...tested({}, 35)])).toEqual([])
    const names = all.filter(({ kind }) => kind === 'joint-made').map(({ id }) => id)
    const named = tested({}, 5, { begun: { made: names } })
    // Made again on a phone that is slow: its time lies before the test.
    const slow = anew.map((of) => ({ ...of, at: time(3) }))
    expect(why([...named, ...slow])).toEqual(['joint 2 made again since the test: test again'])
    // Made before the test by a phone that is fast: its time lies after it.
    const fast = all.map((of) => (of.subject.joint === ids[0] ? { ...of, at: time(9) } : of))
    expect(lacks([...fast, ...named, flushed])).toEqual([])
  })

  it('what was open, or not made, as it was tested', () => {
    const open: Job = { ...job, nodes: job.nodes.map((node) => (node.id === 's' ? { ...node, kind: 'open' } : node)) }
    const three = planJob(open, catalogue).joints.flatMap(({ id }) => [made(id), sound(id)])
    expect(lacks([...three, ...tested({}, 5), flushed], open)).toEqual([
      'prove: joints 1 to 3 in a part with an open end: cap it, then test again',
    ])
    const late = all.map((of) => (of.subject.joint === ids[3] ? { ...of, at: time(30) } : of))
    expect(lacks([...late, ...tested({}, 5), flushed])).toEqual([
      'prove: joint 4 made again since the test: test again',
      'prove: joints 1 to 3 in a part that was tested with joints not made',
    ])
  })

  it('a test of one run proves nothing of another; each part by its own', () => {
    const two = withCopy(job, 'r2')
    const each = planJob(two, catalogue).joints.flatMap(({ id }) => [made(id), sound(id)])
    const of = (...more: Entry[]) => lacks([...each, flushed, ...more], two)
    expect(of(...tested({}, 5, { begun: { runs: ['r1'] } }))).toEqual(['prove: joints 5 to 8 not pressure tested'])
    expect(of(...tested({}, 5, { begun: { runs: ['r1'] } }), ...tested({}, 25, { begun: { runs: ['r2'] } }))).toEqual(
      [],
    )
  })

  it('of two tests the later finding of a leak holds, and a later test that says nothing takes no proof away', () => {
    expect(why([...tested({ verdict: 'leak' }, 5), ...tested({}, 25)])).toEqual([])
    expect(why([...tested({}, 25), ...tested({ verdict: 'leak' }, 5)])).toEqual([])
    expect(why([...tested({}, 5), ...tested({ verdict: 'leak' }, 25)])).toEqual([
      `${whole}in a part that leaked in its last test`,
    ])
    expect(why([...tested({}, 5), ...tested({}, 25, { read: [0] })])).toEqual([])
  })

  it('by looking alone: every joint dry, twice, with minutes between; the first look at low pressure is no test', () => {
    const look = (minute: number, dry: readonly string[], wet: readonly string[] = []) =>
      entry('test-look', minute, { test: 'look' }, { dry, wet })
    const looked = (profile: string, ...looks: Entry[]) => [
      entry('test-begun', 5, { test: 'look' }, { profile, design: 3, medium: 'water' }),
      ...looks,
      entry('test-ended', 20, { test: 'look' }, { verdict: 'tight', passes: null }),
    ]
    expect(why(looked('house-pressure', look(6, ids), look(12, ids)))).toEqual([])
    const once = [`${whole}not inspected twice under pressure, minutes apart`]
    expect(why(looked('house-pressure', look(6, ids)))).toEqual(once)
    expect(why(looked('house-pressure', look(6, ids), look(8, ids)))).toEqual(once)
    expect(why(looked('house-pressure', look(6, ids), look(12, ids.slice(1))))).toEqual(once)
    expect(why(looked('house-pressure', look(6, ids), look(12, ids.slice(1), [ids[0]!])))).toEqual([
      `${whole}in a part that leaked in its last test`,
    ])
    expect(why(looked('low-pressure', look(6, ids), look(12, ids)))).toEqual([`${whole}not pressure tested`])
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
    } = recordOf(
      catalogue,
      { id: 'j', version: 1, job },
      { plan: planJob(job, catalogue), entries: [], proofs: new Map() },
    )
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
      'In an emergency shut: valve (Run). Turn each valve once a year so that it does not seize.',
      `Check the ${planJob(line, catalogue).joints.length} screwed and compression joints again after a week, and once a year.`,
    ])
    const outdoors = { ...line, place: { outdoors: true, concealed: true }, address: 'Żółta 3' }
    expect(of(outdoors).owner.slice(1)).toEqual([
      'Before frost: take hoses off, shut the supply, and drain at drain cock.',
      expect.stringContaining('screwed'),
      expect.stringContaining('no nails, screws'),
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
