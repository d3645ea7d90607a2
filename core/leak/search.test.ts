import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { CheckResult } from '../log/leak-check'
import { dry, plain, search, slowDrip, sought, spotsOfEach, walked } from '../testing/sample-leak'
import type { Loss } from './loss'
import { leakSearch } from './search'
import type { Spot } from './spots'
import type { Suspect } from './suspects'
import type { ValveSides } from './valve-sides'

/** What a look and tissue see of 1 ml a minute: 0.95 × 1 / (1 + 0.16), 0.97 × 1 / (1 + 0.0004). */
const [seen, felt] = [0.95 / 1.16, 0.97 / 1.0004]
const line = (length: number, weight = 1) => Array.from({ length }, (_, at) => plain(`j${at}`, weight))

/** A valve in a line of suspects, with all from this one on beyond it. */
const valveBefore = (line: readonly Suspect[], first: number): ValveSides => ({
  id: `r/v${first}`,
  run: 'r',
  node: `v${first}`,
  beyond: new Set(line.slice(first).map(({ id }) => id)),
})

describe('where it is', () => {
  const two = [plain('a', 3), plain('b', 1)]

  it('first comes one walk round, of all that can be seen: a second at a fitting, two for each metre', () => {
    const first = leakSearch(sought([...two, plain('leg/r/l1', 0.1, { length: 3000 })]), [])
    expect(first.next).toEqual({ check: 'walk', seconds: 3 + 6 })
    const hidden = two.map((of) => ({ ...of, isHidden: true }))
    expect(leakSearch(sought(hidden), []).next).toMatchObject({ check: 'open' })
    // In vain, what can be seen is less likely than what cannot: 0.9 / 17 of it would have been seen.
    const [, unseen] = leakSearch(sought([two[1]!, plain('c', 1, { isHidden: true })]), [walked]).places
    expect(unseen!.chance).toBeCloseTo((1 - 0.9 / 17) / (2 - 0.9 / 17), 9)
  })

  it('the likelier is looked at first; dry, it is less likely: 0.75 × 0.18 against 0.25', () => {
    expect(search(two, [], []).next).toMatchObject({ check: 'look', at: { id: 'a' }, seconds: 15 })
    const after = search(two, [], [dry('look', 'a')])
    const left = 0.75 * (1 - seen)
    expect(after.places[1]).toMatchObject({ spot: { id: 'a' }, chance: expect.closeTo(left / (left + 0.25), 9) })
    // A metre off: two seconds more.
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'b' }, seconds: 17 })
    expect(search(two, [], [dry('look', 'a'), dry('look', 'b')]).next).toMatchObject({
      check: 'tissue',
      at: { id: 'a' },
    })
  })

  it('of a seep a look shows next to nothing: tissue at once; of air soap', () => {
    const lost = (loss: Loss) => leakSearch({ ...sought(two), loss }, [walked]).next
    expect(lost({ ...slowDrip, mlPerMinute: 0.05 })).toMatchObject({ check: 'tissue' })
    expect(lost({ ...slowDrip, medium: 'air', mlPerMinute: 20 })).toMatchObject({ check: 'soap' })
  })

  it('a fitting is one look for all its joints; what was said of one of them alone is of that one', () => {
    const [left, right] = [plain('e/l1', 1), plain('e/l2', 1)]
    const elbow: Spot = { id: 'r/e', suspects: [left, right], isHidden: false, length: 0, place: null }
    const of = { ...sought([]), spots: [elbow, ...spotsOfEach([plain('b', 2)])] }
    const chanceAtElbow = (...results: CheckResult[]) =>
      leakSearch(of, results).places.find(({ spot }) => spot.id === 'r/e')!.chance
    expect(chanceAtElbow()).toBeCloseTo(0.5, 9)
    expect(chanceAtElbow(dry('look', 'r/e'))).toBeCloseTo((1 - seen) / (2 - seen), 9)
    expect(chanceAtElbow(dry('look', 'e/l1'))).toBeCloseTo((2 - seen) / (4 - seen), 9)
    expect(leakSearch(of, [{ check: 'look', at: 'e/l2', result: 'leaks' }]).found?.id).toBe('r/e')
  })

  it('the seconds expected are those of the checks in turn, each by the chance that it is still sought, with four to get there', () => {
    const left = 1 - seen
    expect(search([plain('a', 1)], [], []).expected).toBeCloseTo(19 + left * 94 + left * (1 - felt) * 94, 6)
  })

  it('the surest check of a likelier place comes before the quick one of another: chance times what it sees, by its seconds', () => {
    // After a look in vain at a: 30 × 0.18 × 0.97 in 90 s against 0.82 in 17 s; of 15 it is half of that.
    expect(search([plain('b', 1), plain('a', 30)], [], [dry('look', 'a')]).next).toMatchObject({ check: 'tissue' })
    expect(search([plain('b', 1), plain('a', 15)], [], [dry('look', 'a')]).next).toMatchObject({ check: 'look' })
  })

  it('of like places the next is the nearest to where one stands', () => {
    const of = line(9)
    expect(search(of, [], [dry('look', 'j4')]).next).toMatchObject({ at: { id: 'j3' }, seconds: 17 })
    expect(search(of, [], [dry('look', 'j4'), dry('look', 'j3')]).next).toMatchObject({ at: { id: 'j2' } })
  })

  it('where it was seen, the search ends, and how likely a second one is stays: 1 − (1 − 0.0005 × 3)', () => {
    const found = search(two, [], [{ check: 'tissue', at: 'b', result: 'leaks' }])
    expect(found).toMatchObject({ found: { id: 'b' }, next: null, expected: 0 })
    const walkedPast = 1 - 0.9 / 17
    expect(found.second).toBeCloseTo(0.0005 * 3 * walkedPast, 9)
    // Forty crimped joints beside it: 3 %. Where both sides of a valve fell it is likelier.
    const leaks = { check: 'look', at: 'j0', result: 'leaks' } as const
    const many = line(41, 1.5)
    expect(leakSearch(sought(many), [leaks]).second).toBeCloseTo(0.0296, 3)
    const middle = valveBefore(many, 20)
    const both = { check: 'valve', at: middle.id, result: 'both' } as const
    const odds = (9 * 0.0296) / (1 - 0.0296)
    expect(leakSearch(sought(many, [middle]), [both, leaks]).second).toBeCloseTo(odds / (1 + odds), 2)
  })
})

