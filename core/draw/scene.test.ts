import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { System } from '../job/system'
import { layOut } from '../run/layout'
import { pipeId, sampleSystem, type SampleRun } from '../testing/sample-run'
import { crossingsOf } from './crossings'
import { drawRun, type DrawnLeg, type Point } from './drawing'
import type { JointMark } from './joint-mark'
import { sceneOf } from './scene'
import type { Line, Part } from './shape'

const copper = pipeId('EN 1057', '22', 0.9)
const systemOf = (legs: SampleRun['legs'], more: Partial<SampleRun> = {}) =>
  sampleSystem({ pipe: copper, method: 'solder', legs, ...more })

/** With letters of 60 mm, so that a unit is 20. */
function scene(system: System, view: Parameters<typeof drawRun>[1] = 'plan', marks?: ReadonlyMap<string, JointMark>) {
  const drawing = drawRun(layOut(system), view)
  const texts = { length: String, pieceOf: new Map<string, string>(), ...(marks ? { marks } : {}) }
  return sceneOf({ catalogue, system, drawing }, 60, texts).parts
}
const partOf = (parts: readonly Part[], of: Part['of'], id: string) =>
  parts.find((part) => part.of === of && part.id === id)
const lines = (part: Part | undefined): readonly Line[] =>
  part?.shapes.filter((shape): shape is Line => shape.kind === 'line') ?? []
const whole = (point: Point) => point.map((mm) => Math.round(mm) + 0)

describe('pipes that cross on paper', () => {
  /** Out to the east, up, back over itself. */
  const over = systemOf([
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'up', 500, 'elbow:b'],
    ['elbow:b', 'north', 400, 'elbow:c'],
    ['elbow:c', 'west', 500, 'elbow:d'],
    ['elbow:d', 'south', 800, 'open:e'],
  ])

  it('the one behind has a gap of two units on either side, the one in front none', () => {
    const parts = scene(over)
    // In plan the last leg, 500 higher, crosses the first at its middle.
    expect(lines(partOf(parts, 'leg', 'l1')).map(({ from, to }) => [whole(from), whole(to)])).toEqual([
      [
        [0, 0],
        [460, 0],
      ],
      [
        [540, 0],
        [1000, 0],
      ],
    ])
    expect(lines(partOf(parts, 'leg', 'l5'))).toHaveLength(1)
  })

  it('in isometric what lies north, west or lower is behind; pipes that touch have no gap', () => {
    const leg = (id: string, from: Point, to: Point, near: number): DrawnLeg => ({
      ...{ id, from, to, between: [`${id} s`, `${id} e`], near: [near, near], length: 1 },
      ...{ state: undefined, service: 'cold', isBroken: false },
    })
    const across = leg('across', [0, 0], [10, 10], 0)
    const cases = [40, -40, 0.5].map((near) => [...crossingsOf([across, leg('other', [0, 10], [10, 0], near)])])
    expect(cases).toEqual([[['across', [0.5]]], [['other', [0.5]]], []])
    const there = drawRun(layOut(over)).legs
    expect(there[0]!.near).toEqual([0, 1000])
    // Up 500, north 400, west 500, south 800 from there.
    expect(there[4]!.near).toEqual([600, 1400])
  })

  it('are the same as every pair of legs tells', () => {
    const place = fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 }))
    const drawn = fc.array(fc.tuple(place, place, fc.integer({ min: 0, max: 400 })), { maxLength: 14 })
    fc.assert(
      fc.property(drawn, (of) => {
        const legs = of.map(([from, to, near], at): DrawnLeg => ({
          ...{ id: `l${at}`, from, to, between: [`${at}s`, `${at}e`], near: [near, near + 7], length: 1 },
          ...{ state: undefined, service: 'cold', isBroken: false },
        }))
        const gaps = (found: ReadonlyMap<string, readonly number[]>) =>
          [...found].flatMap(([id, shares]) => shares.map((share) => `${id} ${share.toFixed(6)}`))
        const pairs = legs.flatMap((one, at) => legs.slice(at + 1).flatMap((other) => gaps(crossingsOf([one, other]))))
        expect(gaps(crossingsOf(legs)).sort()).toEqual(pairs.sort())
      }),
    )
  })
})

