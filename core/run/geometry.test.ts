import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bendLengths } from '../bend/geometry'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { sampleJob, pipeId, type SampleRun, sampleSystem } from '../testing/sample-run'
import { angleBetween, attitudeOf, turnBetweenBends, unitVector } from '../job/direction'
import { placeTexts } from '../draw/place-texts'
import { drawRun, project } from '../draw/drawing'
import { branchOf, layOut } from './layout'
import { pathBetween } from './path'

const run = (legs: SampleRun['legs']) => sampleSystem({ pipe: pipeId('EN 1057', '15', 0.7), method: 'solder', legs })

describe('where a run stands', () => {
  it('counts from the first fixed point, wherever in the run that is; without one from its first node', () => {
    const three = run([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 500, 'open:e'],
    ])
    const fixed = {
      ...three,
      nodes: three.nodes.map((node) =>
        node.id === 'a' ? { ...node, at: [10, 20, 30] as [number, number, number] } : node,
      ),
    }
    expect([...layOut(three).places.entries()]).toEqual([
      ['s', [0, 0, 0]],
      ['a', [1000, 0, 0]],
      ['e', [1000, 500, 0]],
    ])
    expect(Object.fromEntries(layOut(fixed).places)).toEqual({ s: [-990, 20, 30], a: [10, 20, 30], e: [10, 520, 30] })
  })
})

describe('a bent piece', () => {
  const bent = (turned: boolean, tolerance = 0) => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '15', 0.7),
      method: 'solder',
      legs: [
        ['coupling:s', 'east', 700, 'bend:b'],
        ['bend:b', 'north', 500, 'bend:c'],
        ['bend:c', 'up', 400, 'cap:e'],
      ],
      nodes: { b: { radius: 60 }, c: { radius: 60 } },
    })
    const legs = job.legs.map((leg) => ({ ...leg, tolerance }))
    return planJob({ ...job, legs: turned ? [legs[2]!, legs[0]!, legs[1]!] : legs }, shippedCatalogue).pieces
  }
  it('is one from end to end, whichever of its legs was drawn first', () => {
    const [piece, ...others] = bent(true)
    expect(others).toEqual([])
    expect(piece!.legs).toEqual(['l1', 'l2', 'l3'])
    expect(piece!.ends.map(({ node }) => node)).toEqual(['s', 'e'])
    // 1600 less what the coupling and two bends take.
    expect(piece!.cut).toBeGreaterThan(1500)
    expect(piece!.cut).toBe(bent(false)[0]!.cut)
  })
  it('is as sure as its take-offs and every leg that was measured, added up', () => {
    const [piece] = bent(false)
    const takeOffs = piece!.ends.reduce((sum, { takeOffTolerance }) => sum + takeOffTolerance!, 0)
    expect(piece!.tolerance).toBeCloseTo(takeOffs, 9)
    expect(bent(false, 2)[0]!.tolerance).toBeCloseTo(takeOffs + 6, 9)
  })
})

describe('directions', () => {
  it('a bearing and pitch is the axis that it points along', () => {
    expect(unitVector({ bearing: 90, pitch: 0 }).map((part) => Math.round(part * 1e9) / 1e9)).toEqual([1, 0, 0])
    expect(angleBetween(unitVector({ bearing: 12, pitch: 90 }), unitVector('up'))).toBeCloseTo(0, 4)
  })

  it('the second of two bends stands 90 degrees from the first when it goes east, north, up', () => {
    expect(Math.abs(turnBetweenBends([1, 0, 0], [0, 1, 0], [0, 0, 1]))).toBeCloseTo(90, 9)
    expect(turnBetweenBends([1, 0, 0], [0, 1, 0], [-1, 0, 0])).toBeCloseTo(0, 9)
    expect(Math.abs(turnBetweenBends([1, 0, 0], [0, 1, 0], [1, 0, 0]))).toBeCloseTo(180, 9)
  })
})

