import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pipeId, sampleSystem, type SampleRun } from '../testing/sample-run'
import { layOut } from '../run/layout'
import { drawRun, type DrawnLeg, type Point } from './drawing'
import { placeTexts } from './place-texts'
import { sketched, sketchOf } from './sketch'

const turns = ['east', 'north', 'up', 'west', 'south', 'down'] as const
const steps = fc.array(
  fc.record({ turn: fc.integer({ min: 0, max: 5 }), length: fc.integer({ min: 50, max: 4000 }) }),
  {
    minLength: 2,
    maxLength: 60,
  },
)

function runOf(of: readonly { readonly turn: number; readonly length: number }[]) {
  const legs = of.map(({ turn, length }, index): SampleRun['legs'][number] => [
    index === 0 ? 'open:s' : `elbow:${index}`,
    turns[turn]!,
    length,
    index === of.length - 1 ? 'open:e' : `elbow:${index + 1}`,
  ])
  return layOut(sampleSystem({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs }))
}

/** How far a place lies from a leg. */
function away([x, y]: Point, { from, to }: DrawnLeg): number {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const square = dx * dx + dy * dy
  const at = square === 0 ? 0 : Math.max(0, Math.min(1, ((x - from[0]) * dx + (y - from[1]) * dy) / square))
  return Math.hypot(x - from[0] - at * dx, y - from[1] - at * dy)
}

/** Whether a leg runs through the middle of what is written at a place. */
const runsThrough = (at: Point, { from, to }: DrawnLeg, letter: number): boolean =>
  Array.from({ length: 201 }, (_, step) => step / 200).some(
    (share) =>
      Math.abs(from[0] + (to[0] - from[0]) * share - at[0]) < 1.8 * letter &&
      Math.abs(from[1] + (to[1] - from[1]) * share - at[1]) < 0.45 * letter,
  )

describe('where lengths are written', () => {
  it.each([800, 366])('on %i pixels: over no pipe, nearest to their own leg or on a leader', (pixels) =>
    fc.assert(
      fc.property(steps, (of) => {
        const layout = runOf(of)
        const drawing = drawRun(layout, 'isometric', sketchOf(layout))
        const letter = (13.5 * drawing.box[2]) / pixels
        const legs = new Map(drawing.legs.map((leg) => [leg.id, leg]))
        for (const { leg, at, leader } of placeTexts(drawing, letter).dimensions) {
          for (const other of drawing.legs) expect(runsThrough(at, other, letter)).toBe(false)
          const own = away(at, legs.get(leg)!)
          // Between two places that are looked at the nearest lies a little nearer.
          const [left, top, across, down] = drawing.box
          expect(at[0] >= left && at[0] <= left + across && at[1] >= top && at[1] <= top + down).toBe(true)
          if (!leader) for (const other of drawing.legs) expect(away(at, other)).toBeGreaterThan(own - 0.5 * letter)
        }
      }),
      { numRuns: 40 },
    ),
  )

  it('most of a run of ordinary length finds its place', () => {
    const layout = runOf(
      [1240, 865, 1420, 640, 730, 580, 210, 900, 300].map((length, at) => ({ turn: [0, 1, 2][at % 3]!, length })),
    )
    const drawing = drawRun(layout, 'isometric', sketchOf(layout))
    expect(placeTexts(drawing, (13.5 * drawing.box[2]) / 800).dimensions).toHaveLength(9)
  })
})

describe('the numbers of the joints and the names of parts', () => {
  it('lie on no pipe, on no length, and on no other of them', () =>
    fc.assert(
      fc.property(steps, (of) => {
        const layout = runOf(of)
        const drawing = drawRun(layout, 'isometric', sketchOf(layout))
        const letter = (13.5 * drawing.box[2]) / 800
        const jointsOf = new Map(drawing.nodes.map(({ id }, at) => [id, at % 2 === 0 ? String(at) : `${at} 77`]))
        const namesOf = new Map(drawing.nodes.map(({ id }, at) => [id, at % 3 === 0 ? 'double check valve' : 'filter']))
        const { numbers, dimensions, names } = placeTexts(drawing, letter, { jointsOf, namesOf })
        const placed = drawing.nodes.flatMap(({ id, at }) => {
          const ofNumber = Math.max(0.45, jointsOf.get(id)!.length * 0.27) * letter
          const ofName = (namesOf.get(id)!.length * 0.23 + 0.3) * letter
          return [
            { beside: numbers.get(id), wide: ofNumber },
            { beside: names.get(id), wide: ofName },
          ].flatMap(({ beside, wide }) => {
            if (!beside) return []
            const [x, y] = [at[0] + (beside[0] * letter) / 3, at[1] + (beside[1] * letter) / 3]
            return [{ x, y, wide, high: 0.5 * letter }]
          })
        })
        const others = dimensions.map(({ at: [x, y] }) => ({ x, y, wide: 2.6 * letter, high: 0.75 * letter }))
        placed.forEach((one, index) => {
          for (const other of [...placed.slice(index + 1), ...others])
            expect(
              Math.abs(one.x - other.x) >= one.wide + other.wide - 1e-6 ||
                Math.abs(one.y - other.y) >= one.high + other.high - 1e-6,
            ).toBe(true)
          const along = [-1, -0.5, 0, 0.5, 1].map((share): Point => [one.x + share * (one.wide - 0.45 * letter), one.y])
          for (const leg of drawing.legs)
            for (const place of along) expect(away(place, leg)).toBeGreaterThan(0.3 * letter)
        })
      }),
      { numRuns: 40 },
    ))
})

describe('a sketch', () => {
  it('keeps the order of lengths, and brings them nearer to each other', () =>
    fc.assert(
      fc.property(fc.tuple(fc.integer({ min: 1, max: 9999 }), fc.integer({ min: 1, max: 9999 })), ([one, other]) => {
        fc.pre(one < other)
        const [a, b] = [sketched(one, 800), sketched(other, 800)]
        expect(a).toBeLessThan(b)
        expect(b / a).toBeLessThan(other / one)
      }),
    ))

  it('tells lengths and heights as they are, and leaves a loop to scale', () => {
    const layout = runOf([
      { turn: 0, length: 4000 },
      { turn: 2, length: 100 },
    ])
    const drawing = drawRun(layout, 'isometric', sketchOf(layout))
    expect(drawing.legs.map(({ length }) => length)).toEqual([4000, 100])
    expect(drawing.nodes.map(({ height }) => height)).toEqual([0, 0, 100])
    // Where somebody measured the start 250 over the floor, so they are told.
    const [start, ...others] = layout.system.nodes
    const measured = layOut({ ...layout.system, nodes: [{ ...start!, overFloor: 250 }, ...others] })
    expect(drawRun(measured).nodes.map(({ height }) => height)).toEqual([250, 250, 350])
    const [long, short] = drawing.legs.map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]))
    // The root of forty.
    expect(long! / short!).toBeCloseTo(Math.sqrt(40), 6)
    const loop = sampleSystem({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['elbow:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'north', 400, 'elbow:c'],
        ['elbow:c', 'west', 1000, 'elbow:d'],
        ['elbow:a', 'north', 400, 'elbow:d'],
      ],
    })
    const closed = layOut(loop)
    expect(closed.closingLegs.size).toBe(1)
    expect(sketchOf(closed)).toBe(closed)
  })
})
