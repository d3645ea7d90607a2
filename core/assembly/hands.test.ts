import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sampleJoint as joint } from '../testing/sample-joint'
import { handsAt, inHands } from './hands'
import { assemblyOrder } from './order'
import type { AssemblyJoint, AssemblyQuestion } from './question'
import { schedule } from './schedule'
import { firstObstacle } from './stepwise'

const ask = (joints: readonly AssemblyJoint[], more: Partial<AssemblyQuestion> = {}): AssemblyQuestion => ({
  joints,
  fixed: new Set(['main', 'tank']),
  straight: new Map(),
  swings: new Set(),
  near: new Map(),
  extents: new Map(),
  mostCarried: 2500,
  ...more,
})
const steps = (phase: 'bench' | 'water off', ...ids: string[]) => ids.map((of) => ({ joint: of, phase }))
const dealt = (question: AssemblyQuestion, order: ReturnType<typeof steps>, pairs = 2, shutting = 0) =>
  inHands(question, order, { pairs, real: new Map(), shutting }).map(
    (of) => `${of.joint} by ${of.pair} ${of.start}-${of.end}`,
  )
const cold = (id: string, parts: [string, string], more: Partial<AssemblyJoint> = {}) =>
  joint(id, parts, { method: 'press-metal', ...more })

describe('two pairs of hands', () => {
  it('make two things that are apart at once, and one after the other where one pair is there', () => {
    const question = ask([cold('a', ['tee', 'p'], { minutes: 30 }), cold('b', ['elbow', 'q'], { minutes: 20 })])
    expect(dealt(question, steps('bench', 'a', 'b'))).toEqual(['a by 1 0-30', 'b by 2 0-20'])
    expect(dealt(question, steps('bench', 'a', 'b'), 1)).toEqual(['a by 1 0-30', 'b by 1 30-50'])
  })

  it('do not work on what the other holds: they take what comes later and is apart', () => {
    const question = ask([cold('a-p', ['a', 'p']), cold('p-b', ['b', 'p']), cold('c-q', ['c', 'q'])])
    expect(dealt(question, steps('bench', 'a-p', 'p-b', 'c-q'))).toEqual([
      'a-p by 1 0-10',
      'c-q by 2 0-10',
      'p-b by 1 10-20',
    ])
  })

  it('may both work on the old pipe, which moves with nothing, once the water is off and both have come', () => {
    const question = ask([
      cold('bench', ['x', 'p'], { minutes: 8 }),
      cold('one', ['a', 'main']),
      cold('two', ['b', 'main']),
    ])
    const order = [...steps('bench', 'bench'), ...steps('water off', 'one', 'two')]
    expect(dealt(question, order, 2, 17)).toEqual(['bench by 1 0-8', 'one by 1 25-35', 'two by 2 25-35'])
  })

  it('do not solder where the other’s rubber is', () => {
    const joints = [joint('flame', ['a', 'p']), cold('rubber', ['b', 'q'])]
    const near = new Map([['flame', new Set(['rubber'])]])
    expect(dealt(ask(joints, { near }), steps('bench', 'flame', 'rubber'))).toEqual([
      'flame by 1 0-10',
      'rubber by 1 10-20',
    ])
  })

  it('a mouth is made in the heat of the one before it, whoever made that one', () => {
    const question = ask([joint('one', ['c', 'p']), joint('two', ['c', 'q']), cold('x', ['d', 'r'], { minutes: 10 })])
    expect(dealt(question, steps('bench', 'one', 'x', 'two'))).toEqual([
      'one by 1 0-10',
      'x by 2 0-10',
      'two by 1 10-11',
    ])
    expect(handsAt(question.joints[2], question.joints[1]!)).toBe(10)
    expect(handsAt(undefined, question.joints[1]!)).toBe(10)
    // A joint that takes less than a minute takes no more for being hot.
    expect(handsAt(question.joints[0], { ...question.joints[1]!, minutes: 0.5 })).toBe(0.5)
  })

  it('keep to the order that was found where theirs could not be made', () => {
    // A slip coupling's second mouth comes right after its first: the other pair may not begin between them.
    const slips = { slides: true, inPlace: true }
    const question = ask([
      cold('one', ['c', 'main'], slips),
      cold('two', ['c', 'tank'], slips),
      cold('apart', ['d', 'q'], { minutes: 4 }),
    ])
    expect(dealt(question, steps('water off', 'one', 'two', 'apart'))).toEqual([
      'one by 1 0-10',
      'two by 1 10-20',
      'apart by 2 10-14',
    ])
  })

  it('never take longer than one pair, and what they make can be made as they make it', () => {
    const parts = ['main', 'tank', 'a', 'b', 'c', 'd', 'e', 'f']
    const joints = fc.array(
      fc.record({
        ends: fc.tuple(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 2, max: 7 })).filter(([a, b]) => a !== b),
        method: fc.constantFrom<AssemblyJoint['method'][]>('solder', 'press-metal', 'compression'),
        minutes: fc.integer({ min: 1, max: 20 }),
        wait: fc.constantFrom(0, 0, 30),
        needsNoPlay: fc.boolean(),
      }),
      { minLength: 1, maxLength: 8 },
    )
    let sooner = 0
    fc.assert(
      fc.property(joints, (list) => {
        const question = ask(
          list.map(({ ends, ...more }, index) => joint(`j${index}`, [parts[ends[0]]!, parts[ends[1]]!], more)),
        )
        const order = assemblyOrder(question)
        if (!order.ok) return
        const [one, two] = [1, 2].map((pairs) =>
          schedule(question, order.steps, new Map(), { before: [], after: [], pairs }),
        )
        expect(two!.whole).toBeLessThanOrEqual(one!.whole)
        if (two!.whole < one!.whole) sooner += 1
        const made = two!.steps.map((step) => question.joints.find(({ id }) => id === step.joint)!)
        expect(firstObstacle(question, made)).toBeNull()
        expect(new Set(made).size).toBe(list.length)
      }),
    )
    expect(sooner).toBeGreaterThan(0)
  })
})
