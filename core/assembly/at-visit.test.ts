import { describe, expect, it } from 'vitest'
import { sampleJoint as joint } from '../testing/sample-joint'
import { questionAtVisit } from './at-visit'
import { assemblyOrder } from './order'
import type { AssemblyJoint, AssemblyQuestion } from './question'

const ask = (joints: readonly AssemblyJoint[], near: AssemblyQuestion['near'] = new Map()): AssemblyQuestion => ({
  ...{ joints, near, fixed: new Set(['main']), straight: new Map(), swings: new Set(), extents: new Map() },
  mostCarried: 2500,
})
/** Two fittings of the first visit, a and b, with pipe on each; at the second a piece between the two. */
const first = [joint('a-p', ['a', 'p']), joint('b-q', ['b', 'q'])]
const between = (spring: number) => [
  joint('a-x', ['a', 'x'], { insertion: 15, spring }),
  joint('b-x', ['b', 'x'], { insertion: 15, spring }),
]
const runs = (of: readonly AssemblyJoint[]) =>
  of.map(({ id }) => ({ id, run: first.some((one) => one.id === id) ? 'r1' : 'r2' }))
const second = { runs: ['r2'], before: ['r1'] }
const at = (question: AssemblyQuestion) => questionAtVisit(question, runs(question.joints), second)

describe('the second of two visits', () => {
  it('has its own joints, and what the first made does not move: a stiff piece between two of its fittings goes in nowhere', () => {
    const stiff = at(ask([...first, ...between(0)]))
    expect(stiff.joints.map(({ id }) => id)).toEqual(['a-x', 'b-x'])
    const order = assemblyOrder(stiff)
    expect(order.ok ? [] : order.failures.map(({ obstacle }) => obstacle.kind)).toEqual(['held'])
    expect(assemblyOrder(at(ask([...first, ...between(20)]))).ok).toBe(true)
    // At one visit the fittings still move.
    expect(assemblyOrder(ask([...first, ...between(0)])).ok).toBe(true)
  })

  it('needs the water off only where the first visit’s work hangs on pipe that is there', () => {
    const phases = (of: readonly AssemblyJoint[]) => {
      const order = assemblyOrder(at(ask(of)))
      return order.ok ? order.steps.map(({ phase }) => phase) : []
    }
    expect(phases([...first, ...between(20)])).not.toContain('water off')
    const wet = joint('tie-in', ['main', 'p'])
    const all = [...first, wet, ...between(20)]
    const question = questionAtVisit(
      ask(all),
      [...runs(all).filter(({ id }) => id !== 'tie-in'), { id: 'tie-in', run: 'r1' }],
      second,
    )
    const order = assemblyOrder(question)
    expect(order.ok && order.steps.some(({ phase }) => phase === 'water off')).toBe(true)
  })

  it('lights no flame beside rubber that the first has made', () => {
    const rubber = joint('a-p', ['a', 'p'], { method: 'press-metal' })
    const hot = joint('a-x', ['a', 'x'], { method: 'solder' })
    const near = new Map([
      ['a-p', new Set(['a-x'])],
      ['a-x', new Set(['a-p'])],
    ])
    const order = assemblyOrder(at(ask([rubber, hot], near)))
    expect(order.ok ? [] : order.failures.map(({ obstacle }) => obstacle.kind)).toEqual(['heat'])
    // In one go the flame comes first.
    expect(assemblyOrder(ask([rubber, hot], near)).ok).toBe(true)
  })
})
