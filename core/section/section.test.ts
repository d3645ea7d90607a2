import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methodIds, type MethodId } from '../methods/ids'
import { pipeId } from '../testing/sample-run'
import { faultsOf, type FaultId } from './faults'
import { sectionOf } from './section'

const copper22 = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = catalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
const section = (home: number, faults: FaultId[] = [], method: 'push-fit' | 'crimp' = 'push-fit') =>
  sectionOf({ pipe: method === 'crimp' ? pex : copper22, method, depth: 24, home, faults: new Set(faults) })
const reached = (home: number) =>
  section(home)
    .stations.filter((at) => at.state !== 'not reached')
    .map(({ name }) => name)

describe('the drawn section', () => {
  it('reaches the seal, then the grip, then the stop', () => {
    expect([reached(0), reached(9), reached(16), reached(24)]).toEqual([
      [],
      ['seal'],
      ['seal', 'grip'],
      ['seal', 'grip', 'stop'],
    ])
    expect(section(24).says).toContain('Fully in')
    expect(section(16).says).toContain('not yet: at the stop')
    // As much again as half the depth is drawn beyond the mouth.
    expect(section(24).to).toBe(36)
  })

  it('solder, cement and sealed thread fill as far as the pipe is in, and nothing where it is not', () => {
    const fill = (method: 'solder' | 'press-metal', home: number) =>
      sectionOf({ pipe: copper22, method, depth: 15, home, faults: new Set() }).parts.filter(
        ({ part }) => part === 'filler',
      )
    expect(fill('solder', 0)).toEqual([])
    expect(Math.max(...fill('solder', 9)[0]!.points.map(([x]) => x))).toBe(9)
    expect(fill('press-metal', 9)).toEqual([])
  })

  it('a thread is screwed in until it is made up; it has no depth mark to look at', () => {
    const steel = catalogue.pipe(pipeId('EN 10255', '1/2'))!
    const made = (home: number) => sectionOf({ pipe: steel, method: 'thread', depth: 13, home, faults: new Set() })
    expect(made(13).motion).toBe('Screw the pipe in')
    expect(made(13).says).toContain('threads still show')
    expect(made(12).says).toContain('not yet: made up')
    expect(section(24).motion).toBe('Push the pipe in')
  })

  it('is to scale: wall, diameter and mark are the figures', () => {
    const { parts, mark, stations } = section(20)
    const wall = parts.find(({ part }) => part === 'pipe')!.points
    expect(Math.max(...wall.map(([, y]) => y))).toBe(11)
    expect(Math.min(...wall.map(([, y]) => y))).toBeCloseTo(11 - 0.9)
    expect(Math.max(...wall.map(([x]) => x))).toBe(20)
    // Four millimetres short: the mark stands four millimetres outside the mouth.
    expect(mark).toBe(-4)
    expect(stations.at(-1)).toMatchObject({ name: 'stop', at: 24 })
  })

  it('every method on every size: nothing outside the drawing, a closed outline, stations in order', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...methodIds),
        fc.constantFrom(...catalogue.pipes),
        fc.double({ min: 8, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (method, pipe, depth, part) => {
          const drawn = sectionOf({ pipe, method, depth, home: depth * part, faults: new Set() })
          for (const { points } of drawn.parts) {
            expect(points.length).toBeGreaterThanOrEqual(3)
            for (const [x, y] of points) {
              expect(x).toBeGreaterThanOrEqual(drawn.from - 1e-6)
              expect(y).toBeGreaterThanOrEqual(0)
              expect(y).toBeLessThanOrEqual(drawn.out)
            }
          }
          const at = drawn.stations.map((station) => station.at)
          expect(at).toEqual(at.toSorted((a, b) => a - b))
        },
      ),
    )
  })

  it('faults are drawn and said: a ring at the end, an insert that is missing or should not be there', () => {
    const ringEnd = (faults: FaultId[]) => {
      const { points } = section(24, faults, 'crimp').parts.find(({ part }) => part === 'ring')!
      return 24 - Math.max(...points.map(([x]) => x))
    }
    expect([ringEnd([]), ringEnd(['ring too near']), ringEnd(['ring too far'])]).toEqual([4.5, 0.5, 9])
    expect(section(24, ['insert in metal']).parts.some(({ part }) => part === 'insert')).toBe(true)
    expect(section(24).parts.some(({ part }) => part === 'insert')).toBe(false)
    expect(section(24, ['burr']).says).toContain('shaves the seal')
    const can = (...of: Parameters<typeof faultsOf>) =>
      faultsOf(...of)
        .map(({ id }) => id)
        .filter((id) => id === 'no insert' || id === 'insert in metal')
    expect([can('push-fit', pex), can('compression', pex)]).toEqual([['no insert'], ['no insert']])
    expect([can('push-fit', copper22), can('compression', copper22)]).toEqual([['insert in metal'], []])
    expect(faultsOf('solder', copper22).map(({ id }) => id)).not.toContain('burr')
  })

  it('with a fault on, what it spoils is marked so, and what the pipe has not come to is not reached', () => {
    const states = (method: MethodId, fault: FaultId, home = 20) =>
      Object.fromEntries(
        sectionOf({ pipe: copper22, method, depth: 20, home, faults: new Set([fault]) }).stations.map(
          ({ name, state }) => [name, state],
        ),
      )
    expect(states('push-fit', 'burr')).toEqual({ seal: 'spoilt', grip: 'held', stop: 'held' })
    expect(states('push-fit', 'burr', 13)).toEqual({ seal: 'spoilt', grip: 'not reached', stop: 'not reached' })
    expect(states('compression', 'tape on the olive')).toEqual({ seal: 'held', grip: 'spoilt', stop: 'held' })
    expect(states('solder', 'cold side')).toEqual({ seal: 'spoilt', grip: 'spoilt', stop: 'held' })
    // Solder in the bore spoils the bore; the joint itself holds.
    expect(new Set(Object.values(states('solder', 'run inside')))).toEqual(new Set(['held']))
  })

  it('solder runs into one side only where the other stayed cold, and hangs in the bore where too much was fed', () => {
    const parts = (fault: FaultId) =>
      sectionOf({ pipe: copper22, method: 'solder', depth: 15.4, home: 15.4, faults: new Set([fault]) }).parts.filter(
        ({ part }) => part === 'filler',
      )
    expect(parts('cold side').map(({ side }) => side)).toEqual(['below'])
    const inside = parts('run inside').find(({ side }) => side)!
    // The bore of 22 × 0.9 is 20.2: it hangs inwards from 10.1.
    expect(Math.max(...inside.points.map(([, out]) => out))).toBeCloseTo(10.1)
    expect(Math.min(...inside.points.map(([, out]) => out))).toBeLessThan(9)
  })

  it('an olive that is crushed bites into the wall, on tape it does not touch the pipe', () => {
    const least = (faults: FaultId[]) => {
      const { parts } = sectionOf({
        pipe: copper22,
        method: 'compression',
        depth: 20,
        home: 20,
        faults: new Set(faults),
      })
      return Math.min(...parts.find(({ part }) => part === 'olive')!.points.map(([, out]) => out))
    }
    expect([least([]), least(['tape on the olive'])]).toEqual([11, 11.4])
    expect(least(['too tight'])).toBeCloseTo(11 - 0.72)
  })

  it('plastic has its insert wherever it is gripped from outside, but for CPVC in push-fit; metal has none', () => {
    const cpvc = catalogue.pipes.find(({ material }) => material === 'cpvc')!
    const has = (method: MethodId, pipe: typeof pex) =>
      sectionOf({ pipe, method, depth: 24, home: 24, faults: new Set() }).parts.some(({ part }) => part === 'insert')
    for (const method of ['push-fit', 'compression', 'compression-pe'] as const) expect(has(method, pex)).toBe(true)
    expect([has('push-fit', cpvc), has('compression', cpvc)]).toEqual([false, true])
    const canLack = (method: MethodId) => faultsOf(method, cpvc).some(({ id }) => id === 'no insert')
    expect([canLack('push-fit'), canLack('compression')]).toEqual([false, true])
    expect([has('push-fit', copper22), has('compression', copper22), has('solder', copper22)]).toEqual([
      false,
      false,
      false,
    ])
  })

  it('a slip coupling has no stop: the pipe could go on, and its mark is what tells', () => {
    const of = (slips: boolean) =>
      sectionOf({ pipe: copper22, method: 'solder', depth: 15.4, home: 15.4, faults: new Set(), slips })
    expect(
      of(true)
        .stations.map(({ name, at }) => [name, at])
        .at(-1),
    ).toEqual(['mark', 15.4])
    expect(of(false).stations.map(({ name }) => name)).toContain('stop')
    const least = (slips: boolean) => {
      const fitting = of(slips).parts.find(({ part }) => part === 'fitting')!
      return Math.min(...fitting.points.map(([, out]) => out))
    }
    // Nothing of it stands before the pipe's wall, from 11 outwards.
    expect(least(true)).toBeGreaterThanOrEqual(11)
    expect(least(false)).toBeLessThan(11)
  })

  it('a depth or an end outside its range is refused', () => {
    expect(() => section(25)).toThrow(RangeError)
    expect(() => sectionOf({ pipe: pex, method: 'crimp', depth: 0, home: 0, faults: new Set() })).toThrow(RangeError)
  })
})
