import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { planJob } from '../plan/plan-job'
import { withBranch } from '../testing/with-branch'
import { shippedCosts as costs } from '../workshop/costs'
import { shippedRates as rates } from '../workshop/rates'
import { timesOfJob, timesOfVisits } from './time-of-visits'

const asked = { costs, rates, celsius: 15, minutes: new Map<string, number>() }
const times = (job: Job) => timesOfVisits(catalogue, job, planJob(job, catalogue), asked)
const roughIn = { id: 'first', on: '2026-12-01', runs: ['r1'] }
const rest = { id: 'second', on: '2026-12-04' }

it('times a job that is come to once as a whole', () => {
  const once = times(withBranch('tie-in', { visits: [rest] })).get('second')!
  const all = times(withBranch('tie-in', { visits: [roughIn, rest] }))
  expect(once.whole).toBeLessThan(all.get('first')!.whole + all.get('second')!.whole)
})

it('times each of several visits by what is made then: the branch is joined to a tee that has water by then', () => {
  const { first, second } = Object.fromEntries(times(withBranch('tie-in', { visits: [rest, roughIn] })))
  // Both shut the water, as the tee stands in pipe that hangs on what was there.
  expect(first!.off).not.toBeNull()
  expect(second!.off).not.toBeNull()
  // Two pieces, against one.
  expect(first!.whole).toBeGreaterThan(second!.whole)
})

it('leaves the water on at a second visit where nothing made before hangs on pipe that is there', () => {
  const { first, second } = Object.fromEntries(times(withBranch('cap', { visits: [roughIn, rest] })))
  expect([first!.off, second!.off]).toEqual([null, null])
})

it('does not know what is made at two visits that name nothing', () => {
  const silent = { id: 'third', on: '2026-12-05' }
  const of = times(withBranch('tie-in', { visits: [roughIn, rest, silent] }))
  expect([of.get('second'), of.get('third')]).toEqual([null, null])
  expect(of.get('first')).not.toBeNull()
})

it('shuts and drains at each visit, each with the minutes that it took itself', () => {
  const job = withBranch('tie-in', { visits: [roughIn, rest] })
  const took = new Map([
    ['water/drain', 99],
    ['water/drain/second', 21],
  ])
  const drains = timesOfJob(catalogue, job, planJob(job, catalogue), { ...asked, minutes: took })!.map(({ water }) =>
    water.find(({ kind }) => kind === 'drain'),
  )
  expect(drains).toMatchObject([{ isReal: false }, { minutes: 21, isReal: true }])
})

it('is one time for a job come to once, and for one of which nobody said what is made when', () => {
  const count = (job: Job) => timesOfJob(catalogue, job, planJob(job, catalogue), asked)!.length
  const silent = { id: 'third', on: '2026-12-05' }
  expect(
    [[], [rest], [roughIn, rest], [rest, silent], [roughIn, { ...rest, runs: ['r1'] }]].map((visits) =>
      count(withBranch('tie-in', { visits })),
    ),
  ).toEqual([1, 1, 2, 1, 1])
})
