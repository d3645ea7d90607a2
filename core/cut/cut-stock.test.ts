import fc from 'fast-check'
import loadHighs from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { cutStock, type StockProgress } from './cut-stock'
import { cuttingProblem, type StockQuestion } from './cutting-problem'
import { fillBest } from './fill'
import { highsSolver } from './highs-solver'
import type { Solver } from './solver'
import { layOnStock } from './stock'
import { commonStep } from './units'

let solver: Solver
beforeAll(async () => {
  solver = highsSolver(await loadHighs())
})

const named = (lengths: readonly number[]) => lengths.map((length, index) => ({ id: `p${index}`, length }))
const question = (lengths: readonly number[], more: Partial<StockQuestion> = {}): StockQuestion => ({
  pieces: named(lengths),
  barLength: 3000,
  kerf: 0,
  offcuts: [],
  ...more,
})
const stepsOf = (of: StockQuestion): StockProgress[] => {
  const search = cutStock(of, solver)
  const steps: StockProgress[] = []
  for (let step = search.next(); ; step = search.next()) {
    steps.push(step.value)
    if (step.done) return steps
  }
}
const solve = (of: StockQuestion): StockProgress => stepsOf(of).at(-1)!

describe('pieces longer than a bar', () => {
  const rack = (...lengths: number[]) => lengths.map((length, index) => ({ id: `rack-${index + 1}`, length }))
  it('each lies on the shortest offcut that takes it, the longest piece first; what none takes is named', () => {
    const of = question([3600, 3200, 4500, 700], { offcuts: rack(5000, 3650, 3300), kerf: 0 })
    const { plan } = solve(of)
    const laid = Object.fromEntries(
      plan.bars.map(({ offcut, pieces }) => [offcut ?? 'bar', pieces.map(({ length }) => length)]),
    )
    expect(laid['rack-1']![0]).toBe(4500)
    expect(laid['rack-2']![0]).toBe(3600)
    expect(laid['rack-3']![0]).toBe(3200)
    expect(plan.tooLong).toEqual([])
    expect(solve(question([3600, 3700], { offcuts: rack(3600) })).plan.tooLong.map(({ length }) => length)).toEqual([
      3700,
    ])
  })

  it('the shortest that takes it, not the first; the longest piece chooses first; equal offcuts all count', () => {
    const on = (lengths: number[], ...offcuts: number[]) => solve(question(lengths, { offcuts: rack(...offcuts) }))
    expect(on([3600], 5000, 3650).plan.bars.map(({ offcut }) => offcut)).toEqual(['rack-2'])
    expect(on([3600], 3650, 5000).plan.bars.map(({ offcut }) => offcut)).toEqual(['rack-1'])
    expect(on([3200, 3600], 3650).plan.tooLong.map(({ length }) => length)).toEqual([3200])
    expect(on([1000, 1000, 1000, 2900], 1000, 1000, 1000)).toMatchObject({ newBars: 1, bound: 1 })
  })

  it('a piece as long as the bar is none of them, and one that fills its offcut exactly is taken', () => {
    expect(solve(question([3000], { offcuts: rack(3500) })).plan.tooLong).toEqual([])
    const { plan, newBars } = solve(question([3200, 300], { offcuts: rack(3200) }))
    expect(newBars).toBe(1)
    expect(plan.bars.find(({ offcut }) => offcut === 'rack-1')).toMatchObject({ pieces: [{ length: 3200 }], rest: 0 })
  })

  it('what is left of its offcut, less a cut, is there for others', () => {
    const of = (second: number) => solve(question([3200, second], { offcuts: rack(3805), kerf: 5 }))
    // 3805 − 3200 − 5 = 600.
    expect(of(600).newBars).toBe(0)
    expect(of(601).newBars).toBe(1)
  })
})

describe('what the search opens', () => {
  it('it closes, whether it runs to its end or is stopped', () => {
    let [opened, closed] = [0, 0]
    const counting: Solver = {
      open(rows) {
        opened += 1
        const programme = solver.open(rows)
        return {
          add: (...of) => programme.add(...of),
          solve: () => programme.solve(),
          solveWhole: (...of) => programme.solveWhole(...of),
          close: () => {
            closed += 1
            programme.close()
          },
        }
      },
    }
    // First fit takes three bars, and two are enough: the solver is asked.
    const of = question([1350, 1350, 1050, 1050, 600, 600])
    for (const step of cutStock(of, counting)) expect(step.bound).toBe(2)
    expect(opened).toBeGreaterThan(0)
    expect(closed).toBe(opened)
  })
})

