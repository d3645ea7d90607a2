import { describe, expect, it } from 'vitest'
import { bendStrips } from './bend-strip'

const write = (mm: number) => `${mm} mm`

describe('the strip of a bent tube', () => {
  const pages = bendStrips(
    [
      { at: 100, label: 'bend 1' },
      { at: 300, label: 'bend 2' },
    ],
    500,
    { paper: 'a4', units: 'metric', title: 'P3', lengthText: write },
  )

  it('lays sheets end to end, each beginning where the last ended', () => {
    expect(pages).toHaveLength(2)
    expect(pages.map(({ width, height }) => [width, height])).toEqual([
      [297, 210],
      [297, 210],
    ])
    const words = pages[1]!.marks.flatMap((mark) => (mark.kind === 'text' ? mark.text : []))
    expect(words).toEqual(expect.arrayContaining(['goes on at 267 mm', 'second end at 500 mm', 'bend 2 300 mm']))
  })

  it('has each mark at its full length from the edge of its sheet', () => {
    const upright = (page: number) =>
      pages[page]!.marks.flatMap((mark) => (mark.kind === 'line' && mark.thick === 0.5 ? [mark.from[0]] : []))
    expect(upright(0)).toEqual([15 + 100])
    expect(upright(1)).toEqual([15 + 33])
  })

  it('refuses a mark that is not on the tube', () => {
    expect(() =>
      bendStrips([{ at: 501, label: 'bend 1' }], 500, { paper: 'a4', units: 'metric', title: 'P3', lengthText: write }),
    ).toThrow(/0 to 500/)
  })
})
