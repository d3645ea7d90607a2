import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue, catalogueWith } from './catalogue'
import { chainLength, chainLengthOf, isChainApart } from './chain-length'
import { meetingOf, type Fitting } from './fitting'
import { endLength } from './fitting-length'
import { nameableFittings, shippedFittings, shippedTransitions } from './fittings'
import { lengthBetween } from './part-length'
import { shippedSockets } from './socket'

const socket = (id: string) => shippedSockets.find((of) => of.id === id)!
const named = (id: string) => {
  const fitting = nameableFittings().find((of) => of.id === id || of.label === id)
  if (!fitting) throw new Error(`there is no ${id}`)
  return fitting
}
const ends = (id: string) => {
  const fitting = named(id)
  return fitting.ends.map((_, index) => endLength(catalogue, fitting, index)?.mm)
}

describe('lengths of everyday parts', () => {
  it('every fitting of the catalogue has one at each of its ends, none below nought, each with its tolerance', () => {
    const inTables = nameableFittings().filter(({ kind }) => kind !== 'part in line')
    const lacking = inTables.filter((fitting) =>
      fitting.ends.some((_, index) => {
        const length = endLength(catalogue, fitting, index)
        return !length || !(length.mm >= 0) || !(length.tolerance >= 0)
      }),
    )
    expect(lacking.map(({ id }) => id)).toEqual([])
    expect(inTables.length).toBeGreaterThan(5000)
    expect(shippedSockets.filter(({ insertion }) => insertion === null)).toEqual([])
  })

  it('a tee has three ends, a cap and a plug one, everything else two; threads are made in every size', () => {
    const count = (kind: string) => shippedFittings().filter((of) => of.kind === kind).length
    for (const { kind, ends: of } of shippedFittings())
      expect(of).toHaveLength(kind === 'tee' ? 3 : kind === 'cap' || kind === 'plug' ? 1 : 2)
    // Six sizes of NPT and of BSP; between them three of 1/2 and of 3/4.
    expect([count('nipple'), count('thread adapter')]).toEqual([12, 6])
    const threaded = shippedFittings().filter(({ kind, ends: of }) => kind === 'plug' && of[0]!.type === 'thread')
    expect(threaded).toHaveLength(12)
  })

  it.each([
    // a D + b, by hand: 0.55 × 22 + 12, 0.75 × 28 + 18, 0.9 × 15 + 12, 0.6 × 26.67 + 14
    ['22 solder valve', [24.1, 24.1]],
    ['28 press valve', [39, 39]],
    ['15 push-fit valve', [25.5, 25.5]],
    ['3/4 NPT thread valve', [30, 30]],
    // 0.3 × 22 + 8
    ['22 solder union', [14.6, 14.6]],
    // Its neck beyond two depths: 2 in all.
    ['22 solder slip coupling', [1, 1]],
    ['22 push-fit slip coupling', [2, 2]],
    // Whole 0.3 × 7 + 2 = 4.1; a mixed one the mean of 4.1 and 12.1.
    ['22 solder × 15 solder reducer', [2.05, 2.05]],
    ['22 solder × 15 press adapter', [4.05, 4.05]],
    // 0.25 × 22 + 7 to the mouth of the female, 0.25 × 22 + 4 to the end of the male.
    ['22 solder × 3/4 M BSP adapter', [6.25, 6.25]],
    ['22 solder × 3/4 F BSP adapter', [4.75, 4.75]],
    // 0.2 × 15 + 10 to the washer.
    ['15 solder × 1/2 F BSP swivel connector', [6.5, 6.5]],
    // 0.7 × 15 + 4 to the axis of the thread; 0.5 × 21.336 + 14 to its mouth, less 13 taken up.
    ['15 solder × 1/2 F BSP drop-ear elbow', [14.5, 11.7]],
    // Its elbow as the plain one; its copper leg is cut to what is wanted before the wall.
    ['16 multilayer press × 15 FTG stub-out', [18.2, 200]],
    // Cup end as the plain elbow; spigot end that and the depth and 2.
    ['1/2 FTG × 1/2 solder street elbow 90', [11.2 + 12.7 + 2, 11.2]],
    // 28 and 28.5 to the body's end, less what the pipe goes in: 13.2 and 13.46.
    ['1/2 BSP thread × 1/2 F BSP elbow 90', [14.8, 15]],
    ['1/2 NPT thread × 1/2 F NPT elbow 90', [15, 15.5]],
    // 0.74 × 28.5 less 13.46, at either end.
    ['1/2 NPT thread × 1/2 F NPT elbow 45', [7.6, 7.6]],
    ['3/4 PVC solvent elbow 90', [14.5, 14.5]],
    ['3/4 CPVC solvent elbow 45', [6, 6]],
    // A reducing tee has the larger one's body: 12.5 and 13.5; its shallower socket stops 15.4 − 10.6 sooner.
    ['22 solder × 22 solder × 15 solder tee', [12.5, 12.5, 18.3]],
    ['22 solder cap', [0]],
  ])('%s: %j', (id, lengths) => {
    expect(ends(id)).toEqual(lengths.map((mm) => expect.closeTo(mm, 6)))
  })

  it('a thing between two pipes is told the same from either side, and by both methods', () => {
    const any = fc.constantFrom(...shippedSockets.filter(({ method }) => method !== 'thread'))
    fc.assert(
      fc.property(any, any, (one, other) => {
        expect(lengthBetween(one, other)).toEqual(lengthBetween(other, one))
        const whole = lengthBetween(one, other)!
        const [a, b] = [lengthBetween(one, one)!, lengthBetween(other, other)!]
        expect(whole.mm).toBeGreaterThanOrEqual(Math.min(a.mm, b.mm))
      }),
    )
    expect(lengthBetween(socket('press-metal:EN 1254-7:22'), socket('solder:EN 1254-1:15'))!.mm).toBe(8.1)
  })
})

