import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { boreOf } from '../catalogue/pipe'
import { said } from '../testing/said'
import { shippedCatalogue } from '../catalogue/catalogue'
import { profiles } from '../workshop/profile'
import { layOut } from '../run/layout'
import { pipeId, type SampleRun, sampleSystem } from '../testing/sample-run'
import { contentOf } from './content'
import { jointBore, roughnessOf } from './coefficients'
import { fittingLoss, frictionFactor, pipeLoss } from './loss'
import { mainWay, sharedFlow } from './network'
import { flowPaths } from './path'
import { velocityOf } from './velocity'

const copper22 = pipeId('EN 1057', '22', 0.9)

describe('loss along pipe', () => {
  it('20 l/min cold through 10 m of 20.2 mm bore, worked by hand: 1.04 m/s, factor 0.0273, 7.3 kPa', () => {
    // v = 0.000333 / 0.0003205 = 1.0402; Re = 1.0402 × 0.0202 / 1.307e-6 = 16 076.
    expect(frictionFactor(16_076, 0.0015, 20.2)).toBeCloseTo(0.0273, 3)
    // 0.0273 × (10 / 0.0202) × 999.7 × 1.0402² / 2 = 7.31 kPa.
    expect(pipeLoss(20, 20.2, { length: 10_000, roughness: 0.0015, state: 'cold' })).toBeCloseTo(7.31, 1)
  })

  it('a fitting of K 1 takes the velocity head: 999.7 × 1.0402² / 2 = 0.541 kPa', () => {
    expect(fittingLoss(20, 20.2, 1, 'cold')).toBeCloseTo(0.541, 3)
  })

  it('smooth flow is 64 / Re, and there is no leap from smooth to rough', () => {
    expect(frictionFactor(1000, 0.0015, 20)).toBe(0.064)
    for (const at of [2000, 4000]) {
      expect(frictionFactor(at - 0.01, 0.0015, 20)).toBeCloseTo(frictionFactor(at + 0.01, 0.0015, 20), 5)
    }
  })

  it('grows with flow and length, falls with bore', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 8, max: 50 }),
        fc.integer({ min: 100, max: 20_000 }),
        (flow, bore, length) => {
          const loss = pipeLoss(flow, bore, { length, roughness: 0.0015, state: 'cold' })
          expect(pipeLoss(flow, bore, { length: 2 * length, roughness: 0.0015, state: 'cold' })).toBeCloseTo(
            2 * loss,
            6,
          )
          expect(pipeLoss(flow + 1, bore, { length, roughness: 0.0015, state: 'cold' })).toBeGreaterThan(loss)
          expect(pipeLoss(flow, bore + 1, { length, roughness: 0.0015, state: 'cold' })).toBeLessThan(loss)
        },
      ),
    )
  })
})

describe('bores and content', () => {
  it('10 m of 22 × 0.9 holds 3.20 litres', () => {
    expect(contentOf(shippedCatalogue.pipe(copper22)!, 10_000)).toBeCloseTo(3.205, 3)
  })

  it('an insert narrows plastic, and nothing narrows copper', () => {
    const pex = shippedCatalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
    expect(jointBore(pex, 'crimp')).toBeCloseTo(pex.od - 2 * pex.wall - 2.6, 9)
    expect(jointBore(shippedCatalogue.pipe(copper22)!, 'compression')).toBeCloseTo(20.2, 9)
  })
})

describe('a tee that is fed by its branch', () => {
  it('turns the water both ways: each way costs as much as a branch does', () => {
    const system = sampleSystem({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['tie-in:s', 'north', 1000, 'tee:t'],
        ['tee:t', 'east', 1000, 'outlet:a'],
        ['tee:t', 'west', 1000, 'outlet:b'],
      ],
    })
    const [a, b] = flowPaths(shippedCatalogue, layOut(system), 20, profiles.metric)
    // 2 m of pipe 1.463, tie-in 0.5 and branch 1.5 of 0.541 each.
    expect(a!.loss).toBeCloseTo(1.463 + 2 * 0.541, 1)
    expect(b!.loss).toBeCloseTo(a!.loss, 6)
  })
})

