import fc from 'fast-check'
import loadHighs from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { pipeId } from '../testing/sample-run'
import { columnBound, newBars } from './column-bound'
import { cuttingProblem } from './cutting-problem'
import { drawBar } from '../draw/draw-bar'
import { layFirstFit } from './first-fit'
import { highsSolver } from './highs-solver'
import { layPieces } from './lay-pieces'
import { bookingSchema, cutsJust, stockQuestionSchema } from './rack'
import { allRemaining, combine, costOf, dive } from './search-patterns'
import type { Solver } from './solver'
import { usualStockLength } from './stock-length'
import { stepsOf } from './units'

const copper = pipeId('EN 1057', '22', 0.9)
const pex = pipeId('EN ISO 15875', '16')

describe('a job’s pieces on stock', () => {
  it('are laid by pipe, each on its own stock length; what has no length yet is named', () => {
    const pieces = [
      { id: 'P1', pipe: copper, blank: 1800 },
      { id: 'P2', pipe: pex, blank: 4000 },
      { id: 'P3', pipe: copper, blank: null },
      { id: 'P4', pipe: copper, blank: 1300 },
      { id: 'P5', pipe: copper, blank: 3200 },
    ]
    const [first, second] = layPieces(shippedCatalogue, pieces, { lengths: {}, kerf: 0, keep: 300 })
    expect(first).toMatchObject({ pipe: copper, length: 3000, unknown: ['P3'], tooLong: [{ id: 'P5', length: 3200 }] })
    expect(first!.bars.map((bar) => bar.pieces.map(({ id }) => id))).toEqual([['P1'], ['P4']])
    // PEX comes in coils.
    expect(second).toMatchObject({ pipe: pex, length: 25_000, bars: [{ rest: 21_000 }] })
  })

  it('a piece of no length, or of less, is not laid but named', () => {
    const pieces = [-5, 0, 0.5].map((blank) => ({ id: `of ${blank}`, pipe: copper, blank }))
    const [laid] = layPieces(shippedCatalogue, pieces, undefined)
    expect(laid).toMatchObject({ unknown: ['of -5', 'of 0'], pieces: [{ id: 'of 0.5', length: 0.5 }] })
    expect(laid!.bars).toHaveLength(1)
  })

  it('go on the length that the job says', () => {
    const [laid] = layPieces(shippedCatalogue, [{ id: 'P1', pipe: copper, blank: 1800 }], {
      lengths: { [copper]: 2000 },
      kerf: 2,
      keep: 300,
    })
    expect(laid).toMatchObject({ length: 2000, bars: [{ rest: 198 }] })
  })
})

describe('the usual length', () => {
  const usual = (standard: string, nominal: string, having?: string | number) =>
    usualStockLength(shippedCatalogue.pipe(pipeId(standard, nominal, having))!)
  it('metric in 3 m or coils of 25 m, inch in 10 ft or coils of 100 ft, steel in 6 m or 21 ft', () => {
    const soft = shippedCatalogue.pipes.filter(({ temper }) => temper === 'soft')
    expect(usual('EN 1057', '22', 0.9)).toBe(3000)
    expect(usual('EN ISO 15875', '16')).toBe(25_000)
    expect(usual('ASTM F876', '1/2', 'pex-b')).toBeCloseTo(100 * 304.8, 6)
    expect(usual('ASTM B88', '1/2', 'L')).toBeCloseTo(10 * 304.8, 6)
    expect(usual('EN 10255', '1/2')).toBe(6000)
    const inchSteel = shippedCatalogue.pipes.find(
      ({ material, standard }) => material === 'galvanised-steel' && standard.startsWith('ASTM'),
    )!
    expect(usualStockLength(inchSteel)).toBeCloseTo(21 * 304.8, 6)
    for (const pipe of soft) expect(usualStockLength(pipe)).toBeGreaterThanOrEqual(25_000)
    expect(soft.length).toBeGreaterThan(0)
  })
})

