import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '~~/core/catalogue/catalogue'
import { readJob } from '~~/core/job/read-job'
import type { Job } from '~~/core/job/job'
import { siteState } from '~~/core/log/site-state'
import { planJob } from '~~/core/plan/plan-job'
import { prove } from '~~/core/prove/prove'
import { missingOf } from '~~/core/record/missing'
import { proofRequest } from '~~/core/record/proof-request'
import cedarKilnStudio from '~~/demo/cedar-kiln-studio.json'
import tarnLaneBakehouse from '~~/demo/tarn-lane-bakehouse.json'
import { callForToday } from './demo-jobs'
import { halfMadeLog, provenLog } from './demo-log'

const until = Date.parse('2026-03-05T15:00:00Z')
function jobOf(demo: unknown): Job {
  const read = readJob(demo, catalogue)
  if (!read.ok) throw new Error('a demo job is not valid')
  return read.job
}

it('the finished demo job lacks nothing, and its readings say what its log says', () => {
  const job = jobOf(cedarKilnStudio)
  const plan = planJob(job, catalogue)
  const state = siteState(plan, provenLog('demo', job, 'U. Thorn', until))
  expect(missingOf(job, plan, state)).toEqual([])
  const [test] = Object.values(state.tests)
  const proof = prove(catalogue, proofRequest(job, test!)!)
  expect([test!.ended?.body.verdict, proof.verdict]).toEqual(['tight', 'tight'])
})

it('the other is half made, and nothing of it is tested yet', () => {
  const job = jobOf(tarnLaneBakehouse)
  const plan = planJob(job, catalogue)
  const state = siteState(plan, halfMadeLog('demo', job, 'I. Marl', until))
  const made = Object.values(state.joints).filter((joint) => joint.made !== null).length
  expect(made).toBe(Math.ceil(plan.joints.length / 2))
  expect(state.tests).toEqual({})
  expect(missingOf(job, plan, state).length).toBeGreaterThan(0)
})

it('the one for today comes from a pattern: it can be read, planned and made, and somebody comes today', () => {
  const job = jobOf(JSON.parse(JSON.stringify(callForToday('2026-12-01'))))
  const plan = planJob(job, catalogue)
  expect(plan.checks.filter(({ verdict }) => verdict === 'refuse')).toEqual([])
  expect(plan.parts.filter(({ kind }) => kind === 'fixture')).toHaveLength(2)
  expect(job).toMatchObject({ sample: true, visits: [{ on: '2026-12-01' }] })
})