describe('the bore that a joint leaves', () => {
  const pex = shippedCatalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
  const cpvc = shippedCatalogue.pipe(pipeId('ASTM D2846', '1/2'))!
  it('an insert takes its wall twice; CPVC and copper have none', () => {
    expect(jointBore(pex, 'push-fit')).toBeCloseTo(boreOf(pex) - 2, 6)
    expect(jointBore(cpvc, 'push-fit')).toBe(boreOf(cpvc))
    const pvc = shippedCatalogue.pipes.find(({ material }) => material === 'pvc-u')!
    expect(jointBore(pvc, 'push-fit')).toBe(boreOf(pvc))
    expect(jointBore(shippedCatalogue.pipe(copper22)!, 'push-fit')).toBeCloseTo(20.2, 6)
  })
})

describe('the way to each outlet', () => {
  const paths = (draw: number, service: SampleRun['service'] = 'cold') =>
    flowPaths(
      shippedCatalogue,
      layOut(
        sampleSystem({
          pipe: copper22,
          method: 'solder',
          service,
          legs: [
            ['tie-in:s', 'east', 4000, 'tee:t'],
            ['tee:t', 'east', 3000, 'outlet:a'],
            ['tee:t', 'up', 1000, 'outlet:b'],
          ],
        }),
      ),
      draw,
      profiles.metric,
    )

  it('steel with its zinc is rough, drawn pipe is smooth, other steel between', () => {
    const rough = (material: string) => roughnessOf(shippedCatalogue.pipes.find((of) => of.material === material)!)
    expect(['galvanised-steel', 'copper', 'pex-a', 'multilayer', 'stainless-steel', 'carbon-steel'].map(rough)).toEqual(
      [0.15, 0.0015, 0.0015, 0.0015, 0.01, 0.01],
    )
  })

  it('adds up pipe, fittings and height: a branch costs more than going straight on', () => {
    const [a, b] = paths(20)
    expect([a!.outlet, a!.length, b!.outlet, b!.length]).toEqual(['a', 7000, 'b', 5000])
    // 7 m of pipe 5.12, tie-in 0.5 and tee 0.5 of 0.541 each.
    expect(a!.loss).toBeCloseTo(5.12 + 0.541, 1)
    expect(b!.loss).toBeCloseTo(3.66 + 0.5 * 0.541 + 1.5 * 0.541, 1)
    expect(b!.height).toBeCloseTo(9.81, 2)
    expect(a!.velocity).toBeCloseTo(1.04, 2)
  })

  it('a 45° elbow costs less than a square one, and one that does not turn yet costs as a square one', () => {
    const loss = (pitch: number) =>
      flowPaths(
        shippedCatalogue,
        layOut(
          sampleSystem({
            pipe: copper22,
            method: 'solder',
            legs: [
              ['tie-in:s', 'east', 1000, 'elbow:a'],
              ['elbow:a', { bearing: 90, pitch }, 1000, 'outlet:e'],
            ],
          }),
        ),
        20,
        profiles.metric,
      )[0]!.loss
    expect(loss(45)).toBeLessThan(loss(90))
    expect(loss(50)).toBeCloseTo(loss(45), 9)
    expect(loss(51)).toBeCloseTo(loss(90), 9)
  })

  it('no path leads to an outlet that hangs on nothing, nor from an outlet that is the start', () => {
    const paths = (legs: SampleRun['legs']) =>
      flowPaths(shippedCatalogue, layOut(sampleSystem({ pipe: copper22, method: 'solder', legs })), 20, profiles.metric)
    expect(
      paths([
        ['tie-in:s', 'east', 500, 'cap:c'],
        ['elbow:x', 'east', 500, 'outlet:o'],
      ]),
    ).toEqual([])
    expect(paths([['outlet:s', 'east', 500, 'outlet:e']]).map(({ outlet }) => outlet)).toEqual(['e'])
  })

  it('a draw of nothing is refused, a speed of nothing is nought', () => {
    expect(velocityOf(0, 20.2)).toBe(0)
    expect(() => velocityOf(-1, 20.2)).toThrow(RangeError)
  })

  it('cautions past the setting, hot sooner than cold', () => {
    expect(paths(35).map(({ caution }) => caution)).toEqual([null, null])
    expect(said(paths(35, 'hot')[0]!.caution)).toContain('1.8 m/s in copper, where 1.5 m/s is the most')
    expect(paths(35, 'heating-return')).toEqual(paths(35, 'heating-flow'))
    expect(() => paths(0)).toThrow(/Draw/)
  })
})

