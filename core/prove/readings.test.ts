import { describe, expect, it } from 'vitest'
import { binned, gaugeCovariance, gaugeErrorOf, soundReadings, thinned, worthKeeping, type Reading } from './readings'

describe('readings', () => {
  const at = (bars: readonly number[]): Reading[] => bars.map((bar, index) => ({ seconds: 10 * index, bar }))
  it('a gauge that lets go is left out; a pipe that is empty is not', () => {
    expect(soundReadings(at([6, 6, 0, 5.9, 5.9])).map(({ bar }) => bar)).toEqual([6, 6, 5.9, 5.9])
    expect(soundReadings(at([0, 6, 6, 5.9])).map(({ bar }) => bar)).toEqual([6, 6, 5.9])
    expect(soundReadings(at([6, 6, 5.9, 0])).map(({ bar }) => bar)).toEqual([6, 6, 5.9])
    expect(soundReadings(at([6, 2, 0.3, 0, 0])).map(({ bar }) => bar)).toEqual([6, 2, 0.3, 0, 0])
    const kept = (...bars: number[]) => soundReadings(at(bars)).map(({ bar }) => bar)
    // What falls and stays down is no gauge that let go, however much stood before.
    for (const fell of [
      [6, 6, 6, 6, 6, 6, 1.7, 1.6, 1.6],
      [6, 6, 1, 1, 1, 1],
      [6, 0],
      [10, 10, 2, 0],
    ])
      expect(kept(...fell)).toEqual(fell)
    // One that comes back let go: below 0.3 of what stands about it, and not at just that.
    expect(kept(6, 6, 1, 6, 6)).toEqual([6, 6, 6, 6])
    expect(kept(6, 6, 0.5, 0.6, 6)).toEqual([6, 6, 6])
    expect(kept(10, 10, 3, 10, 10)).toEqual([10, 10, 3, 10, 10])
    // Twice as much and a hundredth more is still down; a last fall after one of three tenths is from nowhere.
    expect(kept(6, 6, 0.5, 1.01, 1.01)).toEqual([6, 6, 0.5, 1.01, 1.01])
    expect(kept(10, 10, 7, 0)).toEqual([10, 10, 7])
    expect(soundReadings([...at([6, 5])].reverse()).map(({ bar }) => bar)).toEqual([6, 5])
  })
  it('a gauge errs by what a line through the neighbours leaves, and by its steps; one that never moves may be coarse', () => {
    expect(gaugeErrorOf(at([6, 6, 6, 6, 6, 6, 6]))).toEqual({ scatter: 0.002, step: 0.1 })
    expect(gaugeErrorOf(at([6.03, 6.03, 6.03])).step).toBe(0.01)
    expect(gaugeErrorOf(at([6, 6, 6, 6]), 0.2).step).toBe(0.2)
    expect(gaugeErrorOf(at([6, 6.05, 6, 6.05, 6.1, 6, 6.05])).step).toBeCloseTo(0.05, 9)
    expect(gaugeErrorOf(at([6, 6.013, 6.002, 6.031, 6.007, 6, 6.019])).step).toBe(0)
    // All differences are whole steps, in whatever order they were shown, and none is finer than 3 mbar.
    const step = (...bars: number[]) => Math.round(gaugeErrorOf(at(bars)).step * 1e4) / 1e4
    expect([step(6.3, 6, 6.1), step(6.25, 6, 6.1), step(6, 6.003, 6.006), step(6, 6.002, 6.004)]).toEqual([
      0.1, 0.05, 0.003, 0,
    ])
    // On a line, read at any moments, nothing is left of them.
    const line = [0, 1, 5, 6, 20, 21, 40].map((seconds) => ({ seconds, bar: 6 - 0.01 * seconds }))
    expect(gaugeErrorOf(line).scatter).toBe(0.002)
    // Read at one moment, they tell nothing of each other, and it is still a figure.
    expect(gaugeErrorOf(line.map((of) => ({ ...of, seconds: 0, bar: 6 }))).scatter).toBe(0.002)
    const [one, same, other] = [6, 6, 5.8].map((bar) => ({ seconds: 0, bar, count: 4 }))
    const coarse = { scatter: 0.002, step: 0.05 }
    const together = (of: typeof coarse, to: typeof one) => gaugeCovariance(of, one!, to!, 600)
    // A needle sticks by up to two fifths of its division; what that hides is the same while it shows the same.
    expect(together(coarse, same)).toBeCloseTo((0.4 * 0.05) ** 2, 5)
    expect(together(coarse, other)).toBeCloseTo((0.4 * 0.05) ** 2 * Math.exp(-4), 6)
    // Half of the test later what is hidden may have moved.
    const later = { ...same!, seconds: 300 }
    expect(together(coarse, later)).toBeCloseTo((0.4 * 0.05) ** 2 * Math.exp(-0.5), 5)
    // As much scatter as a step: what it hides is averaged out to 1/e. What rounds is off by a twelfth of its square.
    expect(together({ scatter: 0.05, step: 0.05 }, same)).toBeCloseTo((0.4 * 0.05) ** 2 * Math.exp(-1), 6)
    expect(together({ scatter: 0, step: 0.01 }, same)).toBeCloseTo(0.01 ** 2 / 12, 9)
    expect(gaugeCovariance({ scatter: 0.01, step: 0 }, one!, one!, 600)).toBeCloseTo(0.01 ** 2 / 4, 12)
    expect(gaugeCovariance({ scatter: 0.01, step: 0 }, one!, other!, 600)).toBe(0)
  })
  it('of a logger of a day come to some 1500 that tell as much, the first alone', () => {
    const day = Array.from({ length: 86_401 }, (_, seconds) => ({ seconds, bar: 6 - seconds / 86_400, celsius: 15 }))
    const few = thinned(day)
    expect(few.length).toBeLessThanOrEqual(1500)
    expect([few[0]!.bar, few[0]!.celsius]).toEqual([6, 15])
    few.slice(1).forEach(({ seconds, bar }) => expect(bar).toBeCloseTo(6 - seconds / 86_400, 9))
    expect(thinned(day.slice(0, 1500))).toHaveLength(1500)
    // A drop-out is no part of a mean; of few readings every one is kept.
    const dropped = day.map((of, at) => (at === 40_000 ? { ...of, bar: 0 } : of))
    worthKeeping(dropped).forEach(({ seconds, bar }) => expect(bar).toBeCloseTo(6 - seconds / 86_400, 4))
    expect(worthKeeping(dropped.slice(40_000, 40_010))).toHaveLength(10)
  })
  it('are brought together, the first alone, fewer where the pressure runs', () => {
    const level = binned(at(Array.from({ length: 361 }, () => 6)), 36)
    expect(level[0]!.count).toBe(1)
    expect(level).toHaveLength(19)
    expect(level.reduce((sum, { count }) => sum + count, 0)).toBe(361)
    const running = binned(at(Array.from({ length: 11 }, (_, index) => 6 - 0.5 * index)), 36)
    expect(running.every(({ count }) => count === 1)).toBe(true)
    // Falling for 100 readings and then level: no bin spans more than an eighteenth of the fall, or more than 20 readings.
    const bars = Array.from({ length: 361 }, (_, index) => 6 - 0.018 * Math.min(index, 100))
    const both = binned(at(bars), 36)
    expect(both.filter(({ bar, seconds }) => bar > 4.21 && seconds > 0).every(({ count }) => count <= 6)).toBe(true)
    expect(both.filter(({ count }) => count === 20)).toHaveLength(13)
    expect(Math.max(...both.map(({ count }) => count))).toBe(20)
  })
  it('end where the pipe is empty, below a twenty-fifth of the first pressure, and are never fewer than four', () => {
    const counted = (...bars: number[]) => binned(at(bars), 36).reduce((sum, { count }) => sum + count, 0)
    expect(counted(6, 5, 3, 2, 1, 0.2, 0, 0, 0, 0)).toBe(6)
    expect(counted(6, 5, 3, 2, 1, 0.25, 0.25, 0.25)).toBe(8)
    expect(counted(6, 0.1, 0, 0, 0, 0)).toBe(4)
  })
})