describe('filling one bar', () => {
  it('is as good as trying every choice', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            size: fc.integer({ min: 1, max: 12 }),
            worth: fc.integer({ min: 0, max: 20 }),
            count: fc.integer({ min: 0, max: 4 }),
          }),
          { maxLength: 4 },
        ),
        fc.integer({ min: 0, max: 30 }),
        (items, capacity) => {
          const best = (from: number, left: number): number =>
            from === items.length
              ? 0
              : Math.max(
                  ...Array.from({ length: items[from]!.count + 1 }, (_, count) =>
                    count * items[from]!.size <= left
                      ? count * items[from]!.worth + best(from + 1, left - count * items[from]!.size)
                      : 0,
                  ),
                )
          const [found] = fillBest(items, [capacity])
          expect(found!.worth).toBe(best(0, capacity))
          const counted = found!.counts.reduce((sum, count, item) => sum + count * items[item]!.worth, 0)
          expect(counted).toBe(found!.worth)
          found!.counts.forEach((count, item) => expect(count).toBeLessThanOrEqual(items[item]!.count))
          expect(found!.counts.reduce((sum, count, item) => sum + count * items[item]!.size, 0)).toBeLessThanOrEqual(
            capacity,
          )
        },
      ),
    )
  })
})

describe('lengths in whole steps', () => {
  it.each([
    [[1200, 865], 1],
    [[1200, 837.5], 0.5],
    [[25.4, 3048, 412.75], 1.5875], // 16 1/4 in
    [[837.9, 1200], 0.1],
    [[1499.95, 3000, 0.1], 0.05],
  ])('%j in steps of %d', (lengths, step) => expect(commonStep(lengths).step).toBeCloseTo(step, 9))

  it('hundredths are no whole number of steps', () => {
    // 1499.95 twice and one cut of 0.1 are 3000.
    expect(solve(question([1499.95, 1499.95], { kerf: 0.1 })).newBars).toBe(1)
    expect(solve(question([1499.95, 1499.95], { kerf: 0.15 })).newBars).toBe(2)
    expect(commonStep([1000.04, 3000])).toEqual({ step: 0.1, isExact: false })
    expect(commonStep([837.9, 1200]).isExact).toBe(true)
  })
})

