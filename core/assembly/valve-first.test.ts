import { describe, expect, it } from 'vitest'
import { sampleJoint as joint } from '../testing/sample-joint'
import { profiles } from '../workshop/profile'
import type { AssemblyStep } from './phases'
import type { AssemblyQuestion } from './question'
import { schedule } from './schedule'
import { offWithValveFirst } from './valve-first'
import { waterSteps } from './water-off'

const joints = [
  joint('bench', ['p', 'q'], { minutes: 8 }),
  joint('tie', ['coupling', 'old'], { minutes: 10 }),
  joint('stub', ['coupling', 'p'], { minutes: 10 }),
  joint('behind', ['q', 'r'], { minutes: 12 }),
  joint('last', ['r', 's'], { minutes: 7 }),
]
const question = (of: Partial<AssemblyQuestion> = {}): AssemblyQuestion => ({
  joints,
  fixed: new Set(['old']),
  straight: new Map(),
  swings: new Set(),
  near: new Map(),
  extents: new Map(),
  mostCarried: 2000,
  ...of,
})
const steps: readonly AssemblyStep[] = [
  { joint: 'bench', phase: 'bench' },
  { joint: 'tie', phase: 'water off' },
  { joint: 'behind', phase: 'water off' },
  { joint: 'stub', phase: 'water off' },
  { joint: 'last', phase: 'water off' },
]
/** 3 to shut, 10 to drain, 4 for the cut; 5 each to refill, purge and look. */
const beside = waterSteps(profiles.metric, 1, new Map())
const off = (of = question(), by = steps, real = new Map<string, number>()) => offWithValveFirst(of, by, real, beside)

describe('a shut-off at each cut, put in first', () => {
  it('leaves the joints at the cut to be made without water: both mouths in one heat, 17 + 11 + 15 instead of 17 + 39 + 15', () => {
    expect(schedule(question(), steps, new Map(), beside).waterOff).toBe(71)
    expect(off()).toBe(43)
  })

  it('goes by what a joint really took', () => {
    expect(off(question(), steps, new Map([['tie', 25]]))).toBe(58)
  })

  it('gains nothing where only the joints at the cut are left for then, or where the water stays on', () => {
    expect(
      off(
        question(),
        steps.filter(({ joint: id }) => id !== 'behind' && id !== 'last'),
      ),
    ).toBeNull()
    expect(off(question({ fixed: new Set() }))).toBeNull()
  })

  it('is not proposed where what is left would hurt what stands already', () => {
    const hot = joints.map((of) =>
      of.id === 'last' ? { ...of, method: 'solder' as const } : { ...of, method: 'press-metal' as const },
    )
    const near = new Map([['last', new Set(['tie', 'stub'])]])
    expect(off(question({ joints: hot, near }))).toBeNull()
    // Pressed, each of the two takes its ten minutes.
    expect(off(question({ joints: hot }))).toBe(52)
  })
})
