import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from '../plan'
import { layOut } from '../route/layout'
import { pipeId, sampleJob } from '../sample-run'
import { growthOf, keepClipsOff } from './free-leg'
import { countClips, guidesBetween } from './leg-clips'
import { expansion, freeLegConstants, loopFor, roomAtWall } from './expansion'
import { fewestClips, fixingsWithin } from './fixings'
import { joistProblems, needsGuard } from './timber'

/** Whether clips at these places keep every span. */
const holds = (at: readonly number[], from: number, to: number, most: number): boolean => {
  const all = [from, ...at, to]
  return all.slice(1).every((place, index) => place - all[index]! <= most + 0.05)
}

/** The fewest clips of all choices that keep every span; null where none does. */
function fewestOfAll(places: readonly number[], from: number, to: number, most: number): number | null {
  let best: number | null = null
  for (let mask = 0; mask < 2 ** places.length; mask += 1) {
    const at = places.filter((_, index) => mask & (1 << index))
    if (holds(at, from, to, most) && (best === null || at.length < best)) best = at.length
  }
  return best
}

describe('clips on joists and studs', () => {
  it('joists at 400: every second one holds spans of 900', () => {
    const places = fixingsWithin({ spacing: 400, offset: 200 }, 0, 2000)
    expect(places).toEqual([200, 600, 1000, 1400, 1800])
    expect(fewestClips(places, 0, 2000, 900)).toEqual({ at: [600, 1400], tooLong: [] })
  })

  it('names a span that nothing keeps: joists at 600 and spans of 500', () => {
    expect(fewestClips([300, 900, 1500], 0, 1800, 500)).toEqual({
      at: [300, 900, 1500],
      tooLong: [
        { from: 300, to: 900 },
        { from: 900, to: 1500 },
      ],
    })
  })

  it('uses as few as any choice of all, and keeps every span where any choice does', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 59 }), { maxLength: 11 }),
        fc.integer({ min: 3, max: 30 }),
        (marks, span) => {
          const places = marks.map((mark) => mark * 50).sort((a, b) => a - b)
          const [to, most] = [3000, span * 50]
          const { at, tooLong } = fewestClips(places, 0, to, most)
          const best = fewestOfAll(places, 0, to, most)
          expect(tooLong.length === 0).toBe(best !== null)
          if (best === null) return
          expect(holds(at, 0, to, most)).toBe(true)
          // A leg that needs no clip is still held once.
          expect(at.length).toBe(Math.max(best, places.length > 0 ? 1 : 0))
        },
      ),
    )
  })

  it('refuses a spacing of nothing', () => {
    expect(() => fixingsWithin({ spacing: 0, offset: 0 }, 0, 100)).toThrow(RangeError)
    expect(() => fewestClips([], 0, 100, 0)).toThrow(RangeError)
  })
})

describe('expansion', () => {
  it('10 m of 22 copper by 50 K: 8.3 mm, free leg 824', () => {
    const { growth, freeLeg } = expansion(0.0166, 10_000, 50, 22, freeLegConstants.copper)
    expect(growth).toBeCloseTo(8.3, 6)
    expect(freeLeg).toBeCloseTo(824.3, 1) // 61 × √(22 × 8.3) = 61 × 13.513
    expect(loopFor(freeLeg).out).toBeCloseTo(412.1, 1)
    expect(roomAtWall(growth)).toBeCloseTo(10.3, 6)
  })

  it('grows with length and warmth alike, and shrinks when cold by as much', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 30_000 }), fc.integer({ min: 1, max: 90 }), (length, kelvin) => {
        const of = (mm: number, by: number) => expansion(0.18, mm, by, 16, freeLegConstants.pex)
        expect(of(2 * length, kelvin).growth).toBeCloseTo(2 * of(length, kelvin).growth, 6)
        expect(of(length, -kelvin).growth).toBeCloseTo(-of(length, kelvin).growth, 6)
        expect(of(length, -kelvin).freeLeg).toBeCloseTo(of(length, kelvin).freeLeg, 6)
      }),
    )
  })
})

const mm = (value: number) => `${Math.floor(value)} mm`

