import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId } from '../testing/sample-run'
import { drawChain } from './draw-chain'

const a = catalogue.pipe(pipeId('BS 659', '3/4'))!
const b = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!

describe('two ends facing each other', () => {
  it('draws diameters, walls and depths to scale, on one centre line', () => {
    const drawn = drawChain(a, b, [{ label: 'converter' }], [12, 15.4])
    expect(drawn.a.body.height).toBe(21.488)
    expect(drawn.a.bore.height).toBeCloseTo(21.488 - 2 * 1.219, 9)
    const end = drawn.a.body.x + drawn.a.body.width
    expect(end - drawn.a.mark!).toBe(12)
    expect(drawn.b.mark! - drawn.b.body.x).toBeCloseTo(15.4, 9)
    const middles = [drawn.a.body, drawn.b.bore, drawn.fittings[0]!].map(({ y, height }) => y + height / 2)
    for (const middle of middles) expect(middle).toBeCloseTo(drawn.height / 2, 9)
  })

  it('fills the room between the marks with the fittings, and marks no depth that is not known', () => {
    const drawn = drawChain(a, b, [{ label: 'converter' }, { label: 'reducer' }], [null, 15.4])
    expect(drawn.a.mark).toBeNull()
    const [first, second] = drawn.fittings
    expect(first!.x + first!.width).toBeCloseTo(second!.x, 9)
    expect(second!.x + second!.width).toBeCloseTo(drawn.b.mark!, 9)
    expect(drawn.width).toBeCloseTo(drawn.b.body.x + drawn.b.body.width, 9)
  })

  it('draws a short piece as wide as its pipe, narrower than the fittings that it stands in', () => {
    const between = [{ label: 'converter' }, { label: 'piece', pipe: b }, { label: 'adapter' }]
    const heights = drawChain(a, b, between, [12, 15.4]).fittings.map(({ height }) => height)
    expect(heights).toEqual([a.od + 8, 22, 30])
  })
})
