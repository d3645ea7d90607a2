import { countedIds } from '../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { planJob } from '../plan/plan-job'
import { lengthOf, plus, type Vector } from '../quantity/vector'
import { closingErrors, closingsOf } from '../run/closing'
import { layOut } from '../run/layout'
import { levelsOf } from '../run/levels'
import { said } from '../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { spreadClosing, takeUpIn } from './legs/close-run'
import { addLeg, removeLeg } from './edit-run'
import { joinPlace, pressKey, startEntry, type Entered } from './legs/entry'
import { nodeAhead } from './legs/join-to'
import { addRun, emptyJob } from './new-job'
import { systemsOf } from '../job/system'

const copper = pipeId('EN 1057', '22', 0.9)
const job = (legs: SampleRun['legs']): Job => sampleJob({ pipe: copper, method: 'solder', legs })

/** From a tie-in 400 east to a tee; from there a square of four sides, the last one back onto the tee's branch. */
const square = (last: number): Job =>
  job([
    ['tie-in:s', 'east', 400, 'tee:t'],
    ['tee:t', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'elbow:b'],
    ['elbow:b', 'west', 1000, 'elbow:c'],
    ['elbow:c', 'south', last, 'tee:t'],
  ])
const atOrigin: [number, number, number] = [0, 0, 0]
const lengths = (of: Job) => of.legs.map(({ length }) => length)
const closing = (of: Job) => closingErrors(layOut(systemsOf(of)[0]!))

describe('a square of elbows closed on a tee', () => {
  it('has one piece a side, cut by the same take-offs all round, and a tee with three pipes', () => {
    const plan = planJob(square(500), catalogue)
    expect(plan.closing).toEqual([{ run: 'r1', leg: 'l5', x: 0, y: 0, z: 0 }])
    // From the table for 22: an elbow's stop 14.6 from its centre, a tee's 12.5 and at its branch 13.5; a coupling whole 1.6, from where the existing pipe stops.
    const [tee, branch, coupling] = [12.5, 13.5, 1.6]
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([
      expect.closeTo(400 - coupling - tee, 6),
      expect.closeTo(1000 - tee - 14.6, 6),
      expect.closeTo(500 - 2 * 14.6, 6),
      expect.closeTo(1000 - 2 * 14.6, 6),
      expect.closeTo(500 - branch - 14.6, 6),
    ])
    expect(plan.parts.filter(({ kind }) => kind === 'fitting')).toHaveLength(5)
    expect(plan.joints).toHaveLength(10)
    expect(plan.checks.filter(({ rule }) => rule === 'closing' || rule === 'connected')).toEqual([])
  })

  it('what hangs on nothing closes on nothing: neither a fixed point nor a loop of it is told by how much it misses', () => {
    const apart = square(506)
    const detached = { ...apart, legs: apart.legs.filter(({ id }) => id !== 'l1') }
    expect(closing(detached)).toEqual([])
    const fixed = detached.nodes.map((node) => (node.id === 'c' || node.id === 's' ? { ...node, at: atOrigin } : node))
    expect(closing({ ...detached, nodes: fixed })).toEqual([])
  })

  it('misses its start by what a side is too long, and says which leg closes it', () => {
    const plan = planJob(square(506), catalogue)
    expect(plan.closing).toEqual([{ run: 'r1', leg: 'l5', x: 0, y: 6, z: 0 }])
    const check = plan.checks.find(({ rule }) => rule === 'closing')!
    expect(check).toMatchObject({ leg: 'l5', where: 'Run, leg 5', verdict: 'caution' })
    expect(said(check)!.replaceAll(/\s/g, ' ')).toContain('misses its start by 0 mm east, 6 mm north, 0 mm up')
  })

  it('is closed in one leg, or by all in the direction, each by its share', () => {
    expect(lengths(takeUpIn(square(506), 'r1', 'l3'))).toEqual([400, 1000, 506, 1000, 506])
    expect(lengths(takeUpIn(square(506), 'r1', 'l5'))).toEqual([400, 1000, 500, 1000, 500])
    expect(() => takeUpIn(square(506), 'r1', 'l1')).toThrow(/leg 1: not on the way/)
    // 6 over 500 and 506: 2.98 and 3.02.
    const spread = spreadClosing(square(506), 'r1')
    expect(lengths(spread)).toEqual([400, 1000, 502.982, 1000, 502.982])
    expect(closing(spread)).toEqual([{ run: 'r1', leg: 'l5', x: 0, y: 0, z: 0 }])
  })

  it('two loops that share a side, and a fixed end, close together', () => {
    const ladder = job([
      ['tie-in:s', 'east', 1000, 'tee:a'],
      ['tee:a', 'north', 500, 'tee:b'],
      ['tee:b', 'west', 1003, 'elbow:c'],
      ['elbow:c', 'south', 500, 'tie-in:s'],
      ['tee:a', 'east', 800, 'elbow:d'],
      ['elbow:d', 'north', 507, 'elbow:e'],
      ['elbow:e', 'west', 798, 'tee:b'],
    ])
    const fixed: Job = {
      ...ladder,
      nodes: ladder.nodes.map((node) =>
        node.id === 's' ? { ...node, at: [0, 0, 0] } : node.id === 'e' ? { ...node, at: [1805, 505, 0] } : node,
      ),
    }
    expect(closing(fixed).filter(({ x, y }) => x !== 0 || y !== 0)).toHaveLength(3)
    for (const { x, y, z } of closing(spreadClosing(fixed, 'r1'))) expect(Math.hypot(x, y, z)).toBeLessThan(0.02)
  })

  it('without the leg that closed it is a run with two open ends; what hung on it alone goes with a leg', () => {
    const opened = removeLeg(square(500), 'r1', 'l5')
    expect(opened.nodes.map(({ id, kind }) => [id, kind])).toEqual([
      ['s', 'tie-in'],
      ['t', 'tee'],
      ['a', 'elbow'],
      ['b', 'elbow'],
      ['c', 'open'],
    ])
    expect(removeLeg(square(500), 'r1', 'l3').nodes).toHaveLength(5)
    expect(removeLeg(square(500), 'r1', 'l1').nodes.map(({ id }) => id)).toEqual(['s'])
  })

  it('keeps no more water than its lowest side', () => {
    const upright = job([
      ['tie-in:s', 'east', 400, 'tee:t'],
      ['tee:t', 'down', 500, 'elbow:a'],
      ['elbow:a', 'east', 1000, 'elbow:b'],
      ['elbow:b', 'up', 500, 'elbow:c'],
      ['elbow:c', 'west', 1000, 'tee:t'],
    ])
    const [low] = levelsOf(layOut(systemsOf(upright)[0]!)).points.filter(({ kind }) => kind === 'low')
    expect(low!.keeps).toEqual(
      expect.arrayContaining([
        { leg: 'l2', length: 500 },
        { leg: 'l3', length: 1000 },
        { leg: 'l4', length: 500 },
      ]),
    )
    expect(low!.keeps).toHaveLength(3)
  })
})