describe('timber', () => {
  it('keeps holes and notches within their share of the depth, where the span allows them', () => {
    const joist = { depth: 200, span: 3000, at: 1000 } as const
    expect(joistProblems({ ...joist, kind: 'hole', size: 50 }, 'metric', mm)).toEqual([])
    expect(joistProblems({ ...joist, kind: 'hole', size: 60 }, 'metric', mm)).toEqual([
      'a hole of at most 50 mm in a joist 200 mm deep',
    ])
    expect(joistProblems({ ...joist, kind: 'notch', size: 25 }, 'metric', mm)).toEqual([
      'a notch between 210 mm and 750 mm from a support',
    ])
    // A third of 140 is 46.7, but 2 in are to stay above and below: 140 − 101.6 = 38.4.
    expect(joistProblems({ ...joist, depth: 140, kind: 'hole', size: 45 }, 'us-a', mm)).toEqual([
      'a hole of at most 38 mm in a joist 140 mm deep',
    ])
    expect(joistProblems({ ...joist, at: 1400, kind: 'notch', size: 20 }, 'us-a', mm)).toHaveLength(1)
  })

  it('guards a pipe nearer than 32 mm to the face', () => {
    expect([needsGuard(27.5, 32), needsGuard(32, 32)]).toEqual([true, false])
  })
})

describe('growth of a stretch against its free legs', () => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    service: 'hot',
    legs: [
      ['tie-in:s', 'up', 500, 'elbow:a'],
      ['elbow:a', 'east', 6000, 'coupling:c'],
      ['coupling:c', 'east', 4000, 'elbow:b'],
      ['elbow:b', 'up', 900, 'outlet:e'],
    ],
    nodes: { e: { measured: { takeOff: 2, insertion: 15, tolerance: 0.5 } } },
  })
  const { supports } = planJob(job, shippedCatalogue)
  const layout = layOut(job.runs[0]!)
  const growing = (leg: number, kelvin: number) =>
    growthOf(shippedCatalogue, layout, job.runs[0]!.legs[leg]!, supports, kelvin)

  it('legs in line grow as one: 10 m by 50 K need 824, the first clips stand 130 from the corners', () => {
    const found = growing(1, 50)
    expect(found).toMatchObject({ legs: ['l2', 'l3'], length: 10_000, enough: false })
    expect(found.freeLeg).toBeCloseTo(824.3, 1)
    expect(found.free[1]).toBeCloseTo(130, 1)
    expect(growing(2, 50)).toEqual(found)
  })

  it('clips are kept off the leg that turns off, and it is enough', () => {
    const [, end] = growing(1, 50).turning
    expect(end).toEqual({ node: 'b', legs: ['l4'], length: 900 })
    const kept = keepClipsOff(job, 'r1', end, 824.4)
    const plan = planJob(kept, shippedCatalogue)
    expect(Math.min(...plan.clips.filter(({ leg }) => leg === 'l4').map(({ at }) => at), 9999)).toBeGreaterThanOrEqual(
      824.4,
    )
    const free = growthOf(shippedCatalogue, layOut(kept.runs[0]!), kept.runs[0]!.legs[1]!, plan.supports, 50)
    expect(free).toMatchObject({ enough: true, free: [expect.any(Number), 900] })
  })

  it('a small growth finds enough', () => expect(growing(1, 1)).toMatchObject({ enough: true }))
})

describe('upright plastic', () => {
  const riser = (profile: 'metric' | 'us-a') =>
    planJob(
      sampleJob({
        pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
        method: 'crimp',
        profile,
        legs: [
          ['open:s', 'east', 500, 'elbow:a'],
          ['elbow:a', 'up', 3000, 'elbow:b'],
          ['elbow:b', 'east', 500, 'open:e'],
        ],
      }),
      shippedCatalogue,
    )

  it('is guided at mid-storey where the profile asks for it', () => {
    // 14.7 + 15.24 + 50 = 79.94 from either corner; one span of 2840, its middle at 1500.
    const { supports, clipCounts } = riser('us-a')
    expect(supports.find(({ leg }) => leg === 'l2')).toMatchObject({ at: [79.9, 2920.1], guides: [1500] })
    expect(clipCounts).toContainEqual({ label: 'guide for 1/2 PEX-B, in which it can slide', count: 1 })
    expect(riser('metric').supports.every(({ guides }) => guides.length === 0)).toBe(true)
  })

  it('a short span needs none', () => expect(guidesBetween([80, 1500, 3000], 3048)).toEqual([]))

  it('has plastic clips, and copper plain ones', () => {
    const clips = [
      {
        run: 'r1',
        leg: 'l1',
        pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
        at: [1, 2],
        guides: [],
        missing: '',
        basis: '',
      },
      { run: 'r1', leg: 'l2', pipe: pipeId('EN 1057', '22', 0.9), at: [1], guides: [], missing: '', basis: '' },
    ]
    expect(countClips(shippedCatalogue, clips)).toEqual([
      { label: 'plastic clip for 1/2 PEX-B', count: 2 },
      { label: 'clip for 22 copper', count: 1 },
    ])
  })
})
