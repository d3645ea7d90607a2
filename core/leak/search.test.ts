import fc from 'fast-check'
import { describe, expect, inject, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { CheckResult } from '../log/leak-check'
import { siteState } from '../log/site-state'
import { planJob } from '../plan/plan-job'
import { randomStream } from '../quantity/random-stream'
import { lineWithValves } from '../testing/sample-run'
import { fallByLeak, secondsOf, valveSeconds } from './checks'
import { dry, made, plain, search } from '../testing/sample-leak'
import { leakSearch } from './search'
import { drawLeak, secondsBySearch, secondsInOrder } from './simulated-search'
import { suspectsOf, type Suspect } from './suspects'
import { valveSides, type ValveSides } from './valve-sides'

/** A valve in a line of suspects, with all from this one on beyond it. */
const valveBefore = (line: readonly Suspect[], first: number): ValveSides => ({
  id: `r/v${first}`,
  run: 'r',
  node: `v${first}`,
  beyond: new Set(line.slice(first).map(({ id }) => id)),
})

describe('where it is', () => {
  const two = [plain('a', 3), plain('b', 1)]

  it('the likelier is looked at first; dry, it is less likely: 0.75 × 0.4 against 0.25', () => {
    expect(search(two, [], []).next).toMatchObject({ check: 'look', at: { id: 'a' }, seconds: 15 })
    const after = search(two, [], [dry('look', 'a')])
    expect(after.places[0]).toMatchObject({ suspect: { id: 'a' }, chance: expect.closeTo(0.3 / 0.55, 9) })
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'b' } })
    expect(search(two, [], [dry('look', 'a'), dry('look', 'b')]).next).toMatchObject({
      check: 'tissue',
      at: { id: 'a' },
    })
  })

  it('the seconds expected are those of the checks in turn, each by the chance that it is still sought', () => {
    // A look of 15 s, then tissues of 90 s: 15 + 0.4 × 90 + 0.02 × 90, and 0.001 is left.
    expect(search([plain('a', 1)], [], []).expected).toBeCloseTo(15 + 0.4 * 90 + 0.02 * 90, 6)
  })

  it('the surest check of a likelier place comes before the quick one of another: chance times what it sees, by its seconds', () => {
    // After a look in vain: 6 × 0.95 in 90 s against 1 × 0.6 in 15 s.
    const uneven = [plain('b', 1), plain('a', 15)]
    const { next, places } = search(uneven, [], [dry('look', 'a')])
    expect(next).toMatchObject({ check: 'tissue', at: { id: 'a' } })
    expect(places.map(({ suspect }) => suspect.id)).toEqual(['a', 'b'])
    expect(search([plain('b', 1), plain('a', 8)], [], [dry('look', 'a')]).next).toMatchObject({ check: 'look' })
  })

  it('of two valves the one that parts the more evenly is shut, whichever is named first', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, 1))
    const from = (first: number) => valveBefore(many, first)
    for (const valves of [
      [from(20), from(40)],
      [from(40), from(20)],
    ])
      expect(search(many, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v40' } })
  })

  it('of more valves than can be weighed those that part the most evenly are, wherever they were named', () => {
    const many = Array.from({ length: 160 }, (_, at) => plain(`j${at}`, 1))
    const from = (first: number) => valveBefore(many, first)
    // Fourteen at either end part off next to nothing; the one that halves it all stands between them.
    const ends = Array.from({ length: 14 }, (_, at) => [from(1 + at), from(159 - at)]).flat()
    const valves = [...ends.slice(0, 14), from(80), ...ends.slice(14)]
    expect(search(many, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v80' } })
  })

  it('where it was seen, the search ends', () => {
    const found = search(two, [], [{ check: 'tissue', at: 'b', result: 'leaks' }])
    expect(found).toMatchObject({ found: { id: 'b' }, next: null, expected: 0 })
  })

  it('a valve is shut first where much lies on either side, and its result moves the chances: 0.95 to 0.05', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, 1))
    const valve: ValveSides = { id: 'r/v', run: 'r', node: 'v', beyond: new Set(many.slice(40).map(({ id }) => id)) }
    expect(search(many, [valve], []).next).toMatchObject({ check: 'valve', seconds: 600 })
    const after = search(many, [valve], [{ check: 'valve', at: 'r/v', result: 'beyond' }])
    const beyond = after.places.filter(({ suspect }) => valve.beyond.has(suspect.id))
    expect(beyond.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(0.95, 9)
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'j40' } })
    // Of four joints, looking at all is sooner done.
    const few = many.slice(38, 42)
    expect(search(few, [valve], []).next).toMatchObject({ check: 'look' })
  })

  it('a valve that parts off next to nothing is not shut', () => {
    const many = Array.from({ length: 80 }, (_, at) => plain(`j${at}`, at === 79 ? 0.01 : 1))
    const off: ValveSides = { id: 'r/end', run: 'r', node: 'end', beyond: new Set(['j79']) }
    const half: ValveSides = {
      id: 'r/middle',
      run: 'r',
      node: 'middle',
      beyond: new Set(many.slice(0, 40).map(({ id }) => id)),
    }
    expect(search(many, [off], []).next).toMatchObject({ check: 'look' })
    expect(search(many, [off, half], []).next).toMatchObject({ check: 'valve', valve: { node: 'middle' } })
    // Shut once, it is not proposed again, and the search is expected to be shorter for it.
    const after = search(many, [half], [{ check: 'valve', at: 'r/middle', result: 'beyond' }])
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'j0' } })
    expect(after.expected).toBeLessThan(search(many, [], []).expected)
  })

  it('what was said of a valve or a place that is there no more is passed over', () => {
    const gone: CheckResult[] = [{ check: 'valve', at: 'gone', result: 'beyond' }, dry('look', 'gone')]
    expect(search(two, [], gone).places).toEqual(search(two, [], []).places)
  })

  it('chances add up to 1 whatever was found, and no check in vain raises its place', () =>
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.01, max: 50, noNaN: true }), { minLength: 2, maxLength: 12 }),
        fc.array(fc.tuple(fc.nat(11), fc.constantFrom('look', 'tissue')), { maxLength: 20 }),
        (weights, checks) => {
          const those = weights.map((weight, at) => plain(`j${at}`, weight))
          const results = checks
            .filter(([at]) => at < those.length)
            .map(([at, check]) => dry(check as 'look', `j${at}`))
          const { places } = search(those, [], results)
          expect(places.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9)
          const last = results.at(-1)
          if (!last) return
          const chanceAt = (of: typeof places) => of.find(({ suspect }) => suspect.id === last.at)!.chance
          expect(chanceAt(places)).toBeLessThanOrEqual(chanceAt(search(those, [], results.slice(0, -1)).places) + 1e-12)
        },
      ),
    ))

  it('nothing under test leaves nothing to seek', () =>
    expect(search([], [], [])).toEqual({ places: [], found: null, next: null, expected: 0 }))
})