describe('fittings one in the other', () => {
  it('an adapter in an adapter: 12.5 to the mouth, 14 taken up, 0.3 × 28 + 7 beyond', () => {
    const chain = [named('22 solder × 3/4 M BSP adapter'), named('28 press × 3/4 F BSP adapter')]
    expect(chainLength(catalogue, chain)).toEqual({
      mm: expect.closeTo(12.5 + 14 + 15.4, 6),
      tolerance: 10,
      basis: 'typical',
    })
  })

  it('a fitting reducer in a coupling meets the stop with its tip', () => {
    // Spigot 15.4 deep and 4.1 of neck; the coupling 1.6 from stop to stop.
    const chain = [named('22 FTG × 15 solder fitting reducer'), named('22 solder coupling')]
    expect(chainLength(catalogue, chain)?.mm).toBeCloseTo(15.4 + 4.1 + 1.6, 6)
  })

  it('is the same from its other end, and as long as its fittings and what is taken up between them', () => {
    const straight = shippedTransitions().filter(({ ends: of }) => of.length === 2)
    const whole = (fitting: Fitting) =>
      fitting.ends.reduce((sum, _, index) => sum + endLength(catalogue, fitting, index)!.mm, 0)
    fc.assert(
      fc.property(fc.constantFrom(...straight), fc.nat(), (one, at) => {
        expect(chainLength(catalogue, [one])!.mm).toBeCloseTo(whole(one), 6)
        const partners = straight.filter((of) => meetingOf(one, of))
        const other = partners[at % partners.length]
        if (!other) return
        const [there, back] = [chainLength(catalogue, [one, other])!, chainLength(catalogue, [other, one])!]
        expect(there.mm).toBeCloseTo(back.mm, 6)
        const between = there.mm - whole(one) - whole(other)
        if (meetingOf(one, other)!.kind === 'thread') expect(between > 12.999 && between < 19.001).toBe(true)
        else expect(between).toBeCloseTo(0, 6)
      }),
    )
  })

  it('two sockets that face each other have no length: what lies between them is pipe', () => {
    expect(chainLengthOf(catalogue, ['22 solder × 22 solder coupling', '22 solder × 15 solder reducer'])).toBeNull()
    expect(isChainApart(['22 solder × 22 solder coupling', '22 solder × 15 solder reducer'])).toBe(true)
    expect(isChainApart(['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter'])).toBe(false)
    expect(isChainApart(['22 solder × 22 solder coupling', 'a thing of the shed'])).toBe(false)
  })

  it('what was measured holds in a chain too; what the catalogue does not know has no length', () => {
    const own = catalogueWith([
      {
        socket: 'solder:EN 1254-1:22',
        fitting: 'coupling',
        end: 'either',
        mm: 2,
        tolerance: 0.2,
        basis: 'measured',
      },
    ])
    expect(chainLengthOf(own, ['22 solder × 22 solder coupling'])).toMatchObject({ mm: 4, tolerance: 0.4 })
    expect(chainLengthOf(own, ['a hose'])).toBeNull()
  })
})