describe('bends in several planes', () => {
  it('each is turned from the one before it; the first from nothing', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '15', 0.7),
      method: 'solder',
      legs: [
        ['open:s', 'east', 500, 'bend:a'],
        ['bend:a', 'north', 400, 'bend:b'],
        ['bend:b', 'up', 400, 'bend:c'],
        ['bend:c', 'south', 400, 'bend:d'],
        ['bend:d', 'up', 500, 'open:e'],
      ],
      nodes: Object.fromEntries(['a', 'b', 'c', 'd'].map((id) => [id, { radius: 60 }])),
    })
    const [piece] = planJob(job, shippedCatalogue).pieces
    expect(piece!.bends.map(({ turn }) => turn)).toEqual([0, 90, 0, 180])
    // Each tangent point lies 60 from its corner: an arc of 94.2 instead of 120.
    expect(piece!.cut).toBeCloseTo(2200 - 4 * (120 - 30 * Math.PI), 1)
    // East at the end turns one way, west the other.
    const turnTo = (direction: 'east' | 'west') => {
      const legs = job.legs.map((leg, at) => (at === 3 ? { ...leg, direction } : leg))
      return planJob({ ...job, legs }, shippedCatalogue).pieces[0]!.bends[2]!.turn
    }
    expect([Math.abs(turnTo('east')), turnTo('east') + turnTo('west')]).toEqual([90, 0])
  })

  it('straight on is no bend, and straight back is none that can be made', () => {
    const cut = (direction: 'east' | 'west') =>
      planJob(
        sampleJob({
          pipe: pipeId('EN 1057', '15', 0.7),
          method: 'solder',
          legs: [
            ['open:s', 'east', 500, 'bend:a'],
            ['bend:a', direction, 400, 'open:e'],
          ],
          nodes: { a: { radius: 60 } },
        }),
        shippedCatalogue,
      ).pieces.map((piece) => [piece.cut, piece.missing?.message])
    expect(cut('east')).toEqual([[null, 'bend in line']])
    expect(cut('west')).toEqual([[null, 'bend in line']])
  })
})

describe('the way from one node to another', () => {
  const ring = run([
    ['open:s', 'east', 400, 'tee:a'],
    ['tee:a', 'north', 300, 'elbow:b'],
    ['tee:c', 'west', 500, 'elbow:b'],
    ['tee:c', 'up', 200, 'outlet:d'],
    ['tee:a', 'up', 900, 'outlet:e'],
  ])
  const way = (from: string, to: string) =>
    pathBetween(layOut(ring), from, to).map(({ leg, to: node, along }) => [leg.id, node, along])

  it('goes leg by leg, each along the way that is gone', () => {
    expect(way('s', 'd')).toEqual([
      ['l1', 'a', [1, 0, 0]],
      ['l2', 'b', [0, 1, 0]],
      ['l3', 'c', [1, -0, -0]],
      ['l4', 'd', [0, 0, 1]],
    ])
    expect(way('b', 's').map(([, node]) => node)).toEqual(['a', 's'])
    expect(way('b', 's')[1]![2]).toEqual([-1, -0, -0])
  })

  it('is none where no way leads, or to where one is', () => {
    expect(way('s', 's')).toEqual([])
    expect(way('s', 'nowhere')).toEqual([])
  })
})

describe('layout', () => {
  it('a closed loop closes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9000 }), fc.integer({ min: 1, max: 9000 }), (a, b) => {
        const { places } = layOut(
          run([
            ['open:s', 'east', a, 'elbow:1'],
            ['elbow:1', 'up', b, 'elbow:2'],
            ['elbow:2', 'west', a, 'elbow:3'],
            ['elbow:3', 'down', b, 'open:e'],
          ]),
        )
        expect(places.get('e')).toEqual([0, 0, 0])
      }),
    )
  })

  it('finds a tee’s branch, whichever leg was drawn first', () => {
    const layout = layOut(
      run([
        ['open:x', 'south', 300, 'tee:t'],
        ['tee:t', 'east', 500, 'open:y'],
        ['tee:t', 'west', 500, 'open:z'],
      ]),
    )
    expect(branchOf(layout.arms.get('t')!)?.leg.id).toBe('l1')
  })
})

