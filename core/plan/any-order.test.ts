import fc from 'fast-check'
import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { withoutLengthsMade } from '../job/decisions'
import type { Job } from '../job/job'
import { setLeg, setNode, setRun } from '../edit/edit-run'
import { chooseChain } from '../edit/existing/edit-tie-in'
import { withDirectLengths } from '../pipework/with-direct-lengths'
import { pipeId, sampleJob } from '../testing/sample-run'
import { planJob } from './plan-job'
import { byName } from '../testing/sample-choice'

const [multilayer, joints] = [pipeId('EN ISO 21003', '16'), ['solder', 'press-multilayer'] as const]

/** 28 copper from a tee to an adapter, what goes on from it, and what stands in the tee's branch. */
const start = (): Job =>
  sampleJob({
    pipe: pipeId('EN 1057', '28', 0.9),
    method: 'solder',
    legs: [
      ['open:s', 'north', 700, 'tee:t'],
      ['t', 'north', 900, 'adapter:a'],
      ['a', 'north', 600, 'open:o'],
      ['t', 'up', 100, 'outlet:e'],
    ],
  })
const choose =
  (...fittings: readonly string[]) =>
  (job: Job) =>
    chooseChain(job, 'r1', 'a', {
      fittings: fittings.map((id) => ({ id })),
      joints: joints.map((method) => ({ method })),
    })

/** Decisions that say nothing of one another: each as a page makes it. */
const decisions: readonly ((job: Job) => Job)[] = [
  choose('28 solder × 22 solder reducer', '22 press × 16 multilayer press adapter'),
  (job) => setLeg(job, 'r1', 'l2', { length: 1000 }),
  (job) => setLeg(job, 'r1', 'l3', { length: 800, pipe: multilayer }),
  (job) => setLeg(job, 'r1', 'l4', { state: 'no pipe', length: null }),
  (job) => setNode(job, 'r1', 't', { fitting: byName('28 solder × 28 solder × 1/2 F BSP tee') }),
  (job) => setNode(job, 'r1', 'e', { fitting: byName('1/2 M BSP × 1/2 BSP thread street elbow 90') }),
  (job) => setRun(job, 'r1', { service: 'hot' }),
]

it('the same decisions give the same plan, whichever came first', () => {
  const made = (order: readonly number[]) =>
    planJob(
      order.reduce((job, at) => withoutLengthsMade(decisions[at]!(withDirectLengths(catalogue, job))), start()),
      catalogue,
    )
  const usual = made(decisions.map((_, at) => at))
  // 700 less the tee’s 15.5; the piece of 22 between the two sockets as in made-up-pieces.test.ts.
  expect(usual.pieces.map(({ cut }) => cut)).toEqual([684.5, 952, 48.4, 767.5])
  fc.assert(
    fc.property(
      fc.shuffledSubarray(
        decisions.map((_, at) => at),
        { minLength: decisions.length },
      ),
      (order) => {
        expect(made(order)).toEqual(usual)
      },
    ),
  )
})
