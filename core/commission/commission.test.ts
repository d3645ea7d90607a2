import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import type { Entry } from '../log/entry'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { said } from '../testing/said'
import { profiles } from '../workshop/profile'
import { commissionDue } from './due'
import { flushings } from './flushing'
import { outletsOf } from './outlets'

/** A tee on 22 × 0.9: 3 m to it, 1 m to one outlet, 2 m to the other. */
const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['tie-in:s', 'east', 3000, 'tee:t'],
    ['tee:t', 'north', 1000, 'outlet:near'],
    ['tee:t', 'east', 2000, 'outlet:far'],
  ],
})
let count = 0
const entry = (kind: string, body: Entry['body']): Entry => ({
  id: `entry-${++count}-long`,
  kind,
  subject: {},
  at: `2026-05-04T10:${String(count % 60).padStart(2, '0')}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  body,
})
const state = (...entries: Entry[]) => siteState(planJob(job, catalogue), entries)
const outlets = outletsOf(catalogue, job, profiles.metric)
const [far, near] = ['r1/far', 'r1/near']
const flush = (at: string) => entry('flushed', { at, where: 'outlet' })

describe('flushing', () => {
  it('goes from the far end back, each with three times what stands before it: 5 m of 22 × 0.9 hold 1.60 l', () => {
    expect(outlets.map(({ id, far: mm }) => [id, mm])).toEqual([
      [far, 5000],
      [near, 4000],
    ])
    const [first] = flushings(outlets, profiles.metric, state())
    // A bore of 20.2 mm: 0.3205 l a metre; 4.81 l at 8 l a minute.
    expect(first).toMatchObject({ litres: expect.closeTo(4.807, 3), minutes: expect.closeTo(0.601, 3), isDone: false })
  })

  it('takes as long as the flow that was measured there last, and says that it was', () => {
    const measured = (litresPerMinute: number) =>
      entry('outlet-measured', { at: far, where: 'outlet', litresPerMinute })
    const pressureOnly = entry('outlet-measured', { at: far, where: 'outlet', staticBar: 3 })
    const of = flushings(outlets, profiles.metric, state(measured(20), measured(12), pressureOnly))
    expect(of.map(({ flow, isMeasured }) => [flow, isMeasured])).toEqual([
      [12, true],
      [8, false],
    ])
    expect(of[0]!.minutes).toBeCloseTo(4.807 / 12, 3)
  })

  it('of one outlet is of that one; of none that is named, of all', () => {
    const done = (...entries: Entry[]) =>
      flushings(outlets, profiles.metric, state(...entries)).map(({ isDone }) => isDone)
    expect([done(flush(near)), done(entry('flushed', {})), done()]).toEqual([
      [false, true],
      [true, true],
      [false, false],
    ])
  })

  it('is of drinking water alone', () => {
    const heating = { ...job, runs: [{ ...job.runs[0]!, service: 'heating-flow' as const }] }
    expect(outletsOf(catalogue, heating, profiles.metric)).toEqual([])
  })
})

describe('what is still to be done', () => {
  const withAsked = (of: Job, changes: NonNullable<Job['own']>['changes']): Job => ({
    ...of,
    own: { name: 'own', changes },
  })
  const due = (of: Job, ...entries: Entry[]) =>
    commissionDue(catalogue, of, state(...entries)).map((each) => said(each))

  it('is flushing, and nothing else where the settings ask for nothing', () => {
    expect(due(job)).toEqual(['flushing not recorded'])
    expect(due(job, flush(near))).toEqual(['not flushed: outlet 2'])
    expect(due(job, flush(near), flush(far))).toEqual([])
  })

  it('as they ask: disinfection, each outlet’s flow, hot water’s degrees', () => {
    const asked = withAsked(job, { disinfect: 'asked', outletFlow: 'asked', hotWater: 'asked' })
    const flushed = entry('flushed', {})
    const flow = (at: string) => entry('outlet-measured', { at, where: 'outlet', litresPerMinute: 9 })
    const dose = entry('disinfected', { with: 'hypochlorite', mgPerLitre: 50, minutes: 60, residual: 30 })
    expect(due(asked, flushed, flow(far))).toEqual([
      'disinfection not recorded',
      'pressure and flow not measured: outlet 1',
    ])
    expect(due(asked, flushed, dose, flow(far), flow(near))).toEqual([])
    const hot = { ...asked, runs: [{ ...job.runs[0]!, service: 'hot' as const }] }
    const degrees = (at: string) => entry('outlet-measured', { at, where: 'outlet', celsius: 55, seconds: 20 })
    const all = [flushed, dose, flow(far), flow(near)]
    expect(due(hot, ...all, degrees(near))).toEqual(['degrees of hot water not measured: outlet 2'])
    expect(due(hot, ...all, degrees(near), degrees(far))).toEqual([])
  })

  it('of heating: filled, vented, balanced, and dry when it was last inspected warm', () => {
    const heating = withAsked(
      { ...job, runs: [{ ...job.runs[0]!, service: 'heating-flow' as const }] },
      { heatingWarm: 'asked' },
    )
    const flushed = entry('flushed', {})
    expect(due(heating, flushed)).toHaveLength(4)
    const done = [entry('heating-filled', { bar: 1.2 }), entry('vented', {}), entry('balanced', {})]
    const look = (dry: boolean) => entry('warm-look', { dry })
    expect(due(heating, flushed, ...done, look(true), look(false))).toEqual([
      'joints not inspected warm, or one not dry then',
    ])
    expect(due(heating, flushed, ...done, look(false), look(true))).toEqual([])
  })
})
