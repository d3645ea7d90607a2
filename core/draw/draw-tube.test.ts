import { describe, expect, it } from 'vitest'
import { drawTube } from './draw-tube'

const bend = (turn = 0) => ({ angle: 90, radius: 20, turn })
const near = (points: readonly (readonly [number, number])[]) =>
  points.map(([x, y]) => [Math.round(x * 10) / 10 + 0, Math.round(y * 10) / 10 + 0])

describe('a bent tube on paper', () => {
  it('lies as on the bench where all is in one plane, with room round it: 12 in the hundred and 20', () => {
    const { corners, box, line } = drawTube({ legs: [100, 50], bends: [bend()] })
    expect(near(corners)).toEqual([
      [0, 0],
      [100, 0],
      [100, -50],
    ])
    // 100 wide: 12 + 20 = 32 to each side.
    expect(box.map(Math.round)).toEqual([-32, -82, 164, 114])
    expect(near([line[0]!, line.at(-1)!])).toEqual([
      [0, 0],
      [100, -50],
    ])
  })

  it('that bends back past its first end has the room there', () => {
    // 100 on, past square by 45, 100 back: from 100 − 70.7 to 100 along, 0 to 70.7 up.
    const { box } = drawTube({ legs: [20, 100], bends: [{ ...bend(), radius: 5, angle: 135 }] })
    expect(box[0]).toBeLessThan(-50.7)
    // The line is round at the corner: 20 less its set-back of 12.1, and the bend's radius beyond.
    const right = 20 - 5 * Math.tan((67.5 * Math.PI) / 180) + 5
    const width = right + 50.7
    expect(box[2]).toBeCloseTo(width + 2 * (Math.max(width, 70.7) * 0.12 + 20), 0)
  })

  it('is isometric where it is not: either level direction at 30 degrees, upright as it is', () => {
    const { corners } = drawTube({ legs: [100, 100, 100], bends: [bend(), bend(90)] })
    const [first, second, third, last] = near(corners)
    expect([first, second, third]).toEqual([
      [0, 0],
      [86.6, 50],
      [173.2, 0],
    ])
    expect(last![0]).toBe(173.2)
    expect(Math.abs(last![1]!)).toBe(100)
  })
})
