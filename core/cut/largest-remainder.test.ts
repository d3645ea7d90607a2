import { describe, expect, it } from 'vitest'
import { cuttingProblem, type Pattern } from './cutting-problem'
import { gatherRemainder, isLargest } from './largest-remainder'

/** Pieces on bars of 100, each bar as the lengths on it. */
function laid(...bars: number[][]) {
  const pieces = bars.flat().map((length, index) => ({ id: `p${index}`, length }))
  const problem = cuttingProblem({ pieces, barLength: 100, kerf: 0, offcuts: [] }, 'nearest')
  const [step] = [problem.sources[0]!.capacity / 100]
  const lengths = problem.sizes.map((size) => size / step)
  const patterns = bars.map((bar): Pattern => ({
    source: 0,
    counts: lengths.map((length) => bar.filter((of) => of === length).length),
  }))
  const onBars = (of: readonly Pattern[]) =>
    of.map(({ counts }) => counts.flatMap((count, kind) => Array.from({ length: count }, () => lengths[kind]!)))
  return { problem, patterns, onBars }
}
const sums = (bars: number[][]) =>
  bars.map((bar) => bar.reduce((sum, length) => sum + length, 0)).toSorted((a, b) => a - b)

describe('the largest remainder', () => {
  it('is gathered into one bar: 60 + 20 and 40 + 30 become 60 + 40, which fill one, and 20 + 30', () => {
    const { problem, patterns, onBars } = laid([60, 20], [40, 30])
    // 60 + 40 fill one bar, and 20 + 30 are left on the other.
    expect(sums(onBars(gatherRemainder(problem, patterns)))).toEqual([50, 100])
  })

  it('over several turns, until no bar becomes fuller', () => {
    const { problem, patterns, onBars } = laid([70, 10], [60, 20], [30, 40])
    const gathered = onBars(gatherRemainder(problem, patterns))
    expect(gathered.flat().toSorted((a, b) => a - b)).toEqual([10, 20, 30, 40, 60, 70])
    expect(sums(gathered)).toEqual([30, 100, 100])
    expect(isLargest(problem, gatherRemainder(problem, patterns))).toBe(true)
    expect(isLargest(problem, patterns)).toBe(false)
  })

  it('a bar that nothing made fuller at first is looked at again after the others have changed', () => {
    const { problem, patterns, onBars } = laid([50, 40], [78, 7], [20, 12])
    // 78 + 20 sets the 7 free, and only then the first bar has something to take.
    expect(sums(onBars(gatherRemainder(problem, patterns)))).toEqual([12, 97, 98])
  })

  it('is that of a new bar, not of an offcut, however little lies on that', () => {
    const pieces = [
      { id: 'a', length: 60 },
      { id: 'b', length: 30 },
      { id: 'c', length: 30 },
    ]
    const problem = cuttingProblem({ pieces, barLength: 100, kerf: 0, offcuts: [{ id: 'o', length: 90 }] }, 'nearest')
    const [whole, offcut] = [
      { source: 0, counts: [1, 1] },
      { source: 1, counts: [0, 1] },
    ]
    // 60 and 30 go onto the offcut of 90, and one 30 stays on the new bar.
    const gathered = gatherRemainder(problem, [whole, offcut])
    expect(gathered.find(({ source }) => source === 0)?.counts).toEqual([0, 1])
    expect(gathered.find(({ source }) => source === 1)?.counts).toEqual([1, 1])
  })

  it('where all lies on offcuts there is none to be larger, and what lies on an offcut is none', () => {
    const pieces = [60, 30].map((length) => ({ id: `p${length}`, length }))
    const on = (offcuts: number[]) =>
      cuttingProblem(
        { pieces, barLength: 100, kerf: 0, offcuts: offcuts.map((length) => ({ id: `o${length}`, length })) },
        'nearest',
      )
    expect(isLargest(on([90]), [{ source: 1, counts: [1, 1] }])).toBe(true)
    // 60 on the bar and 30 on the offcut of 40: 30 on the bar is not possible, as 60 fits no offcut.
    const held = on([40])
    expect(
      isLargest(held, [
        { source: 0, counts: [1, 0] },
        { source: 1, counts: [0, 1] },
      ]),
    ).toBe(true)
    // But 60 on an offcut of 70 leaves 30 alone on the bar.
    expect(
      isLargest(on([70]), [
        { source: 0, counts: [1, 0] },
        { source: 1, counts: [0, 1] },
      ]),
    ).toBe(false)
  })

  it('a bar that becomes empty goes', () => {
    const { problem, patterns, onBars } = laid([50], [50])
    expect(onBars(gatherRemainder(problem, patterns))).toEqual([[50, 50]])
  })

  it('what cannot be better stays as it was', () => {
    const { problem, patterns } = laid([100], [60])
    expect(gatherRemainder(problem, patterns)).toEqual(patterns)
    expect(gatherRemainder(problem, [])).toEqual([])
  })
})
