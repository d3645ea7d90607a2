import { describe, expect, it } from 'vitest'
import { formatLength } from '../quantity/words/format-length'
import { depthStrips, type StripDepth } from './depth-strip'
import { stripSvg } from './strip-page'

const depth = (mm: number): StripDepth => ({ label: '22 solder', mm, basis: 'standard' })
const pages = (depths: StripDepth[], units: 'metric' | 'imperial' = 'metric') =>
  depthStrips(depths, { paper: 'a4', units, title: 'Depths', lengthText: (mm) => formatLength(mm, units) })
const lines = (page: ReturnType<typeof pages>[number]) =>
  page.marks.flatMap((mark) => (mark.kind === 'line' ? [mark] : []))

describe('depth strips', () => {
  it('the mark stands at exactly the depth from the strip’s end, and the bar is as long as it says', () => {
    const [page] = pages([depth(15.4)])
    const [bar] = lines(page!)
    expect(bar!.to[0] - bar!.from[0]).toBe(100)
    // It ends in a stroke of 3 to either side, and its length stands beyond it.
    const [, first, last] = lines(page!)
    expect([first, last].map((of) => [of!.from, of!.to])).toEqual([
      [
        [15, 33],
        [15, 39],
      ],
      [
        [115, 33],
        [115, 39],
      ],
    ])
    const words = page!.marks.find((mark) => mark.kind === 'text' && /^100.mm$/.test(mark.text))
    expect(words).toMatchObject({ at: [118, 37.2] })
    const ends = lines(page!).filter(({ thick }) => thick === 0.6)
    expect(ends[1]!.from[0] - ends[0]!.from[0]).toBeCloseTo(15.4, 10)
    const [inches] = pages([depth(19.05)], 'imperial')
    expect(lines(inches!)[0]!.to[0] - lines(inches!)[0]!.from[0]).toBe(101.6)
  })

  it('is a box from the stop to the depth, ten high, with its words 4 beyond the mark', () => {
    const marks = pages([depth(15.4)])[0]!.marks.slice(-6)
    const [left, right, top, bottom] = [15, 15 + 15.4, 48, 58]
    const boxed = (from: readonly [number, number], to: readonly [number, number]) =>
      expect.objectContaining({
        kind: 'line',
        from: from.map((at) => expect.closeTo(at, 9)),
        to: to.map((at) => expect.closeTo(at, 9)),
      })
    expect(marks.slice(0, 4)).toEqual([
      boxed([left, top], [left, bottom]),
      boxed([left, bottom], [right, bottom]),
      boxed([right, top], [right, bottom]),
      boxed([left, top], [right, top]),
    ])
    expect(marks.slice(4)).toMatchObject([
      { at: [expect.closeTo(right + 4, 9), 53], text: expect.stringMatching(/^15.5.mm {3}22 solder$/) },
      { at: [expect.closeTo(right + 4, 9), 57.5], text: 'standard' },
    ])
  })

  it('goes on to further pages and leaves nothing off the paper', () => {
    const many = pages(Array.from({ length: 40 }, (_, index) => depth(10 + index)))
    expect(many.length).toBe(3)
    for (const page of many)
      for (const { from, to } of lines(page))
        for (const [x, y] of [from, to]) expect(x <= page.width && y <= page.height && x >= 0 && y >= 0).toBe(true)
    const texts = many.flatMap(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' && mark.text.includes('22 solder') ? [mark] : [])),
    )
    expect(texts).toHaveLength(40)
    // Each a pitch below the one before, on every page alike.
    const heights = many.map(({ marks }) =>
      marks.flatMap((mark) => (mark.kind === 'text' && mark.text.includes('22 solder') ? [mark.at[1]] : [])),
    )
    const steps = heights.flatMap((of) => of.slice(1).map((y, at) => Math.round((y - of[at]!) * 1000) / 1000))
    expect(new Set(steps).size).toBe(1)
    expect(steps[0]).toBeGreaterThan(10)
  })

  it('is SVG in millimetres, its words escaped', () => {
    const svg = stripSvg(pages([{ ...depth(20), label: 'a <b> & c' }])[0]!)
    expect(svg).toContain('width="210mm" height="297mm" viewBox="0 0 210 297"')
    expect(svg).toContain('a &lt;b&gt; &amp; c')
  })

  it('a depth that no paper holds is named', () => {
    expect(() => pages([depth(0)])).toThrow('22 solder: a depth above 0')
    // A4 is 210 wide, 15 of it margin to either side.
    expect(() => pages([depth(180)])).not.toThrow()
    expect(() => pages([depth(180.5)])).toThrow('at most 180')
  })
})