describe('ways that meet again', () => {
  const ring = (nodes: SampleRun['nodes'] = {}, other = 3000) =>
    sampleSystem({
      pipe: copper22,
      method: 'solder',
      nodes,
      legs: [
        ['tie-in:s', 'east', 1000, 'tee:a'],
        ['tee:a', 'north', 1000, 'elbow:b'],
        ['elbow:b', 'east', 2000, 'tee:c'],
        ['tee:a', 'east', other, 'elbow:d'],
        ['elbow:d', 'north', 1000, 'tee:c'],
        ['tee:c', 'up', 500, 'outlet:o'],
      ],
    })
  const path = (run: ReturnType<typeof ring>, draw = 20) =>
    flowPaths(shippedCatalogue, layOut(run), draw, profiles.metric)[0]!

  it('share a draw so that both lose the same: equal ways half each', () => {
    const square = (flow: number) => 0.01 * flow ** 2
    const edges = [
      { from: 's', to: 'a', loss: square },
      { from: 'a', to: 'o', loss: square },
      { from: 'o', to: 's', loss: (flow: number) => 2 * square(flow) },
      { from: 'x', to: 'y', loss: square },
    ]
    const flows = sharedFlow(edges, 's', 'o', 20)!
    // The two edges one after another lose as much as the third: half each, which is drawn the other way round.
    expect(flows[0]).toBeCloseTo(10, 5)
    expect(flows[1]).toBeCloseTo(10, 5)
    expect(flows[2]).toBeCloseTo(-10, 5)
    expect(flows[3]).toBe(0)
    expect(sharedFlow(edges, 's', 'y', 20)).toBeNull()
  })

  it('the main way goes from the feed to the draw, at each place by what brings most, however the edges were drawn', () => {
    const loss = (flow: number) => flow
    const edges = [
      { from: 'b', to: 'a', loss },
      { from: 's', to: 'a', loss },
      { from: 's', to: 'b', loss },
      { from: 'o', to: 'b', loss },
    ]
    // 4 from s to a and on to b, 6 straight to b, all 10 on to o.
    expect(mainWay(edges, [-4, 4, 6, -10], 's', 'o')).toEqual([
      { edge: 2, to: 'b' },
      { edge: 3, to: 'o' },
    ])
    expect(mainWay(edges, [-6, 6, 4, -10], 's', 'o')).toEqual([
      { edge: 1, to: 'a' },
      { edge: 0, to: 'b' },
      { edge: 3, to: 'o' },
    ])
    expect(mainWay(edges, [0, 0, 0, 0], 's', 'o')).toEqual([])
    // A way that only goes round in itself leads nowhere, and is not followed for ever.
    const round = [
      { from: 'a', to: 'b', loss },
      { from: 'b', to: 'a', loss },
    ]
    expect(mainWay(round, [1, 1], 's', 'b').length).toBeLessThanOrEqual(round.length + 1)
  })

  it('where nothing resists, the draw comes by the way that was found first', () => {
    const edges = Array.from({ length: 2 }, () => ({ from: 's', to: 'o', loss: () => 0 }))
    expect(sharedFlow(edges, 's', 'o', 20)).toEqual([20, 0])
  })

  it('a way of four times the resistance takes half as much: a third', () => {
    const flows = sharedFlow(
      [
        { from: 's', to: 'o', loss: (flow) => flow ** 2 },
        { from: 's', to: 'o', loss: (flow) => 4 * flow ** 2 },
      ],
      's',
      'o',
      30,
    )!
    expect(flows[0]).toBeCloseTo(20, 4)
    expect(flows[1]).toBeCloseTo(10, 4)
  })

  it('lose less than one way alone, and the speed is the fastest in any pipe', () => {
    const both = path(ring())
    const alone = path({ ...ring(), legs: ring().legs.filter(({ id }) => id !== 'l4' && id !== 'l5') })
    expect(both.loss).toBeLessThan(alone.loss)
    // All 20 l/min go through the pipe before and after the ring.
    expect(both.velocity).toBeCloseTo(1.04, 2)
    expect([both.length, alone.length]).toEqual([4500, 4500])
  })

  it('a second feed halves what comes through either, and only one from which the water comes', () => {
    const fed = (upstream: boolean) =>
      sampleSystem({
        pipe: copper22,
        method: 'solder',
        nodes: { f: { condition: { upstream } } },
        legs: [
          ['tie-in:s', 'east', 2000, 'tee:a'],
          ['tee:a', 'east', 2000, 'tie-in:f'],
          ['tee:a', 'up', 10, 'outlet:o'],
        ],
      })
    const [two, one] = [path(fed(true)), path(fed(false))]
    expect(one.loss).toBeGreaterThan(2.5)
    // Half the flow in 2 m of pipe: 0.43 of its loss and a quarter of the tie-in's and the tee's.
    expect(two.loss / one.loss).toBeGreaterThan(0.25)
    expect(two.loss / one.loss).toBeLessThan(0.75)
    expect(two.length).toBe(2010)
  })

  it('whatever the ring: what comes to each place goes on from it, and round the ring nothing is lost', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 50, noNaN: true }), { minLength: 3, maxLength: 12 }),
        fc.nat(),
        fc.nat(),
        (ways, at, chord) => {
          const count = ways.length
          const edges = ways.map((factor, index) => ({
            from: `n${index}`,
            to: `n${(index + 1) % count}`,
            loss: (flow: number) => factor * flow ** 1.8,
          }))
          edges.push({ from: 'n0', to: `n${1 + (chord % (count - 1))}`, loss: (flow) => 3 * flow ** 1.8 })
          const outlet = `n${1 + (at % (count - 1))}`
          const flows = sharedFlow(edges, 'n0', outlet, 20)!
          for (let place = 1; place < count; place += 1) {
            const into = edges.reduce(
              (sum, { from, to }, edge) =>
                sum + (to === `n${place}` ? flows[edge]! : 0) - (from === `n${place}` ? flows[edge]! : 0),
              0,
            )
            expect(into).toBeCloseTo(outlet === `n${place}` ? 20 : 0, 6)
          }
          const round = ways.reduce(
            (sum, _, edge) => sum + Math.sign(flows[edge]!) * edges[edge]!.loss(Math.abs(flows[edge]!)),
            0,
          )
          expect(Math.abs(round)).toBeLessThan(0.05)
        },
      ),
    )
  })
})

it('the height of an outlet is told from where the water comes in, wherever that is fixed', () => {
  const rise = (at?: [number, number, number]) =>
    flowPaths(
      shippedCatalogue,
      layOut(
        sampleSystem({
          pipe: copper22,
          method: 'solder',
          legs: [
            ['tie-in:s', 'east', 1000, 'elbow:a'],
            ['elbow:a', 'up', 1000, 'outlet:o'],
          ],
          nodes: { s: { at } },
        }),
      ),
      20,
      profiles.metric,
    )[0]!.height
  expect(rise()).toBeCloseTo(9.81, 2)
  expect(rise([0, 0, 2500])).toBeCloseTo(9.81, 2)
})
