import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pipeId, type SampleRun, sampleSystem } from '../testing/sample-run'
import { cutIn } from './cut-in'
import { layOut } from './layout'
import { levelsOf, outletsWithoutFall } from './levels'

const levels = (legs: SampleRun['legs']) =>
  levelsOf(layOut(sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs })))

describe('an outlet outdoors', () => {
  const flat = (last: SampleRun['legs'][number]) =>
    outletsWithoutFall(
      layOut(
        sampleSystem({
          pipe: pipeId('EN 1057', '15', 0.7),
          method: 'solder',
          legs: [['tie-in:s', 'up', 500, 'elbow:a'], last],
        }),
      ),
    )
  it('is named where its leg lies level or rises to it, and not where it falls', () => {
    expect(flat(['elbow:a', 'east', 400, 'outlet:e'])).toEqual(['e'])
    expect(flat(['elbow:a', { bearing: 90, pitch: 2 }, 400, 'outlet:e'])).toEqual(['e'])
    // 400 sin 1° = 7 down.
    expect(flat(['elbow:a', { bearing: 90, pitch: -1 }, 400, 'outlet:e'])).toEqual([])
  })
})

describe('levels', () => {
  it('a trap keeps its level leg and both uprights up to where it runs off', () => {
    const { points } = levels([
      ['tie-in:s', 'down', 300, 'elbow:a'],
      ['elbow:a', 'east', 1000, 'elbow:b'],
      ['elbow:b', 'up', 200, 'outlet:e'],
    ])
    // The outlet at −100 is the lower of the two ways off: 200 of each upright stays full.
    expect(points).toEqual([
      {
        run: 'r1',
        nodes: expect.arrayContaining(['a', 'b']),
        height: -300,
        kind: 'low',
        pool: 1,
        keeps: expect.arrayContaining([
          { leg: 'l2', length: 1000 },
          { leg: 'l1', length: 200 },
          { leg: 'l3', length: 200 },
        ]),
      },
    ])
  })

  it('a leg at the height at which it runs off keeps none, nor do those beyond', () => {
    const { points } = levels([
      ['tie-in:s', 'down', 500, 'elbow:a'],
      ['elbow:a', 'east', 1000, 'elbow:b'],
      ['elbow:b', 'up', 200, 'elbow:c'],
      ['elbow:c', 'east', 600, 'outlet:e'],
    ])
    const [low] = points.filter(({ kind }) => kind === 'low')
    expect(low!.keeps.toSorted((x, y) => x.leg.localeCompare(y.leg))).toEqual([
      { leg: 'l1', length: 200 },
      { leg: 'l2', length: 1000 },
      { leg: 'l3', length: 200 },
    ])
  })

  it('two low points of one pool hold its water once', () => {
    // Down to −400, up a hump to −300, down to −400 again; it runs off at 0 to either side, far above the hump.
    const { points } = levels([
      ['tie-in:s', 'down', 400, 'elbow:a'],
      ['elbow:a', 'east', 500, 'elbow:b'],
      ['elbow:b', 'up', 100, 'elbow:c'],
      ['elbow:c', 'east', 300, 'elbow:d'],
      ['elbow:d', 'down', 100, 'elbow:e'],
      ['elbow:e', 'east', 500, 'elbow:f'],
      ['elbow:f', 'up', 400, 'outlet:o'],
    ])
    const low = points.filter(({ kind }) => kind === 'low')
    expect(low.map(({ pool }) => pool)).toEqual([low[0]!.pool, low[0]!.pool])
    const kept = low.flatMap(({ keeps }) => keeps)
    expect(kept.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(400 + 500 + 100 + 300 + 100 + 500 + 400, 6)
    expect(new Set(kept.map(({ leg }) => leg)).size).toBe(kept.length)
  })

  it('two traps with their own way off are two pools', () => {
    const { points } = levels([
      ['tie-in:s', 'down', 200, 'elbow:a'],
      ['elbow:a', 'east', 500, 'elbow:b'],
      ['elbow:b', 'up', 200, 'tee:t'],
      ['tee:t', 'up', 300, 'outlet:o'],
      ['tee:t', 'east', 400, 'elbow:c'],
      ['elbow:c', 'down', 200, 'elbow:d'],
      ['elbow:d', 'east', 500, 'elbow:e'],
      ['elbow:e', 'up', 200, 'outlet:p'],
    ])
    expect(new Set(points.filter(({ kind }) => kind === 'low').map(({ pool }) => pool)).size).toBe(2)
  })

  it('over a door it holds air', () => {
    const { points } = levels([
      ['tie-in:s', 'up', 900, 'elbow:a'],
      ['elbow:a', 'east', 1000, 'elbow:b'],
      ['elbow:b', 'down', 600, 'outlet:e'],
    ])
    expect(points).toMatchObject([{ kind: 'high', height: 900, keeps: [] }])
  })

  it('a run that rises to its outlets drains back, and opens its lowest and its highest', () => {
    const found = levels([
      ['tie-in:s', 'up', 500, 'tee:t'],
      ['tee:t', 'east', 800, 'outlet:a'],
      ['tee:t', 'up', 700, 'outlet:b'],
    ])
    expect(found).toMatchObject({ points: [], lowest: 'a', highest: 'b' })
  })

  it('of several outlets the lowest and the highest, whichever is drawn first; of none, neither', () => {
    const found = levels([
      ['tie-in:s', 'up', 500, 'tee:t'],
      ['tee:t', 'up', 700, 'tee:u'],
      ['tee:u', 'east', 300, 'outlet:top'],
      ['tee:u', 'down', 900, 'outlet:low'],
      ['tee:t', 'east', 800, 'outlet:middle'],
    ])
    expect(found).toMatchObject({ lowest: 'low', highest: 'top' })
    expect(levels([['tie-in:s', 'up', 500, 'cap:c']])).toMatchObject({ lowest: null, highest: null })
  })

  it('water runs off by the lower of two ways, past a hump on the other', () => {
    const { points } = levels([
      ['cap:s', 'down', 400, 'elbow:a'],
      ['elbow:a', 'east', 500, 'tee:t'],
      ['tee:t', 'up', 300, 'elbow:b'],
      ['elbow:b', 'east', 200, 'elbow:c'],
      ['elbow:c', 'down', 900, 'outlet:o'],
      ['tee:t', 'north', 500, 'elbow:d'],
      ['elbow:d', 'up', 350, 'outlet:p'],
    ])
    // The hump to o stands at −100, the outlet p at −50: it spills over the hump.
    const kept = Object.fromEntries(
      points.find(({ kind }) => kind === 'low')!.keeps.map(({ leg, length }) => [leg, length]),
    )
    expect(kept).toEqual({ l1: 300, l2: 500, l3: 300, l6: 500, l7: 300 })
  })

  it('spills over the lowest of all ways off, however the pipework branches', () => {
    /** The least height that water must rise to on some way from a node to an outlet or the tie-in. */
    function spill(legs: SampleRun['legs'], heights: ReadonlyMap<string, number>, from: string): number {
      const kindOf = (name: string) => name.split(':')[0]!
      const idOf = (name: string) => name.split(':')[1]!
      const ends = new Map(legs.flatMap(([a, , , b]) => [a, b].map((name) => [idOf(name), kindOf(name)] as const)))
      const go = (at: string, top: number, seen: readonly string[]): number => {
        const here = Math.max(top, heights.get(at)!)
        if (ends.get(at) === 'outlet' || ends.get(at) === 'tie-in') return here
        const next = legs.flatMap(([a, , , b]) => (idOf(a) === at ? [idOf(b)] : idOf(b) === at ? [idOf(a)] : []))
        return Math.min(Infinity, ...next.filter((id) => !seen.includes(id)).map((id) => go(id, here, [...seen, id])))
      }
      return go(from, -Infinity, [from])
    }
    const steps = fc.array(
      fc.record({ from: fc.nat(30), rise: fc.integer({ min: -9, max: 9 }).filter((of) => of !== 0), out: fc.nat(3) }),
      { minLength: 3, maxLength: 12 },
    )
    fc.assert(
      fc.property(steps, (drawn) => {
        const legs = drawn.map(({ from, rise, out }, index): SampleRun['legs'][number] => {
          const start = index === 0 ? 'tie-in:0' : `tee:${1 + (from % index)}`
          const isEnd =
            out === 0 && !drawn.slice(index + 1).some((later, on) => 1 + (later.from % (index + 1 + on)) === index + 1)
          return [start, rise > 0 ? 'up' : 'down', Math.abs(rise) * 100, `${isEnd ? 'outlet' : 'tee'}:${index + 1}`]
        })
        const named = legs.map(([a, direction, length, b]): SampleRun['legs'][number] => {
          const outlet = legs.find(([, , , to]) => to.split(':')[1] === a.split(':')[1])?.[3]
          return [outlet ?? a, direction, length, b]
        })
        const { places } = layOut(sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs: named }))
        const heights = new Map([...places].map(([id, [, , up]]) => [id, up]))
        for (const point of levels(named).points.filter(({ kind, keeps }) => kind === 'low' && keeps.length > 0)) {
          const top = spill(named, heights, point.nodes[0]!)
          for (const { leg, length } of point.keeps) {
            const [a, , whole, b] = named[Number(leg.slice(1)) - 1]!
            const bottom = Math.min(...[a, b].map((name) => heights.get(name.split(':')[1]!)!))
            expect(length).toBeCloseTo(Math.min(whole, top - bottom), 6)
          }
        }
      }),
    )
  })

  it('a fall is told in mm to the metre', () => {
    const [fall] = levels([['tie-in:s', { bearing: 90, pitch: -1.1458 }, 1500, 'outlet:e']]).falls
    expect(fall).toMatchObject({ leg: 'l1', fall: expect.closeTo(20, 1) })
  })
})

