import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Entry } from '../log/entry'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../sample-run'
import { said } from '../said'
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
    expect(whole.tests).toHaveLength(1)
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
  })

  it('of a job without joints says so', () =>
    expect(
      recordOf(
        catalogue,
        { id: 'j', version: 1, job: { ...job, runs: [] } },
        planJob({ ...job, runs: [] }, catalogue),
        [],
        new Map(),
      ).missing.map(({ message }) => said(message)),
    ).toEqual(['nothing is planned yet: draw a run']))
})
