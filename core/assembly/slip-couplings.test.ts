import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { sampleJoint as joint } from '../testing/sample-joint'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts } from '../workshop/costs'
import { assemblyQuestion } from './assembly-question'
import { assemblyOrder } from './order'
import type { AssemblyJoint, AssemblyQuestion } from './question'
import { drawnOver } from './slip-couplings'
import { firstObstacle } from './stepwise'

const mouth = (id: string, parts: [string, string], more: Partial<AssemblyJoint> = {}) =>
  joint(id, parts, { slides: true, inPlace: true, ...more })
const ask = (joints: AssemblyJoint[], fixed: string[] = []): AssemblyQuestion => ({
  joints,
  fixed: new Set(fixed),
  straight: new Map(),
  swings: new Set(),
  near: new Map(),
  extents: new Map(),
  mostCarried: 2500,
})
/** Old pipe, slip coupling c, new pipe p, slip coupling d, old pipe: the mouths on the new pipe named first. */
const cutOut = [
  mouth('c new', ['c', 'p']),
  mouth('d new', ['d', 'p']),
  mouth('c old', ['c', 'old 1']),
  mouth('d old', ['d', 'old 2']),
]

describe('a slip coupling', () => {
  it('is made in place, one mouth right after the other, and none of it on the bench', () => {
    const order = assemblyOrder(ask(cutOut, ['old 1', 'old 2']))
    expect(order.ok && order.steps).toEqual([
      { joint: 'd new', phase: 'water off' },
      { joint: 'd old', phase: 'water off' },
      { joint: 'c new', phase: 'water off' },
      { joint: 'c old', phase: 'water off' },
    ])
  })

  it('that closes new pipe alone is made in its place too, with the water on', () => {
    const order = assemblyOrder(
      ask([mouth('one', ['c', 'p']), joint('a-p', ['a', 'p']), mouth('other', ['c', 'q']), joint('a-q', ['a', 'q'])]),
    )
    expect(order.ok && order.steps.map(({ joint: id, phase }) => `${id} ${phase}`)).toEqual([
      'a-p bench',
      'a-q bench',
      'one in place',
      'other in place',
    ])
  })

  it('cannot be closed once something else was made after its first mouth: it is pushed no more', () => {
    const [cNew, dNew, cOld, dOld] = cutOut as [AssemblyJoint, AssemblyJoint, AssemblyJoint, AssemblyJoint]
    const question = ask(cutOut, ['old 1', 'old 2'])
    expect(firstObstacle(question, [cNew, cOld, dNew, dOld])).toBeNull()
    expect(firstObstacle(question, [cNew, dNew, cOld, dOld])).toMatchObject({ joint: 'd old', kind: 'held' })
    // Another coupling's mouth before it is not its own.
    expect(firstObstacle(question, [dOld, cOld, dNew, cNew])).toMatchObject({ joint: 'c new', kind: 'held' })
  })

  it('takes both its times, and waits as long as the longer', () => {
    const two = [
      mouth('one', ['c', 'main'], { method: 'press-metal', minutes: 7, wait: 3 }),
      mouth('other', ['c', 'p'], { method: 'press-metal', minutes: 5, wait: 30 }),
    ]
    // 7 + 5 with the water off, and the 30 that it sets.
    expect(assemblyOrder(ask(two, ['main']))).toMatchObject({ ok: true, waterOff: 42 })
  })

  it('hurts by its flame what either mouth would, and both mouths are named where a wrap would do', () => {
    // A press joint at either end, and the coupling that must close it last, when its flame finds both made.
    const joints = [
      joint('press', ['main', 'a'], { method: 'press-metal' }),
      mouth('one', ['c', 'a']),
      mouth('other', ['c', 'b']),
      joint('far', ['b', 'tank'], { method: 'press-metal' }),
    ]
    const near = new Map([
      ['press', new Set(['one'])],
      ['one', new Set(['press', 'other'])],
      ['other', new Set(['far'])],
    ])
    const question = { ...ask(joints, ['main', 'tank']), near }
    expect(drawnOver(question).question.near).toEqual(
      new Map([
        ['press', new Set(['one'])],
        ['one', new Set(['press', 'far'])],
      ]),
    )
    // Made first, it leaves the press joints without play.
    const order = assemblyOrder(question)
    expect(order.ok || order.failures[0]?.remedies[0]).toEqual({ joints: ['one', 'other'], changes: ['wet wrap'] })
  })

  it('with one mouth drawn is a joint like another', () => {
    const alone = ask([mouth('one', ['c', 'p'])])
    expect(drawnOver(alone).question).toBe(alone)
    expect(drawnOver(alone).mouthsOf('one')).toEqual(['one'])
  })
})

it('a leak cut out of soldered pipe: each of the two couplings wholly with the water off, its mouths together', () => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 500, 'slip-coupling:c'],
      ['slip-coupling:c', 'east', 300, 'slip-coupling:d'],
      ['slip-coupling:d', 'east', 500, 'tie-in:e'],
    ],
  })
  const question = assemblyQuestion(catalogue, job, planJob(job, catalogue), { costs: shippedCosts, celsius: 20 })
  const order = assemblyOrder(question)
  const at = order.ok ? order.steps.map(({ joint: id }) => id) : []
  for (const id of ['c', 'd']) {
    const places = at.flatMap((of, index) => (of.includes(`/${id}/`) ? [index] : []))
    expect(places).toHaveLength(2)
    expect(places[1]! - places[0]!).toBe(1)
    expect(order.ok && places.map((index) => order.steps[index]!.phase)).not.toContain('bench')
  }
})