describe('round any loop', () => {
  const directions = ['east', 'north', 'up', 'west', 'south', 'down'] as const
  const steps = fc.array(fc.record({ to: fc.constantFrom(...directions), mm: fc.integer({ min: 100, max: 3000 }) }), {
    minLength: 2,
    maxLength: 12,
  })
  it('the laid lengths add up to its closing error, whichever way a leg was drawn', () => {
    fc.assert(
      fc.property(steps, fc.integer({ min: 100, max: 3000 }), fc.boolean(), (drawn, last, isTurned) => {
        const legs = drawn.map(
          ({ to, mm }, at) => [`elbow:n${at}`, to, mm, `elbow:n${at + 1}`] as SampleRun['legs'][number],
        )
        const ring = job([...legs, [`elbow:n${drawn.length}`, 'east', last, 'elbow:n0']])
        const turned: Job = {
          ...ring,
          legs: ring.legs.map((leg, at) =>
            isTurned && at === 1 ? { ...leg, from: leg.to, to: leg.from, direction: back(leg.direction) } : leg,
          ),
        }
        const [closed] = closingsOf(layOut(systemsOf(turned)[0]!))
        const sum = closed!.path.reduce<Vector>((at, { leg, along }) => plus(at, along, leg.length!), [0, 0, 0])
        expect(lengthOf(plus(sum, closed!.error))).toBeLessThan(1e-6)
        expect(closed!.path).toHaveLength(drawn.length + 1)
      }),
    )
  })
  const opposites = { east: 'west', west: 'east', north: 'south', south: 'north', up: 'down', down: 'up' } as const
  const back = (direction: unknown) => opposites[direction as keyof typeof opposites]
})