describe('the seconds of a check', () => {
  it('a leg takes longer by its length, and so does a slow fall at a valve', () => {
    const pipe = plain('leg/r/l1', 1, { joint: null, length: 2000 })
    expect([secondsOf('look', pipe), secondsOf('tissue', pipe), secondsOf('look', plain('a', 1))]).toEqual([
      35, 210, 15,
    ])
    // 0.1 bar at 0.2 bar a minute: 30 s; one that does not fall is read for half an hour.
    expect([valveSeconds(0.2), valveSeconds(0)]).toEqual([120, 1890])
  })

  it('the fall by the leak alone, by the minute; nought where nothing is known', () => {
    const readings = [{ seconds: 60 }, { seconds: 100 }, { seconds: 660 }]
    const causes = [
      { cause: 'temperature', bar: 0.4 },
      { cause: 'leak', bar: -0.6 },
    ]
    expect(fallByLeak(causes, readings)).toBeCloseTo(0.06, 9)
    expect([fallByLeak([], readings), fallByLeak(causes, [{ seconds: 60 }]), fallByLeak(causes, [])]).toEqual([0, 0, 0])
  })
})

describe('simulated leaks', () => {
  it('round in order: a look at every place, then tissue, until it is seen where it is', () => {
    const three = ['a', 'b', 'c'].map((id) => plain(id, 1))
    // Seen at once, seen by the first tissue, never seen: three looks of 15 s, then four rounds of tissue of 90 s.
    expect(secondsInOrder(three, 'b', () => 0)).toBe(30)
    expect(secondsInOrder(three, 'b', () => 0.8)).toBe(45 + 180)
    expect(secondsInOrder(three, 'b', () => 0.999)).toBe(45 + 4 * 270)
  })

  it('by what the search says next, each check is counted until the leak is seen where it is', () => {
    const two = [plain('a', 3), plain('b', 1)]
    const after = (results: CheckResult[]) => leakSearch(two, [], results, 600).next!
    const first = after([])
    const second = after([dry(first.check as 'look', 'a')])
    expect('at' in second && second.at.id).toBe('b')
    expect(secondsBySearch(two, [], { leaks: 'a', valveSeconds: 600, random: () => 0 })).toBe(first.seconds)
    expect(secondsBySearch(two, [], { leaks: 'b', valveSeconds: 600, random: () => 0 })).toBe(
      first.seconds + second.seconds,
    )
    // Not seen at the first look, it is looked for again.
    const once = [0.999]
    expect(secondsBySearch(two, [], { leaks: 'a', valveSeconds: 600, random: () => once.pop() ?? 0 })).toBeGreaterThan(
      first.seconds,
    )
  })

  it('a valve that shows the wrong side costs more than one that shows the right one', () => {
    const many = Array.from({ length: 40 }, (_, at) => plain(`p${at}`, 1))
    const valve: ValveSides = { id: 'r/v', run: 'r', node: 'v', beyond: new Set(many.slice(20).map(({ id }) => id)) }
    expect(leakSearch(many, [valve], [], 30).next).toMatchObject({ check: 'valve', seconds: 30 })
    const seconds = (leaks: string, first: number) => {
      const stream = [first]
      return secondsBySearch(many, [valve], { leaks, valveSeconds: 30, random: () => stream.pop() ?? 0 })
    }
    for (const leaks of ['p0', 'p20']) expect(seconds(leaks, 0.9999)).toBeGreaterThan(seconds(leaks, 0))
    // Rightly told, the first of either half is looked at next.
    expect([seconds('p0', 0), seconds('p20', 0)]).toEqual([45, 45])
  })

  it('are found in at most half the seconds of going round in order, at the median', () => {
    const random = randomStream(inject('seed'))
    const long = lineWithValves(60, 10)
    const longPlan = planJob(long, catalogue)
    const shares = Array.from({ length: 60 }, () => {
      // As they were made: one in twelve unmarked, ungauged or not ticked at all.
      const entries = longPlan.joints.flatMap(({ id }) => {
        const careless = random()
        if (careless < 0.03) return []
        return [
          made(id, { ringPlaced: true, atShoulder: careless > 0.06, ...(careless > 0.09 ? { gauge: 'goes' } : {}) }),
        ]
      })
      const of = suspectsOf(long, longPlan, siteState(longPlan, entries))
      const leaks = drawLeak(of, random)
      // From one that falls by 1 bar a minute to one of 0.1.
      const byValve = valveSeconds(10 ** -random())
      return {
        searched: secondsBySearch(of, valveSides(long, of), { leaks, valveSeconds: byValve, random }),
        inOrder: secondsInOrder(of, leaks, random),
      }
    })
    const median = (of: number[]) => of.sort((a, b) => a - b)[of.length / 2]!
    expect(median(shares.map(({ searched }) => searched))).toBeLessThan(median(shares.map((of) => of.inOrder)) / 2)
  })
})