describe('cutting into a line', () => {
  const question = {
    takeOff: { mm: 12.5, tolerance: 0.5, basis: 'typical' },
    insertion: { mm: 15.4, tolerance: 1, basis: 'standard' },
    slipLength: 50,
    play: 20,
  } as const

  it('takes out both take-offs, and needs the whole insertion depth of play', () => {
    expect(cutIn(question)).toEqual({ remove: 25, tolerance: 1, playNeeded: 15.4, makeUpPiece: null })
  })

  it('without play and with a short coupling: two new pieces, dropped in between two couplings', () => {
    const { makeUpPiece } = cutIn({ ...question, play: 10 })
    // 15.4 + 50 + 5 = 70.4, cut 71; 25 + 2 × (71 + 5) = 177; (50 − 5) / 2 = 22.5.
    expect(makeUpPiece).toEqual({ couplings: 2, remove: 177, piece: 71, gap: 5, mark: 22.5 })
  })

  it('with a long coupling one is enough: its gap is the insertion depth that the fitting needs', () => {
    const { makeUpPiece } = cutIn({ ...question, play: 0, slipLength: 90 })
    expect(makeUpPiece).toMatchObject({ couplings: 1, piece: 111, gap: 20.4, mark: expect.closeTo(34.8, 9) })
    expect(makeUpPiece!.remove).toBeCloseTo(25 + 111 + 20.4, 9)
  })

  it('names a coupling that covers nothing', () => {
    expect(() => cutIn({ ...question, slipLength: 30 })).toThrow(/at least 35.8\u2009mm/)
    expect(() => cutIn({ ...question, play: -1 })).toThrow(/Play/)
  })
})