describe('key J', () => {
  const type = (keys: readonly string[], from?: Entered): Entered => {
    const { job: empty } = addRun(emptyJob('Typed', 'metric', 'metric'), countedIds)
    return keys.reduce<Entered>(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state,
      from ?? { job: empty, entry: startEntry('r1', systemsOf(empty)[0]!) },
    )
  }
  const legs = ({ job: of }: Entered) => of.legs.map(({ from, to, direction, length }) => [from, to, direction, length])
  const three = ['ArrowRight', ...'1000', 'Enter', 'ArrowUp', ...'500', 'Enter', 'ArrowLeft', ...'1000', 'Enter']

  it('leads to what lies ahead, by what is left or by what was measured, and makes of both ends what they need', () => {
    const closed = type([...three, 'ArrowDown', 'j'])
    expect(legs(closed).at(-1)).toEqual(['n4', 'n1', 'south', 500])
    expect(closed.job.nodes.map(({ kind }) => kind)).toEqual(['elbow', 'elbow', 'elbow', 'elbow'])
    expect(closed.entry).toMatchObject({ cursor: 'n1', typed: '', problem: '' })
    expect(legs(type([...three, 'ArrowDown', ...'504', 'j'])).at(-1)).toEqual(['n4', 'n1', 'south', 504])
    // Backspace takes back the leg that was drawn last, though pipe goes on from where it leads.
    expect(legs(type(['Backspace'], closed))).toHaveLength(3)
  })

  it('asks for the place where nothing lies ahead; a coupling that is reached becomes a tee', () => {
    const line = type(['ArrowRight', ...'600', 'Enter', ...'400', 'Enter', 'ArrowUp', ...'500', 'Enter'])
    const other = type(['ArrowLeft', ...'400', 'Enter', 'j'], line)
    expect(other.entry.joining).toBe(true)
    expect(type(['j'], other).entry.joining).toBe(false)
    const joined = joinPlace(other.job, countedIds, other.entry, { to: 'n2' })
    expect(legs(joined).at(-1)).toEqual(['n5', 'n2', 'south', 500])
    expect(joined.job.nodes.map(({ kind }) => kind)).toEqual(['open', 'tee', 'elbow', 'elbow', 'elbow'])
  })

  it('says why not, and changes nothing', () => {
    const drawn = type(three)
    const problem = (to: string, more: Partial<Entered['entry']> = {}) => {
      const tried = joinPlace(drawn.job, countedIds, { ...drawn.entry, ...more }, { to })
      expect(tried.job).toBe(drawn.job)
      return tried.entry.problem
    }
    expect(problem('n4')).toContain('where the leg begins')
    expect(problem('n1', { typed: '-' })).toContain('Length:')
    expect(problem('n3')).toContain('no more legs fit there')
    expect(problem('n2')).toContain('no more legs fit there')
    expect(joinPlace(drawn.job, countedIds, drawn.entry, { to: 'n1', direction: 'north' }).entry.problem).toContain(
      'does not lie this way',
    )
  })
})

describe('what lies ahead', () => {
  /** From the start a leg up; three stubs end about 3 m, 2.9 m and 200 mm east of it, and one behind it. */
  const about = (north: number) =>
    job([
      ['tee:s', 'up', 500, 'open:u'],
      ['tee:s', 'south', 400, 'elbow:a'],
      ['elbow:a', 'east', 3000, 'elbow:b'],
      ['elbow:b', 'north', 400 + north, 'open:far'],
      ['elbow:a', 'west', 300, 'elbow:c'],
      ['elbow:c', 'north', 400, 'open:behind'],
    ])
  it('is what lies within 3 in 100 of the line, or 50 mm; never what lies behind', () => {
    expect(nodeAhead(about(0), 'r1', 's', 'east')).toBe('far')
    expect(nodeAhead(about(85), 'r1', 's', 'east')).toBe('far')
    expect(nodeAhead(about(95), 'r1', 's', 'east')).toBeNull()
    expect(nodeAhead(about(0), 'r1', 's', 'west')).toBe('behind')
    const near = addLeg(about(0), countedIds, 'r1', {
      from: 'behind',
      direction: { bearing: 85, pitch: 0 },
      length: 500,
    })
    // 198 east of the start and 44 beside the line.
    expect(nodeAhead(near.job, 'r1', 's', 'east')).toBe(near.node)
  })

  it('is the nearest of several, in whichever order they were drawn', () => {
    const drawn = about(0)
    for (const nodes of [drawn.nodes, drawn.nodes.toReversed()]) {
      const between = addLeg({ ...drawn, nodes }, countedIds, 'r1', { from: 'far', direction: 'west', length: 900 })
      expect(nodeAhead(between.job, 'r1', 's', 'east')).toBe(between.node)
      const first = { ...between.job, nodes: between.job.nodes.toReversed() }
      expect(nodeAhead(first, 'r1', 's', 'east')).toBe(between.node)
    }
  })
})
