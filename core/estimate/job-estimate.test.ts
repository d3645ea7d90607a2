import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { speakerIn } from '../speech'
import { pipeId, sampleJob } from '../testing/sample-run'
import { profiles } from '../workshop/profile'
import { emptyWorkshop } from '../workshop/workshop'
import { aboutMoney, currencyOf, estimateLines, whatIsDone } from './estimate-words'
import { hasExamplePrices, jobEstimate } from './job-estimate'
import type { WorkKnown } from './labour'

const job = sampleJob({
  ...{ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' },
  legs: [
    ['open:a', 'east', 1000, 'elbow:b'],
    ['elbow:b', 'up', 500, 'open:c'],
  ],
})
const plan = planJob(job, catalogue)
const minutes = new Map<string, number>()

it('counts the visits that stand in the job before those that are said', () => {
  const travel = (more: object, said?: number) =>
    jobEstimate(catalogue, { ...job, ...more }, plan, {
      ...{ workshop: { ...emptyWorkshop, rates: { travel: 10, margin: 0 } }, minutes },
      ...(said !== undefined && { visits: said }),
    }).travel.low
  const visits = [
    { id: 'v1', on: '2026-12-01' },
    { id: 'v2', on: '2026-12-02' },
  ]
  expect([travel({}), travel({}, 3), travel({ visits }), travel({ visits }, 3)]).toEqual([10, 30, 20, 20])
})

it('says amounts whole, as a range where they are one, in the workshop’s currency before the region’s', () => {
  expect(aboutMoney({ low: 190.44, high: 218.04 }, 'EUR')).toBe('€190 to €218')
  expect(aboutMoney({ low: 190.44, high: 190.4 }, 'GBP')).toBe('£190')
  expect([currencyOf({}, 'metric'), currencyOf({}, 'imperial'), currencyOf({ currency: 'GBP' }, 'imperial')]).toEqual([
    ...['EUR', 'USD', 'GBP'],
  ])
})

it('says what is done in plain words, and what it is made up of in the trade’s', () => {
  const say = speakerIn('metric')
  expect(whatIsDone(job, plan, say)).toMatch(/^.+: 2 joints, 2 pieces of pipe, tested before it is handed over\.$/)
  const answer = jobEstimate(catalogue, job, plan, { workshop: emptyWorkshop, minutes })
  expect(estimateLines(answer, speakerIn('imperial')).map(([word]) => word)[2]).toBe('Tool rental')
  expect(estimateLines(answer, say).map(([word]) => word)).toEqual(['Material', 'Work', 'Tool hire', 'Travel'])
  expect([hasExamplePrices(emptyWorkshop), hasExamplePrices({ ...emptyWorkshop, hour: 50 })]).toEqual([true, false])
})

it('counts the waits that nothing fills, at the hour’s rate, and says where no order of work tells of them', () => {
  const workshop = { ...emptyWorkshop, hour: 60, rates: { margin: 0, tax: 0 } }
  const by = (idle?: number) =>
    jobEstimate(catalogue, job, plan, {
      ...{ workshop, minutes },
      ...(idle !== undefined && { work: [{ idle, water: [] }] }),
    })
  // Half an hour at 60 an hour.
  expect(by(30).total.low - by(0).total.low).toBeCloseTo(30, 6)
  expect(by(30).total.high - by(0).total.high).toBeCloseTo(30, 6)
  expect([by().from.labour.waits, by(0).from.labour.waits]).toEqual([null, { low: 0, high: 0 }])
})

it('counts what is done to the water at each visit, as its plan of work tells; where none tells, once', () => {
  const water = (work?: WorkKnown[]) =>
    jobEstimate(catalogue, job, plan, { workshop: { ...emptyWorkshop, rates: { timeSpread: 0 } }, minutes, work }).from
      .labour.water.high
  const shut = { id: 'water/shut', kind: 'shut', minutes: 5, isReal: false } as const
  expect(water([{ idle: 0, water: [] }])).toBe(0)
  expect(
    water([
      { idle: 0, water: [shut] },
      { idle: 0, water: [{ ...shut, minutes: 9, isReal: true }] },
    ]),
  ).toBe(14)
  const { shutMinutes, drainMinutes, refillMinutes, purgeMinutes, lookMinutes } = profiles.metric
  expect(water()).toBe(shutMinutes + drainMinutes + refillMinutes + purgeMinutes + lookMinutes)
})