describe('cutting stock', () => {
  it('finds the two full bars where longest-first takes three', () => {
    // 1200 + 1000 + 800 and 1100 + 1000 + 900; longest first puts 1200 with 1100 and loses the fit.
    const of = question([1200, 1100, 1000, 1000, 900, 800])
    expect(layOnStock(of.pieces, 3000, 0).bars).toHaveLength(3)
    expect(solve(of)).toMatchObject({ newBars: 2, bound: 2 })
  })

  it('a sum that fills a bar exactly does, whatever its decimals', () => {
    expect(solve(question([1000.04, 1999.96]))).toMatchObject({ newBars: 1, bound: 1 })
    expect(solve(question([1000.06, 1999.96])).newBars).toBe(2)
    // Four of 750.02 are 3000.08: rounded to the tenth they would fit.
    expect(solve(question([750.02, 750.02, 750.02, 750.02])).newBars).toBe(2)
  })

  it('a piece longer than the bar is laid on an offcut that takes it, and what is left of that is used', () => {
    const of = {
      ...question([3500, 400, 2900]),
      offcuts: [
        { id: 'o1', length: 4000 },
        { id: 'o2', length: 6000 },
      ],
    }
    const { plan, newBars } = solve(of)
    expect(plan.tooLong).toEqual([])
    expect(newBars).toBe(0)
    const shorter = plan.bars.find(({ offcut }) => offcut === 'o1')!
    expect(shorter.pieces.map(({ length }) => length)).toEqual(expect.arrayContaining([3500]))
    expect(solve({ ...of, offcuts: [] }).plan.tooLong).toHaveLength(1)
  })

  it('says whether the remainder is the largest that can be', () => {
    // 2000 + 1000 fill one bar, 700 is alone on the other: nothing shorter can be.
    expect(solve(question([2000, 1000, 700]))).toMatchObject({ newBars: 2, isLargestRemainder: true })
    const { plan, isLargestRemainder } = solve(question([2000, 900, 600]))
    expect(Math.max(...plan.bars.map(({ rest }) => rest))).toBe(2400)
    expect(isLargestRemainder).toBe(true)
    // 1700, 1700 and 2000 stand alone and 1000 goes to one of them; that no other laying leaves more is not shown.
    expect(solve(question([1000, 2000, 1700, 1700]))).toMatchObject({ newBars: 3, bound: 3, isLargestRemainder: false })
  })

  it('hands out the first fit, then the bound that is sharper than lengths alone, then what it ends with', () => {
    // 3 × 1600 is 4800 of 6000, but no bar takes two.
    expect(stepsOf(question([1600, 1600, 1600])).map(({ stage, newBars, bound }) => [stage, newBars, bound])).toEqual([
      ['first fit', 3, 2],
      ['bound', 3, 3],
      ['done', 3, 3],
    ])
    // What remains is only known to be the largest at the end.
    expect(stepsOf(question([2000, 1000, 700])).map(({ isLargestRemainder }) => isLargestRemainder)).toEqual([
      false,
      true,
    ])
    expect(stepsOf(question([1400, 1600])).map(({ stage, bound }) => [stage, bound])).toEqual([
      ['first fit', 1],
      ['done', 1],
    ])
  })

  it('refuses a piece of no length, by its name', () => {
    const of = question([1200, 0])
    expect(() => solve(of)).toThrow(/Piece “?p1”?.*more than nought/)
  })

  it('uses an offcut before a new length, and says which', () => {
    const { plan, newBars, bound } = solve(question([1400, 1600, 700], { offcuts: [{ id: 'rack-7', length: 720 }] }))
    expect({ newBars, bound }).toEqual({ newBars: 1, bound: 1 })
    expect(plan.bars.find(({ offcut }) => offcut === 'rack-7')).toMatchObject({ length: 720, rest: 20 })
  })

  it('counts a saw’s kerf: two halves no longer fit', () => {
    expect(solve(question([1500, 1500], { kerf: 2 }))).toMatchObject({ newBars: 2, bound: 2 })
    expect(solve(question([1499, 1499], { kerf: 2 }))).toMatchObject({ newBars: 1, bound: 1 })
  })

  it('leaves one large remainder rather than two small ones', () => {
    // Longest first: 1500 + 1400 and 900 + 600 leave 100 and 1500. 1500 + 900 + 600 is a whole bar, and 1400 leaves 1600.
    const rests = solve(question([1500, 1400, 900, 600])).plan.bars.map(({ rest }) => rest)
    expect(rests.toSorted()).toEqual([0, 1600])
  })

  it('sets aside what is longer than a length', () => {
    expect(solve(question([3100, 500])).plan).toMatchObject({ tooLong: [{ id: 'p0' }], bars: [{ rest: 2500 }] })
  })

  it('in whole steps, new bars come first and offcuts from the shortest, those cut into already before the others', () => {
    const offcuts = [2500, 900, 4000, 500, 900].map((length, index) => ({ id: `rack-${index}`, length }))
    const { sources } = cuttingProblem(question([3100, 500], { offcuts }), 'nearest')
    expect(sources.map(({ offcuts: same }) => same.map(({ id }) => id))).toEqual([
      [],
      ['rack-3'],
      ['rack-2', 'rack-1', 'rack-4'],
      ['rack-0'],
    ])
  })

  it('refuses a bar of nothing and a negative kerf', () => {
    expect(() => solve(question([100], { barLength: 0 }))).toThrow(RangeError)
    expect(() => solve(question([100], { kerf: -1 }))).toThrow(RangeError)
  })

  it('lays every piece once, none beyond the end, at every step of the search; never more than first fit', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 200, max: 6000 }), { maxLength: 30 }),
        fc.array(fc.integer({ min: 300, max: 2900 }), { maxLength: 3 }),
        fc.integer({ min: 0, max: 3 }),
        (halves, rack, kerf) => {
          const lengths = halves.map((half) => half / 2)
          const offcuts = rack.map((length, index) => ({ id: `o${index}`, length }))
          const of = question(lengths, { kerf, offcuts })
          const steps = stepsOf(of)
          for (const { plan, newBars, bound } of steps) {
            const laid = plan.bars.flatMap(({ pieces }) => pieces.map(({ id }) => id))
            expect(laid.toSorted()).toEqual(of.pieces.map(({ id }) => id).toSorted())
            expect(plan.bars.filter(({ offcut }) => offcut === undefined)).toHaveLength(newBars)
            expect(newBars).toBeGreaterThanOrEqual(bound)
            const used = plan.bars.flatMap(({ offcut }) => offcut ?? [])
            expect(new Set(used).size).toBe(used.length)
            for (const { pieces, length } of plan.bars) {
              const cut = pieces.reduce((sum, piece) => sum + piece.length, 0) + kerf * (pieces.length - 1)
              expect(cut).toBeLessThanOrEqual(length + 1e-6)
            }
          }
          expect(steps.at(-1)!.newBars).toBeLessThanOrEqual(steps[0]!.newBars)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('is as good as trying every laying: fewest new bars, and the largest remainder where it says so', () => {
    /** Of every laying of the pieces from `at` on: the fewest new bars, then the largest rest of a new one. */
    function best(lengths: readonly number[], kerf: number, rack: readonly number[]): [bars: number, rest: number] {
      let found: [number, number] = [Infinity, 0]
      const fits = (room: number, length: number) => length <= room + 1e-9
      const lay = (at: number, offcuts: readonly number[], bars: readonly number[]): void => {
        if (bars.length > found[0]) return
        if (at === lengths.length) {
          const rest = Math.max(0, ...bars)
          if (bars.length < found[0] || rest > found[1]) found = [bars.length, rest]
          return
        }
        const length = lengths[at]!
        const put = (rooms: readonly number[], index: number) =>
          rooms.map((room, other) => (other === index ? Math.max(0, room - length - kerf) : room))
        offcuts.forEach((room, index) => fits(room, length) && lay(at + 1, put(offcuts, index), bars))
        bars.forEach((room, index) => fits(room, length) && lay(at + 1, offcuts, put(bars, index)))
        lay(at + 1, offcuts, [...bars, Math.max(0, 3000 - length - kerf)])
      }
      lay(0, rack, [])
      return found
    }
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 5, max: 29 }), { minLength: 1, maxLength: 6 }),
        fc.array(fc.integer({ min: 5, max: 25 }), { maxLength: 2 }),
        fc.integer({ min: 0, max: 3 }),
        (hundreds, rack, kerf) => {
          const lengths = hundreds.map((of) => of * 100)
          const offcuts = rack.map((of, index) => ({ id: `o${index}`, length: of * 100 }))
          const { plan, newBars, bound, isLargestRemainder } = solve(question(lengths, { kerf, offcuts }))
          const [bars, rest] = best(
            lengths,
            kerf,
            offcuts.map(({ length }) => length),
          )
          expect(newBars).toBe(bars)
          expect(bound).toBeLessThanOrEqual(bars)
          const rests = plan.bars.flatMap((bar) => (bar.offcut === undefined ? [bar.rest] : []))
          if (isLargestRemainder) expect(Math.max(0, ...rests)).toBeCloseTo(rest, 6)
          if (offcuts.length === 0 && bars === 1) expect(isLargestRemainder).toBe(true)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('finds what was cut up without waste', () => {
    fc.assert(
      fc.property(
        fc.array(fc.uniqueArray(fc.integer({ min: 1, max: 59 }), { minLength: 1, maxLength: 4 }), {
          minLength: 2,
          maxLength: 8,
        }),
        (bars) => {
          const lengths = bars.flatMap((cuts) => {
            const marks = [0, ...cuts.map((cut) => cut * 50).sort((a, b) => a - b), 3000]
            return marks.slice(1).map((mark, index) => mark - marks[index]!)
          })
          expect(solve(question(lengths)).newBars).toBe(bars.length)
        },
      ),
      { numRuns: 40 },
    )
  })
})
