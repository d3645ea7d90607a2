import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { prove } from './prove'

const copper22 = pipeId('EN 1057', '22', 0.9)
/** What comes next of readings a minute apart, at 15 °C, in 10 m of 22 copper. */
function next(bars: readonly number[], division?: number, celsius = (_: number) => 15) {
  const answer = prove(catalogue, {
    units: 'metric',
    system: { segments: [{ pipe: copper22, metres: 10 }], air: { litres: 0 } },
    test: { profile: 'en806-a', design: bars[0]! / 1.1, medium: 'water', ...(division ? { gauge: { division } } : {}) },
    readings: bars.map((bar, at) => ({ seconds: 60 * at, bar, celsius: celsius(at) })),
  })
  return { ...answer.next, verdict: answer.verdict, text: said(answer.next.message) }
}
const falling = (by: number, count: number) => Array.from({ length: count }, (_, at) => 10 - by * at)

describe('what comes next', () => {
  it('of an undecided test is what would decide it: reading on, by as long as it takes', () => {
    // A level gauge of fifths: what matters takes a fifth of a bar in ten minutes, and twice that has not shown yet.
    const level = (count: number) => Array.from({ length: count }, () => 10)
    const early = next(level(5), 0.2)
    expect([early.verdict, early.kind]).toEqual(['undecided', 'wait'])
    const [, minutes] = /read on for (\d+) more minutes/.exec(early.text)!
    // And so it is: still level by then, it is decided, and not before the last of its waits.
    expect(next(level(5 + Number(minutes)), 0.2).verdict).toBe('tight')
  })

  it('is to wait for a pipe that warms, to end a tight one, to find a leak', () => {
    expect(next(falling(-0.56, 8), undefined, (at) => 15 + 0.4 * at).kind).toBe('wait-still')
    expect(next(falling(0, 6)).kind).toBe('done')
    expect(next(falling(0, 12)).kind).toBe('end')
    expect(next(falling(0.9, 10)).kind).toBe('find')
    expect(next([10, 9.2, 8.6, 8.2, 8, 7.9, 7.9, 7.9, 7.9, 7.9]).kind).toBe('find under pressure')
  })

  it('names the readings that it asks about', () => {
    expect(next([10, 9.9, 9.8, 10.6, 10.5, 10.4]).asks).toEqual({ of: 'topped up', from: 120, to: 180 })
    expect(next([10, 10, 10, 99.9, 10, 10, 10]).asks).toEqual({ of: 'odd row', from: 180, to: 180 })
    expect(next([10, 10, 10]).asks).toBeUndefined()
  })
})
