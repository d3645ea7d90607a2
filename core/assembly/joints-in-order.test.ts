import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts as costs } from '../workshop/costs'
import { assemblyQuestion } from './assembly-question'
import { jointsInOrder } from './joints-in-order'
import { assemblyOrder } from './order'

describe('the joints in the order of the work', () => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 500, 'elbow:a'],
      ['elbow:a', 'north', 600, 'tap:t'],
    ],
  })
  const { joints } = planJob(job, catalogue)

  it('is that of the plan of work, the bench first and the old pipe last', () => {
    const order = assemblyOrder(
      assemblyQuestion(catalogue, job, { ...planJob(job, catalogue) }, { costs, celsius: 20 }),
    )
    if (!order.ok) throw new Error('there is an order')
    const inOrder = jointsInOrder(joints, order.steps)
    expect(inOrder.map(({ joint }) => joint.id)).toEqual(order.steps.map(({ joint }) => joint))
    // By number the joint on the old pipe is the first.
    expect(inOrder.at(-1)).toMatchObject({ joint: { number: 1, node: 's' }, phase: 'water off' })
    expect(inOrder[0]).toMatchObject({ phase: 'bench' })
  })

  it('puts what has no turn after the rest, by number', () => {
    const turn = { joint: joints[2]!.id, phase: 'bench' } as const
    expect(jointsInOrder(joints, [turn]).map(({ joint: { number }, phase }) => [number, phase])).toEqual([
      [3, 'bench'],
      ...joints.flatMap(({ number }) => (number === 3 ? [] : [[number, null]])),
    ])
  })

  it('is by number where none is known', () => {
    expect(jointsInOrder([...joints].reverse(), null).map(({ joint }) => joint)).toEqual(joints)
  })
})