describe('a valve', () => {
  const many = line(80)
  const middle = valveBefore(many, 40)
  const said = (result: CheckResult['result']): CheckResult => ({ check: 'valve', at: middle.id, result })

  it('is shut first where much lies on either side, and its answer moves the chances: 0.90 to 0.03', () => {
    expect(search(many, [middle], []).next).toMatchObject({ check: 'valve', seconds: 120 })
    const after = search(many, [middle], [said('beyond')])
    const beyond = after.places.filter(({ spot }) => middle.beyond.has(spot.id))
    expect(beyond.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(0.9 / 0.93, 9)
    expect(after.next).toMatchObject({ check: 'look', at: { id: 'j40' } })
    // Of four fittings, looking at all is sooner done.
    expect(search(many.slice(38, 42), [middle], []).next).toMatchObject({ check: 'look' })
  })

  it('that shows both sides falling, or neither, tells nothing of where, and is not shut again', () => {
    const before = search(many, [middle], [])
    for (const answer of ['both', 'neither'] as const) {
      const after = search(many, [middle], [said(answer)])
      expect(after.places.map(({ chance }) => chance)).toEqual(
        before.places.map(({ chance }) => expect.closeTo(chance, 12)),
      )
      expect(after.next).toMatchObject({ check: 'look' })
    }
  })

  it('of two the one that parts the more evenly is shut, whichever is named first', () => {
    const [fifth, half] = [valveBefore(many, 16), valveBefore(many, 40)]
    for (const valves of [
      [fifth, half],
      [half, fifth],
    ])
      expect(search(many, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v40' } })
  })

  it('of more than can be weighed those that part the most evenly are, wherever they were named', () => {
    const long = line(160)
    // Fourteen at either end part off next to nothing; the one that halves it all stands between them.
    const ends = Array.from({ length: 14 }, (_, at) => [valveBefore(long, 1 + at), valveBefore(long, 159 - at)]).flat()
    const valves = [...ends.slice(0, 14), valveBefore(long, 80), ...ends.slice(14)]
    expect(search(long, valves, []).next).toMatchObject({ check: 'valve', valve: { node: 'v80' } })
  })

  it('that parts off next to nothing is not shut', () => {
    const last = many.map((of, at) => (at === 79 ? { ...of, weight: 0.01 } : of))
    expect(search(last, [valveBefore(last, 79)], []).next).toMatchObject({ check: 'look' })
  })
})

describe('what was checked', () => {
  it('of a valve or a place that is there no more is passed over', () => {
    const two = [plain('a', 3), plain('b', 1)]
    const gone: CheckResult[] = [{ check: 'valve', at: 'gone', result: 'beyond' }, dry('look', 'gone')]
    expect(search(two, [], gone).places).toEqual(search(two, [], []).places)
  })

  it('leaves chances that add up to 1, and none in vain raises its place', () =>
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
          const chanceAt = (of: typeof places) => of.find(({ spot }) => spot.id === last.at)!.chance
          expect(chanceAt(places)).toBeLessThanOrEqual(chanceAt(search(those, [], results.slice(0, -1)).places) + 1e-12)
        },
      ),
    ))

  it('where nothing is under test there is nothing to seek', () =>
    expect(leakSearch(sought([]), [])).toEqual({ places: [], found: null, second: 0, next: null, expected: 0 }))
})