describe('bends', () => {
  it('the arc is the way round less the gain, at any radius and angle', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 500, noNaN: true }),
        fc.double({ min: 1, max: 170, noNaN: true }),
        (radius, angle) => {
          const { setBack, arc, gain } = bendLengths(radius, angle)
          expect(arc + gain).toBeCloseTo(2 * setBack, 6)
          expect(arc).toBeLessThanOrEqual(2 * setBack)
        },
      ),
    )
    expect(() => bendLengths(0, 90)).toThrow(RangeError)
  })
})

describe('the isometric drawing', () => {
  it('keeps the length of every axis', () => {
    for (const axis of ['east', 'north', 'up', 'west', 'south', 'down'] as const) {
      expect(Math.hypot(...project(unitVector(axis)))).toBeCloseTo(1, 9)
    }
  })

  it('writes no dimension over another', () => {
    const letter = 60
    const drawing = drawRun(
      layOut(
        run([
          ['open:s', 'east', 1240, 'elbow:1'],
          ['elbow:1', 'north', 865, 'tee:t'],
          ['tee:t', 'north', 1420, 'open:n'],
          ['tee:t', 'east', 730, 'elbow:2'],
          ['elbow:2', 'up', 580, 'valve:v'],
          ['valve:v', 'up', 210, 'open:b'],
        ]),
      ),
    )
    const at = placeTexts(drawing, letter).dimensions.map((dimension) => dimension.at)
    expect(at).toHaveLength(6)
    at.forEach((one, index) =>
      at
        .slice(index + 1)
        .forEach((other) =>
          expect(Math.abs(one[0] - other[0]) >= 5 * letter || Math.abs(one[1] - other[1]) >= 1.4 * letter).toBe(true),
        ),
    )
  })

  it('of any run, writes none over another and none over a height, and leaves out what finds no room', () => {
    const turns = ['east', 'north', 'up', 'south', 'east', 'down'] as const
    fc.assert(
      fc.property(
        fc.array(fc.record({ turn: fc.integer({ min: 0, max: 5 }), length: fc.integer({ min: 50, max: 3000 }) }), {
          minLength: 1,
          maxLength: 30,
        }),
        fc.integer({ min: 20, max: 200 }),
        (steps, letter) => {
          const legs = steps.map(({ turn, length }, index): SampleRun['legs'][number] => [
            index === 0 ? 'open:s' : `elbow:${index}`,
            turns[turn]!,
            length,
            index === steps.length - 1 ? 'open:e' : `elbow:${index + 1}`,
          ])
          const drawing = drawRun(layOut(run(legs)))
          const placed = placeTexts(drawing, letter).dimensions
          const third = letter / 3
          const apart = (one: readonly number[], other: readonly number[]) =>
            Math.abs(one[0]! - other[0]!) >= 5.2 * letter - 1e-9 || Math.abs(one[1]! - other[1]!) >= 1.5 * letter - 1e-9
          const beside = placeTexts(drawing, letter).heights
          const heights = drawing.nodes.flatMap(({ id, at: [x, y] }) => {
            const place = beside.get(id)
            return place ? [[x + place[0] * third, y + place[1] * third] as const] : []
          })
          expect(heights.length).toBeLessThanOrEqual(2)
          if (heights.length === 2) expect(apart(heights[0]!, heights[1]!)).toBe(true)
          expect(new Set(placed.map(({ leg }) => leg)).size).toBe(placed.length)
          placed.forEach(({ at }, index) => {
            expect(placed.slice(index + 1).every((other) => apart(at, other.at))).toBe(true)
            expect(heights.every((height) => apart(at, height))).toBe(true)
          })
        },
      ),
    )
  })
})

it('a leg within 15 degrees of the plumb line is held as an upright one', () => {
  const at = (pitch: number) => attitudeOf({ bearing: 30, pitch })
  expect([at(75), at(74.9), at(-75), at(-74.9), at(0), at(90)]).toEqual([
    'vertical',
    'horizontal',
    'vertical',
    'horizontal',
    'horizontal',
    'vertical',
  ])
  expect([attitudeOf('up'), attitudeOf('down'), attitudeOf('east')]).toEqual(['vertical', 'vertical', 'horizontal'])
})
