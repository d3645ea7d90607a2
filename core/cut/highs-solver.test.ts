import loadHighs from 'highs'
import { describe, expect, it } from 'vitest'
import { highsSolver } from './highs-solver'

describe('the solver', () => {
  it('gives the cheapest amounts and what one more of each demand costs', async () => {
    const programme = highsSolver(await loadHighs()).open([
      { least: 4, most: Infinity },
      { least: 3, most: Infinity },
    ])
    // A bar holds two of the first, one of the second, or one of each.
    programme.add(1, [[0, 2]])
    programme.add(1, [[1, 1]])
    programme.add(1, [
      [0, 1],
      [1, 1],
    ])
    const relaxed = programme.solve()!
    expect(relaxed.cost).toBeCloseTo(3.5, 6)
    expect(relaxed.prices.map((price) => Math.round(price * 1e6) / 1e6)).toEqual([0.5, 0.5])
    const whole = programme.solveWhole(2)!
    expect(whole.every(Number.isInteger)).toBe(true)
    expect(whole.reduce((sum, amount) => sum + amount, 0)).toBe(4)
    // What was asked in whole numbers may be asked in parts again.
    expect(programme.solve()!.cost).toBeCloseTo(3.5, 6)
    programme.close()
  })

  it('has no answer where nothing meets the demand', async () => {
    const programme = highsSolver(await loadHighs()).open([{ least: 4, most: 5 }])
    programme.add(1, [])
    expect(programme.solve()).toBeNull()
    expect(programme.solveWhole(1)).toBeNull()
    programme.close()
  })

  it('is used up when it is closed', async () => {
    const programme = highsSolver(await loadHighs()).open([{ least: 1, most: 2 }])
    programme.close()
    expect(() => programme.solve()).toThrow()
  })
})