describe('fittings as they lie', () => {
  it('a bend is pipe: its legs end three units before its corner, an arc leads from the one to the other', () => {
    const parts = scene(
      systemOf([
        ['open:s', 'east', 1000, 'bend:b'],
        ['bend:b', 'north', 600, 'open:e'],
      ]),
    )
    expect(lines(partOf(parts, 'leg', 'l1')).map(({ to }) => whole(to))).toEqual([[940, 0]])
    const [arc] = partOf(parts, 'fitting', 'b')!.shapes
    expect(arc).toMatchObject({ kind: 'mark', stroke: { ink: 'copper', weight: 0.9 } })
    const { points } = (arc as Extract<typeof arc, { kind: 'mark' }>).stroke
    expect([points[0], points.at(-1)].map((point) => point!.map((of) => Math.round(of * 1000) / 1000 + 0))).toEqual([
      [-3, 0],
      [0, -3],
    ])
    // Where a leg is shorter than nine units there is no room for it.
    const short = scene(
      systemOf([
        ['open:s', 'east', 1000, 'bend:b'],
        ['bend:b', 'north', 170, 'open:e'],
      ]),
    )
    expect(lines(partOf(short, 'leg', 'l1')).map(({ to }) => whole(to))).toEqual([[1000, 0]])
  })

  it('a reducer is wide towards the larger pipe, whichever leg that is', () => {
    const small = pipeId('EN 1057', '15', 0.7)
    const wide = (first: string, second: string) => {
      const legs: SampleRun['legs'] = [
        ['open:s', 'east', 1000, 'reducer:r'],
        ['reducer:r', 'east', 600, 'open:e'],
      ]
      const system = systemOf(legs)
      const [one, other] = system.legs
      const part = partOf(
        scene({
          ...system,
          legs: [
            { ...one!, pipe: first },
            { ...other!, pipe: second },
          ],
        }),
        'node',
        'r',
      )!
      const { points } = (part.shapes[0] as Extract<Part['shapes'][number], { kind: 'mark' }>).stroke
      return points.find(([, y]) => Math.abs(y) === 1.3)![0]
    }
    // To the west, where the larger pipe comes in; and to the east.
    expect(wide(copper, small)).toBe(-1.2)
    expect(wide(small, copper)).toBe(1.2)
  })

  it('a joint shows at the mouth of its leg how far it has come; still to make it shows nothing', () => {
    const system = systemOf([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 600, 'open:e'],
    ])
    const strokes = (marks: ReadonlyMap<string, JointMark>) =>
      partOf(scene(system, 'plan', marks), 'joint', 'a')?.shapes.map((shape) => (shape as { stroke: object }).stroke)
    expect(strokes(new Map([['a l1', 'to make']]))).toBeUndefined()
    expect(strokes(new Map([['a l1', 'made']]))).toMatchObject([{ points: [[-2.2, 0]], fill: 'paper' }])
    expect(strokes(new Map([['a l2', 'inspected']]))).toMatchObject([{ points: [[0, -2.2]], fill: 'ink' }])
    expect(strokes(new Map([['a l1', 'not OK']]))).toMatchObject([{ ink: 'caution' }, { ink: 'caution' }])
  })
})

describe('which way the water goes', () => {
  it('stands a quarter along every leg that has room for it; back in a heating return', () => {
    // With letters of 60 an arrow wants 280: the leg between has none.
    const arrows = (service: 'cold' | 'heating-return') =>
      scene(
        systemOf(
          [
            ['open:s', 'east', 2000, 'elbow:a'],
            ['elbow:a', 'up', 250, 'elbow:b'],
            ['elbow:b', 'west', 1000, 'open:e'],
          ],
          { service },
        ),
        'from the south',
      ).flatMap(({ of, id, shapes }) =>
        shapes.flatMap((shape) =>
          of === 'leg' && shape.kind === 'mark'
            ? [[id, Math.round(shape.at[0]), Math.round(shape.stroke.points[1]![0] * 10) / 10]]
            : [],
        ),
      )
    expect(arrows('cold')).toEqual([
      ['l1', 500, 1.4],
      ['l3', 1750, -1.4],
    ])
    expect(arrows('heating-return').map(([, , tip]) => tip)).toEqual([-1.4, 1.4])
  })
})

describe('what a leg runs along', () => {
  it('the joists that it crosses, at their places; hatched where it is closed in', () => {
    const system = systemOf([['open:s', 'east', 2000, 'open:e']])
    const [leg] = system.legs
    const on = { ...system, legs: [{ ...leg!, fixings: { spacing: 600, offset: 300 } }] }
    const faces = lines(partOf(scene(on), 'surroundings', 'l1'))
    // Joists at 300, 900, 1500: a face 12 mm to either side of each.
    expect(faces.map(({ from }) => Math.round(from[0]))).toEqual([288, 312, 888, 912, 1488, 1512])
    expect(partOf(scene(system), 'surroundings', 'l1')).toBeUndefined()
    const [run] = system.runs
    const closed = { ...system, runs: [{ ...run!, place: { concealed: true } }] }
    const [face, hatch] = lines(partOf(scene(closed), 'surroundings', 'l1'))
    expect([face, hatch].map((of) => [...whole(of!.from), of!.dashes.length])).toEqual([
      [0, 22, 0],
      [0, 34, 2],
    ])
  })
})