describe('a drawn bar', () => {
  it('has its pieces one after another, to scale, and the rest after them', () => {
    const { parts, restShare } = drawBar({
      length: 3000,
      pieces: [
        { id: 'a', length: 1500 },
        { id: 'b', length: 750 },
      ],
      rest: 750,
    })
    expect(parts.map(({ id, from, share }) => [id, from, share])).toEqual([
      ['a', 0, 0.5],
      ['b', 0.5, 0.25],
    ])
    expect(restShare).toBe(0.25)
  })
})

describe('whole steps', () => {
  it('never give a piece too few or a bar too many', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60_000 }), fc.constantFrom(1, 0.5, 0.1, 1.5875), (tenths, step) => {
        const mm = tenths / 10
        const [up, down, nearest] = (['up', 'down', 'nearest'] as const).map((towards) => stepsOf(mm, step, towards))
        expect(up! * step).toBeGreaterThanOrEqual(mm - step * 1e-3)
        expect(down! * step).toBeLessThanOrEqual(mm + step * 1e-3)
        expect(up! - down!).toBeLessThanOrEqual(1)
        expect(Math.abs(nearest! * step - mm)).toBeLessThanOrEqual(step / 2 + 1e-9)
      }),
    )
  })
})

describe('what a cutting plan is made of', () => {
  let solver: Solver
  beforeAll(async () => {
    solver = highsSolver(await loadHighs())
  })
  const problems = fc
    .record({
      lengths: fc.array(fc.integer({ min: 200, max: 1800 }), { minLength: 1, maxLength: 25 }),
      rack: fc.array(fc.integer({ min: 500, max: 2500 }), { maxLength: 4 }),
      kerf: fc.integer({ min: 0, max: 3 }),
    })
    .map(({ lengths, rack, kerf }) =>
      cuttingProblem(
        {
          pieces: lengths.map((length, index) => ({ id: `p${index}`, length })),
          barLength: 3000,
          kerf,
          offcuts: rack.map((length, index) => ({ id: `o${index}`, length })),
        },
        'up',
      ),
    )
  type Problem = ReturnType<typeof cuttingProblem>
  const meets = ({ sizes, sources, demand }: Problem, bars: ReturnType<typeof layFirstFit>) => {
    const laid = demand.map((_, kind) => bars.reduce((sum, { counts }) => sum + counts[kind]!, 0))
    expect(laid).toEqual(demand)
    for (const { source, counts } of bars) {
      const load = counts.reduce((sum, count, kind) => sum + count * sizes[kind]!, 0)
      expect(load).toBeLessThanOrEqual(sources[source]!.capacity)
      expect(load).toBeGreaterThan(0)
    }
    sources.slice(1).forEach(({ offcuts }, index) => {
      expect(bars.filter(({ source }) => source === index + 1).length).toBeLessThanOrEqual(offcuts.length)
    })
  }

  it('a first fit, a dive and a combination each lay all that is wanted and no bar too full', () => {
    fc.assert(
      fc.property(problems, fc.integer({ min: 0, max: 2 }), (problem, aside) => {
        const first = layFirstFit(problem)
        meets(problem, first)
        const pool = [...first]
        const found = dive(problem, pool, solver, {
          goal: 0,
          below: Infinity,
          choose: (step, among) => (step === aside ? 1 % among : 0),
        })
        meets(problem, found!)
        const combined = combine(problem, pool, solver, 2)
        meets(problem, combined!)
        // The pool holds the first fit itself, so nothing that is combined from it can be worse.
        expect(costOf(problem, combined!)).toBeLessThanOrEqual(costOf(problem, first))
      }),
      { numRuns: 40 },
    )
  })

  const ofLengths = (lengths: number[], offcuts: number[] = []) =>
    cuttingProblem(
      {
        pieces: lengths.map((length, index) => ({ id: `p${index}`, length })),
        barLength: 3000,
        kerf: 0,
        offcuts: offcuts.map((length, index) => ({ id: `o${index}`, length })),
      },
      'up',
    )

  it('an offcut is laid as often as it is there, and no more', () => {
    // Three pieces of 2000: one on the offcut, and two new bars, each with a third of it left over.
    const problem = ofLengths([2000, 2000, 2000], [2100])
    const bound = columnBound(problem, allRemaining(problem), [], solver)!
    expect(newBars(bound.cost)).toBe(2)
    const none = columnBound(problem, { demand: [3], supply: [Infinity, 0] }, [], solver)!
    expect(newBars(none.cost)).toBe(3)
  })

  it('a pattern that holds more than is still wanted, or lies on an offcut that is gone, is not counted on', () => {
    const problem = ofLengths([1000, 1000, 1000, 2000], [1100])
    const kinds = problem.sizes.length
    const whole = problem.sizes.indexOf(Math.min(...problem.sizes))
    const three = { source: 0, counts: problem.sizes.map((_, at) => (at === whole ? 3 : 0)) }
    const onOffcut = { source: 1, counts: problem.sizes.map((_, at) => (at === whole ? 1 : 0)) }
    const demand = problem.sizes.map((_, at) => (at === whole ? 1 : 0))
    const bound = columnBound(problem, { demand, supply: [Infinity, 0] }, [three, onOffcut], solver)!
    expect(kinds).toBe(2)
    expect(bound.cost).toBeCloseTo(1, 6)
    expect(bound.used.every(({ pattern }) => pattern.counts[whole]! <= 1 && pattern.source === 0)).toBe(true)
  })

  it('a dive fixes what the bound uses whole: pairs that fill a bar stay together', () => {
    const problem = ofLengths([1800, 1200, 1800, 1200, 1800, 1200, 1700, 1300])
    const found = dive(problem, [...layFirstFit(problem)], solver, { goal: 0, below: Infinity, choose: () => 0 })!
    meets(problem, found)
    expect(found).toHaveLength(4)
    // With no better than what there is asked for, it is nothing.
    expect(dive(problem, [], solver, { goal: 0, below: costOf(problem, found), choose: () => 0 })).toBeNull()
  })

  it('a dive that cannot get below what is asked gives nothing', () => {
    const problem = cuttingProblem(
      {
        pieces: [1700, 1600].map((length, index) => ({ id: `p${index}`, length })),
        barLength: 3000,
        kerf: 0,
        offcuts: [],
      },
      'up',
    )
    expect(allRemaining(problem).supply).toEqual([Infinity])
    expect(dive(problem, [...layFirstFit(problem)], solver, { goal: 0, below: 2, choose: () => 0 })).toBeNull()
  })
})

