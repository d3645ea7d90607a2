import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../core/catalogue/catalogue'
import { planJob } from '../../core/plan/plan-job'
import { pipeId, sampleJob } from '../../core/testing/sample-run'
import { emptyWorkshop, type Workshop } from '../../core/workshop/workshop'
import { estimateDocument } from './estimate-document'

const job = {
  ...sampleJob({
    ...{ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' },
    legs: [['cap:a', 'east', 1000, 'cap:b']],
  }),
  visits: [{ id: 'v', on: '2026-12-04', at: '13:30', what: 'Second fix' }],
}
const printed = (workshop: Workshop) =>
  JSON.stringify(
    estimateDocument({ job, plan: planJob(job, catalogue), catalogue }, { workshop, minutes: new Map() }).content,
  )

it('says from what to what, when somebody comes, what is done, with the picture; and whose prices they are', () => {
  // Two visits would be another: one is agreed. A flat price for the way shows the sum: 100 with 15 % margin and 20 % tax.
  const rates = { travel: 100, margin: 15, tax: 20, priceSpread: 0, timeSpread: 0 }
  const own = printed({ ...emptyWorkshop, hour: 0, rates: { ...rates, metre: 0, clip: 0, small: 0 } })
  expect(own).toContain('€115')
  expect(own).toContain('2026-12-04, 13:30, Second fix')
  expect(own).toContain('2 joints, 1 piece of pipe')
  expect(own).toContain('<svg')
  expect(own).not.toContain('example prices')
  expect(printed(emptyWorkshop)).toContain('example prices')
})
