import { describe, expect, it } from 'vitest'
import { traceSheet } from './trace'

const texts = { ink: '#111', line: '#a40', pressure: (bar: number) => `${bar.toFixed(2)} bar` }
const readings = [
  { seconds: 0, bar: 6 },
  { seconds: 300, bar: 5.5 },
  { seconds: 600, bar: 5 },
]
/** The texts of a drawing with where they stand. */
const textsOf = (svg: string) =>
  [...svg.matchAll(/<text x="([\d.-]+)" y="([\d.-]+)"[^>]*>([^<]*)</g)].map(([, x, y, words]) => [
    words,
    Number(x),
    Number(y),
  ])

describe('the gauge’s trace on paper', () => {
  it('goes from the first reading at the left to the last at the right, the highest at the top', () => {
    const svg = traceSheet(readings, null, texts)
    expect(/<path d="([^"]*)"/.exec(svg)![1]).toBe('M52.00 10.00L262.00 69.00L472.00 128.00')
    expect(textsOf(svg)).toEqual([
      ['6.00 bar', 48, 13],
      ['5.00 bar', 48, 131],
      ['0:00', 52, 142],
      ['10:00', 472, 142],
    ])
    expect(svg.match(/<line/g)).toHaveLength(2)
    // Nothing stands between the elements.
    expect(svg.replaceAll(/<text[^>]*>[^<]*<\/text>/g, '').replaceAll(/<[^>]*>/g, '')).toBe('')
  })

  it('what was asked for has its level, and its words where they do not cover others', () => {
    const svg = traceSheet(readings, 5.5, texts)
    expect(svg.match(/<line/g)).toHaveLength(3)
    expect(textsOf(svg)).toContainEqual(['5.50 bar', 48, 72])
    expect(textsOf(traceSheet(readings, 5.95, texts))).toHaveLength(4)
    expect(textsOf(traceSheet(readings, 5.05, texts))).toHaveLength(4)
    // Above all that was read it is the top itself.
    expect(textsOf(traceSheet(readings, 7, texts))[0]).toEqual(['7.00 bar', 48, 13])
  })

  it('a gauge that does not move is drawn level', () => {
    const still = readings.map(({ seconds }) => ({ seconds, bar: 6 }))
    expect(/<path d="([^"]*)"/.exec(traceSheet(still, null, texts))![1]).toBe('M52.00 10.00L262.00 10.00L472.00 10.00')
  })
})
