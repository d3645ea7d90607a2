import { describe, expect, it } from 'vitest'
import type { Entry } from '../log/entry'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { proofRequest } from './proof-request'

const pipe = pipeId('EN 1057', '22', 0.9)
const one = sampleJob({ pipe, method: 'solder', legs: [['cap:s', 'east', 1500, 'cap:e']] })
const two = withCopy(one, 'r0')
const entry = (kind: string, minute: number, body: Entry['body']): Entry => ({
  id: `${kind}-${minute}-entry`,
  kind,
  subject: { test: 't1' },
  at: `2026-05-04T10:0${minute}:00Z`,
  by: 'U. Thorn',
  jobVersion: 1,
  body,
})
const begun = (more: Entry['body'] = {}) =>
  entry('test-begun', 1, { profile: 'en806-a', design: 6, medium: 'water', ...more })
const read = entry('reading', 2, { seconds: 60, bar: 9.9, celsius: 18 })
const testOf = (job: typeof one, entries: Entry[]) => siteState(planJob(job, catalogue), entries).tests.t1!

describe('what is asked of a test', () => {
  it('its pipe by the job, how it is tested and read by the log', () => {
    expect(proofRequest(one, testOf(one, [begun(), read]))).toEqual({
      units: 'metric',
      system: { segments: [{ pipe, metres: 1.5 }] },
      test: { profile: 'en806-a', own: undefined, design: 6, medium: 'water' },
      readings: [{ seconds: 60, bar: 9.9, celsius: 18 }],
    })
  })

  it('only the runs under test, where some are', () => {
    const ask = (more: Entry['body']) => proofRequest(two, testOf(two, [begun(more)]))!.system.segments
    expect(ask({})).toEqual([{ pipe, metres: 3 }])
    expect(ask({ runs: ['r0'] })).toEqual([{ pipe, metres: 1.5 }])
  })

  it('with what the pump brought in, once that was measured', () => {
    const stroke = { litres: 0.05, from: 1, to: 2 }
    expect(proofRequest(one, { ...testOf(one, [begun()]), pumped: stroke })!.system.pumped).toEqual(stroke)
  })

  it('nothing before it is begun, nor where no pipe is under test', () => {
    expect(proofRequest(one, { ...testOf(one, [begun()]), begun: null })).toBeNull()
    expect(proofRequest(one, testOf(one, [begun({ runs: ['gone'] })]))).toBeNull()
  })
})