describe('what is booked and asked', () => {
  it('a plan that was cut is known by its lengths, whatever the pieces are called now', () => {
    const bars = [
      {
        length: 3000,
        rest: 500,
        pieces: [
          { id: 'P1', length: 1500 },
          { id: 'P2', length: 1000 },
        ],
      },
    ]
    expect(cutsJust(bars, [{ length: 1000 }, { length: 1500 }])).toBe(true)
    expect(cutsJust(bars, [{ length: 1000 }, { length: 1500.5 }])).toBe(false)
    expect(cutsJust(bars, [{ length: 1000 }])).toBe(false)
  })

  it('names each field that is wrong', () => {
    const fields = (of: { error?: { issues: readonly { path: readonly PropertyKey[] }[] } }) =>
      of.error?.issues.map(({ path }) => path.join('.'))
    expect(fields(bookingSchema.safeParse({ for: '', takes: [0], leaves: [{ pipe: copper, mm: 0 }] }))).toEqual([
      'for',
      'takes.0',
      'leaves.0.mm',
    ])
    expect(
      fields(stockQuestionSchema.safeParse({ pieces: [{ id: '', length: 'x' }], barLength: 0, kerf: 21 })),
    ).toEqual(['pieces.0.id', 'pieces.0.length', 'barLength', 'kerf'])
  })
})
