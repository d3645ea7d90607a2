import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { FixtureAt } from '../job/job-schema'
import type { Service } from '../job/place'
import { planJob } from '../plan/plan-job'
import { said } from '../testing/said'
import { pipeId, sampleJob, withCopy, type SampleRun } from '../testing/sample-run'
import { beforeRaising } from './before-raising'
import { toShutOff, type Isolated } from './isolation'
import { offeredTest, servicesUnderTest } from './offered'
import { testProfileOf } from './profiles'

const copper = pipeId('EN 1057', '22', 0.9)
const line = (service: Service, fixtures: Readonly<Record<string, FixtureAt['kind']>> = {}, pipe = copper) => {
  const at = (id: string): NonNullable<SampleRun['nodes']> =>
    fixtures[id] ? { [id]: { fixture: { id, kind: fixtures[id], made: 'metric', end: 'cold' } } } : {}
  return sampleJob({
    ...{ pipe, method: 'solder', service },
    legs: [
      ['cap:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'north', 500, 'outlet:a'],
      ['tee:t', 'south', 500, 'outlet:b'],
    ],
    nodes: { ...at('a'), ...at('b') },
  })
}

describe('what is shut off before a line is raised', () => {
  it('is what has a limit of its own, each by its number among its like', () => {
    expect(toShutOff(line('cold', { a: 'basin', b: 'washing-machine' }))).toEqual(['washing machine'])
    expect(toShutOff(line('heating-flow', { a: 'radiator', b: 'radiator' }))).toEqual([
      'radiator 1',
      'radiator 2',
      'heat source',
      'safety valve of the heating',
      'expansion vessel of the heating',
    ])
    expect(toShutOff(line('cold'))).toEqual([])
  })

  it('a water heater brings its safety valve and its vessel', () => {
    expect(toShutOff(line('cold', { a: 'water-heater' }))).toEqual([
      'water heater',
      'safety valve of the hot water',
      'expansion vessel of the hot water',
    ])
  })

  it('is asked of what is under test alone', () => {
    expect(toShutOff(line('cold', { a: 'washing-machine' }), { legs: ['r1/l1', 'r1/l3'] })).toEqual([])
    expect(toShutOff(line('cold', { a: 'washing-machine' }), { legs: ['r1/l2'] })).toEqual(['washing machine'])
  })
})

describe('what was shut off, and what was not', () => {
  const job = line('cold', { a: 'water-heater' })
  const told = (isolated: readonly Isolated[], design = 6) => {
    const { meta } = testProfileOf({ profile: 'en806-a' })
    const under = { job, plan: planJob(job, catalogue), isolated }
    const { refusals, notes } = beforeRaising(catalogue, under, { meta, design, medium: 'water' })
    return [...refusals, ...notes].map((message) => said(message))
  }

  it('what nobody answered is said', () => {
    expect(told([])).toEqual([
      'nobody has said that it is shut off or plugged, or what it bears: water heater, safety valve of the hot water, expansion vessel of the hot water. The test pressure gets to it',
    ])
    const answered: Isolated[] = [
      { what: 'water heater', did: 'shut off' },
      { what: 'safety valve of the hot water', did: 'plugged' },
      { what: 'expansion vessel of the hot water', did: 'not there' },
    ]
    expect(told(answered)).toEqual([])
  })

  it('what is left on bears what was said of it, and no tenth more: 6.6 bar is refused at 6, and not at 6.6', () => {
    const leftOn = (bar: number): Isolated[] =>
      toShutOff(job).map((what) => ({ what, did: 'left on', ...(what === 'water heater' ? { bar } : {}) }))
    expect(told(leftOn(6))[0]).toEqual(expect.stringContaining('6.60 bar is too much for water heater: rated 6.00 bar'))
    expect(told(leftOn(6.6))[0]).toContain('or what it bears: safety valve of the hot water, expansion vessel')
    expect(told(toShutOff(job).map((what) => ({ what, did: 'left on', bar: 6.6 })))).toEqual([])
  })
})

describe('the test that is offered', () => {
  it('follows pipe, service and units', () => {
    const pex = 'pex-b-astm-f876-sdr9-cts-1-2'
    expect(offeredTest(line('cold'))).toEqual({ profile: 'en806-a', design: 6 })
    expect(offeredTest(line('cold', {}, pex))).toEqual({ profile: 'en806-b', design: 6 })
    expect(offeredTest(line('heating-return', {}, pex))).toEqual({ profile: 'heating', design: 3 })
    const imperial = { ...line('heating-flow'), units: 'imperial' as const }
    expect(offeredTest(imperial).profile).toBe('model-code-heating')
    expect(offeredTest(imperial).design).toBeCloseTo(2.068, 3)
    expect(offeredTest({ ...line('hot'), units: 'imperial' }).profile).toBe('model-code-water')
  })

  it('heating and drinking water are told apart, and said where both are under test', () => {
    const both = withCopy(line('cold'), 'r2', { service: 'heating-flow' })
    expect(servicesUnderTest(both)).toEqual({ heating: true, water: true })
    expect(servicesUnderTest(both, { runs: ['r2'] })).toEqual({ heating: true, water: false })
    expect(offeredTest(both).profile).toBe('en806-a')
    expect(offeredTest(both, { runs: ['r2'] }).profile).toBe('heating')
    const { meta } = testProfileOf({ profile: 'heating' })
    const { notes } = beforeRaising(
      catalogue,
      { job: both, plan: planJob(both, catalogue) },
      { meta, design: 3, medium: 'water' },
    )
    expect(notes.map((message) => said(message))).toContain(
      'heating and drinking water are tested one by one: each at its own pressure',
    )
  })
})
