import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { shippedCosts as costs } from '../workshop/costs'
import { assemblyQuestion } from './assembly-question'
import { handsAt } from './hands'
import { assemblyOrder } from './order'
import type { AssemblyJoint, AssemblyQuestion } from './question'
import { firstObstacle } from './stepwise'

const permutations = <Item>(items: readonly Item[]): Item[][] =>
  items.length === 0
    ? [[]]
    : items.flatMap((item, index) => permutations(items.toSpliced(index, 1)).map((rest) => [item, ...rest]))

/** Minutes from the first joint on old pipe until water may stand on all made since; counted here by itself. */
function offIn(order: readonly AssemblyJoint[], { fixed }: AssemblyQuestion): number {
  const first = order.findIndex(({ parts }) => parts.some((part) => fixed.has(part)))
  let [at, ready] = [0, 0]
  for (const [index, joint] of (first < 0 ? [] : order.slice(first)).entries()) {
    at += handsAt(index === 0 ? undefined : order[first + index - 1], joint)
    ready = Math.max(ready, at + joint.wait)
  }
  return ready
}

const asked = (run: Pick<SampleRun, 'legs' | 'method' | 'pipe'>): AssemblyQuestion => {
  const job = sampleJob(run)
  return assemblyQuestion(catalogue, job, planJob(job, catalogue), { costs, celsius: 20 })
}
const copper = { pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' } as const
const steel = { pipe: pipeId('EN 10255', '3/4', 'medium'), method: 'thread' } as const

describe('a Z between two tie-ins', () => {
  const closedBy = (kind: 'slip-coupling' | 'union'): SampleRun['legs'] => [
    ['tie-in:s', 'east', 500, 'elbow:a'],
    ['elbow:a', 'north', 300, `${kind}:c`],
    [`${kind}:c`, 'north', 300, 'elbow:b'],
    ['elbow:b', 'east', 400, 'tie-in:e'],
  ]
  const sprung: SampleRun['legs'] = [
    ['tie-in:s', 'east', 500, 'elbow:a'],
    ['elbow:a', 'north', 1500, 'elbow:b'],
    ['elbow:b', 'east', 400, 'tie-in:e'],
  ]

  it.each([
    // The two at the old ends, 5 each, and 5 for the last to cool.
    ['that springs back', sprung, 15],
    // Besides them the coupling's two mouths in one heat, 5 and 1.
    ['with a slip coupling', closedBy('slip-coupling'), 21],
    // Besides them the union's nut.
    ['with a union', closedBy('union'), 20],
  ] as const)(
    '%s is as short of water as in any order of all',
    (_, legs, minutes) => {
      const question = asked({ ...copper, legs })
      const order = assemblyOrder(question)
      const all = permutations(question.joints).filter((of) => firstObstacle(question, of) === null)
      expect(order).toMatchObject({ ok: true, waterOff: minutes })
      expect(Math.min(...all.map((of) => offIn(of, question)))).toBe(minutes)
    },
    60_000,
  )
})

describe('threaded steel', () => {
  it('between two old ends is closed by a union and by nothing else', () => {
    const between = (kind: 'union' | 'coupling'): SampleRun['legs'] => [
      ['tie-in:s', 'east', 600, `${kind}:u`],
      [`${kind}:u`, 'east', 600, 'tie-in:e'],
    ]
    expect(assemblyOrder(asked({ ...steel, legs: between('union') })).ok).toBe(true)
    const stiff = assemblyOrder(asked({ ...steel, legs: between('coupling') }))
    expect(stiff.ok || stiff.failures.flatMap(({ remedies }) => remedies.map(({ changes }) => changes))).toContainEqual(
      ['union'],
    )
  })

  it('of a spur is screwed together piece by piece on the bench, an elbow on each: 30 minutes of water off, not 60', () => {
    const question = asked({
      ...steel,
      legs: [
        ['tie-in:s', 'east', 400, 'elbow:a'],
        ['elbow:a', 'north', 300, 'elbow:b'],
        ['elbow:b', 'up', 300, 'cap:e'],
      ],
    })
    const order = assemblyOrder(question)
    const all = permutations(question.joints).filter((of) => firstObstacle(question, of) === null)
    // With the water off three joints of 10 each: each piece turns in with what is in line on it.
    expect(order).toMatchObject({ ok: true, waterOff: 30 })
    expect(30).toBe(Math.min(...all.map((of) => offIn(of, question))))
  })
})
