import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { materials } from '../materials'
import { profiles, profileWith } from '../workshop/profile'
import { planJob } from '../plan/plan-job'
import { layOut } from '../run/layout'
import { said } from '../testing/said'
import { pipeId, sampleJob } from '../testing/sample-run'
import { keepClipsOff } from '../edit/legs/keep-clips-off'
import { growthOf } from './free-leg'
import { countClips, guidesBetween } from './leg-clips'
import type { LegClips } from './clips-of-leg'
import { expansion, freeLegConstant, loopFor, roomAtWall } from './expansion'
import { fewestClips, fixingsWithin } from './fixings'
import { joistLimitsMessage, joistProblems, needsGuard } from './timber'
import { systemsOf } from '../job/system'

/** The fewest of all choices of places, the first and the last among them, that keep every span; null where none does. */
function fewestOfAll(places: readonly number[], most: number): number | null {
  let best: number | null = null
  const end = places.length - 1
  for (let mask = 0; mask < 2 ** places.length; mask += 1) {
    const at = places.filter((_, index) => mask & (1 << index))
    const holds = at.slice(1).every((place, index) => place - at[index]! <= most + 0.05)
    const isHeld = at[0] === places[0] && at.at(-1) === places[end]
    if (holds && isHeld && (best === null || at.length < best)) best = at.length
  }
  return best
}

describe('clips on joists and studs', () => {
  it('joists at 400: the first, the last, and every second between hold spans of 900', () => {
    const places = fixingsWithin({ spacing: 400, offset: 200 }, 0, 2000)
    expect(places).toEqual([200, 600, 1000, 1400, 1800])
    expect(fewestClips(places, 900)).toEqual({ at: [200, 1000, 1800], tooLong: [] })
  })

  it('the offset is the first joist’s: before it there is none', () => {
    expect(fixingsWithin({ spacing: 400, offset: 900 }, 0, 2000)).toEqual([900, 1300, 1700])
    expect(fixingsWithin({ spacing: 400, offset: 900 }, 1300, 2000)).toEqual([1300, 1700])
    expect(fixingsWithin({ spacing: 400, offset: 200 }, 1001, 1800)).toEqual([1400, 1800])
    expect(fixingsWithin({ spacing: 406.4, offset: 100 }, 506.4, 1319.2)).toEqual([506.4, 912.8, 1319.2])
    expect(fixingsWithin({ spacing: 400, offset: 200 }, 600.2, 999.8)).toEqual([])
    expect(fixingsWithin({ spacing: 400, offset: 200 }, 600, 600)).toEqual([600])
  })

  it('names a span that nothing keeps: joists at 600 and spans of 500', () => {
    expect(fewestClips([300, 900, 1500], 500)).toEqual({
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
        fc.uniqueArray(fc.integer({ min: 1, max: 59 }), { minLength: 1, maxLength: 11 }),
        fc.integer({ min: 3, max: 30 }),
        (marks, span) => {
          const places = marks.map((mark) => mark * 50).sort((a, b) => a - b)
          const { at, tooLong } = fewestClips(places, span * 50)
          const best = fewestOfAll(places, span * 50)
          expect(tooLong.length === 0).toBe(best !== null)
          if (best !== null) expect(at).toHaveLength(best)
        },
      ),
    )
  })

  it('refuses a spacing of nothing', () => {
    expect(() => fixingsWithin({ spacing: 0, offset: 0 }, 0, 100)).toThrow(RangeError)
    expect(() => fewestClips([], 0)).toThrow(RangeError)
  })
})

describe('expansion', () => {
  it('10 m of 22 copper by 50 K: 8.3 mm, free leg 824', () => {
    const { growth, freeLeg } = expansion(0.0166, 10_000, 50, {
      od: 22,
      constant: freeLegConstant(profiles.metric, materials['copper-hard']),
    })
    expect(growth).toBeCloseTo(8.3, 6)
    expect(freeLeg).toBeCloseTo(824.3, 1) // 61 × √(22 × 8.3) = 61 × 13.513
    expect(loopFor(freeLeg).out).toBeCloseTo(412.1, 1)
    expect(loopFor(freeLeg).across).toBeCloseTo(206.1, 1)
    expect(roomAtWall(growth)).toBeCloseTo(10.3, 6)
  })

  it('each material by its own constant, a setting: what is stiffer needs more', () => {
    const constants = Object.values(materials).map((of) => [of.id, freeLegConstant(profiles.metric, of)])
    expect(constants.filter(([material]) => material !== 'lead')).toEqual([
      ['copper-hard', 61],
      ['copper-soft', 61],
      ['pex-a', 12],
      ['pex-b', 12],
      ['pex-c', 12],
      ['multilayer', 33],
      ['pb', 10],
      ['cpvc', 34],
      ['pvc-u', 34],
      ['pe', 26],
      ['pe-rt', 12],
      ['pp-r', 25],
      ['galvanised-steel', 60],
      ['stainless-steel', 60],
      ['carbon-steel', 60],
      ['abs', 34],
    ])
    expect(freeLegConstant(profileWith('metric', { freeLegPpr: 30 }), materials['pp-r'])).toBe(30)
  })

  it('asks for figures above nought', () => {
    for (const [coefficient, od, constant] of [
      [0, 22, 61],
      [0.0166, 0, 61],
      [0.0166, 22, 0],
      [-1, 22, 61],
    ] as const)
      expect(() => expansion(coefficient, 10_000, 50, { od, constant })).toThrow('figures of the pipe: more than 0')
  })

  it('grows with length and warmth alike, and shrinks when cold by as much', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 30_000 }), fc.integer({ min: 1, max: 90 }), (length, kelvin) => {
        const of = (mm: number, by: number) =>
          expansion(0.18, mm, by, { od: 16, constant: freeLegConstant(profiles.metric, materials['pex-a']) })
        expect(of(2 * length, kelvin).growth).toBeCloseTo(2 * of(length, kelvin).growth, 6)
        expect(of(length, -kelvin).growth).toBeCloseTo(-of(length, kelvin).growth, 6)
        expect(of(length, -kelvin).freeLeg).toBeCloseTo(of(length, kelvin).freeLeg, 6)
      }),
    )
  })
})

const problems = (...of: Parameters<typeof joistProblems>) => joistProblems(...of).map((problem) => said(problem))

describe('timber', () => {
  it('keeps holes and notches within their share of the depth, where the span allows them', () => {
    const joist = { depth: 200, span: 3000, at: 1000 } as const
    expect(problems({ ...joist, kind: 'hole', size: 50 }, 'metric')).toEqual([])
    expect(problems({ ...joist, kind: 'hole', size: 60 }, 'metric')).toEqual([
      'a hole of at most 50 mm in a joist 200 mm deep',
    ])
    expect(problems({ ...joist, kind: 'notch', size: 25 }, 'metric')).toEqual([
      'a notch between 210 mm and 750 mm from a support',
    ])
    // A third of 140 is 46.7, but 2 in are to stay above and below: 140 − 101.6 = 38.4.
    expect(problems({ ...joist, depth: 140, kind: 'hole', size: 45 }, 'us-a')).toEqual([
      'a hole of at most 38.4 mm in a joist 140 mm deep',
    ])
    expect(problems({ ...joist, at: 1400, kind: 'notch', size: 20 }, 'us-a')).toHaveLength(1)
    const found = (kind: 'notch' | 'hole', at: number) => problems({ ...joist, kind, at, size: 20 }, 'metric').length
    // From either support: 0.07 and 0.25 of 3000 for a notch, 0.25 and 0.4 for a hole.
    expect([200, 210, 750, 760, 2240, 2250, 2790, 2800].map((at) => found('notch', at))).toEqual([
      1, 0, 0, 1, 1, 0, 0, 1,
    ])
    expect([740, 750, 1200, 1210, 1800, 2250, 2260].map((at) => found('hole', at))).toEqual([1, 0, 0, 1, 0, 0, 1])
  })

  it('says its limits in words', () => {
    const limits = (profile: 'metric' | 'us-a') =>
      said(joistLimitsMessage(profile), profile === 'metric' ? 'metric' : 'imperial')
    expect(limits('metric')).toBe(
      'notches to 1/8 of the depth, from 0.07 to 0.25 of the span from a support; holes to 1/4, from 0.25 to 0.4',
    )
    expect(limits('us-a')).toBe(
      'notches to 1/6 of the depth, up to 0.33 of the span from a support; holes to 1/3, 2″ in from either edge, up to 0.5',
    )
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
  const layout = layOut(systemsOf(job)[0]!)
  const growing = (leg: number, kelvin: number) =>
    growthOf(shippedCatalogue, layout, job.legs[leg]!, { supports, kelvin, profile: profiles.metric })

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
    const free = growthOf(shippedCatalogue, layOut(systemsOf(kept)[0]!), kept.legs[1]!, {
      supports: plan.supports,
      kelvin: 50,
      profile: profiles.metric,
    })
    expect(free).toMatchObject({ enough: true, free: [expect.any(Number), 900] })
  })

  it('clips that are not known are never a free leg: nothing is said to be enough', () => {
    const unmeasured = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      service: 'hot',
      legs: [
        ['tie-in:s', 'east', 6000, 'elbow:b'],
        ['elbow:b', 'up', 900, 'union:e'],
      ],
      nodes: { e: { method: 'compression' } },
    })
    const plan = planJob(unmeasured, shippedCatalogue)
    const found = growthOf(shippedCatalogue, layOut(systemsOf(unmeasured)[0]!), unmeasured.legs[0]!, {
      supports: plan.supports,
      kelvin: 50,
      profile: profiles.metric,
    })
    expect(found).toMatchObject({ enough: null, free: [0, 'unknown'] })
  })

  it('what gives is the shorter of two legs that turn off, from either end of them; a held end gives nothing, an open one all', () => {
    const around = (last: 'outlet' | 'tie-in' | 'open') => {
      const drawn = sampleJob({
        pipe: pipeId('EN 1057', '22', 0.9),
        method: 'press-metal',
        service: 'hot',
        legs: [
          // Drawn towards the tee, and away from it over joists.
          ['open:s', 'north', 8500, 'tee:t'],
          ['tee:t', 'north', 1400, 'open:n'],
          ['tee:t', 'east', 6000, `${last}:e`],
        ],
      })
      const joists = { spacing: 400, offset: 250 }
      const job = { ...drawn, legs: drawn.legs.map((leg) => (leg.id === 'l2' ? { ...leg, fixings: joists } : leg)) }
      const plan = planJob(job, shippedCatalogue)
      const [to, away] = ['l1', 'l2'].map((leg) => plan.supports.find((of) => of.leg === leg)!.at)
      // Free to the last clip of the leg that comes, and to the first of the one that goes.
      const free = [8500 - to!.at(-1)!, away![0]!]
      return {
        free,
        found: growthOf(shippedCatalogue, layOut(systemsOf(job)[0]!), job.legs[2]!, {
          supports: plan.supports,
          kelvin: 50,
          profile: profiles.metric,
        }),
      }
    }
    const { free, found } = around('outlet')
    expect(free.every((mm) => mm > 0 && mm < 300)).toBe(true)
    expect(free[0]).toBeLessThan(free[1]!)
    expect(found.free).toEqual([Math.min(...free), 0])
    expect(around('tie-in').found.free[1]).toBe(0)
    expect(around('open').found).toMatchObject({ free: [expect.any(Number), 'ends'], enough: true })
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
    // 14.7 + 15.24 + 50.8 = 80.74 from either corner, so 90; one span of 2820, its middle at 1500.
    const { supports, clipCounts } = riser('us-a')
    expect(supports.find(({ leg }) => leg === 'l2')).toMatchObject({ at: [90, 2910], guides: [1500] })
    expect(clipCounts).toContainEqual({
      item: 'guide for 1/2 PEX-B, in which it can slide',
      label: 'guide for 1/2 PEX-B, in which it can slide',
      count: 1,
    })
    expect(riser('metric').supports.every(({ guides }) => guides.length === 0)).toBe(true)
  })

  it('a short span needs none', () => expect(guidesBetween([80, 1500, 3000, 4524], 3048, 10)).toEqual([]))

  it('has plastic clips, and copper plain ones', () => {
    const legs = (leg: string, pipe: string, at: number[]): LegClips => ({
      run: 'r1',
      leg,
      pipe,
      at,
      guides: [],
      unknown: null,
      notes: [],
      spacing: null,
      onTimber: false,
    })
    const clips = [
      legs('l1', pipeId('ASTM F876', '1/2', 'pex-b'), [1, 2]),
      legs('l2', pipeId('EN 1057', '22', 0.9), [1]),
    ]
    expect(countClips(shippedCatalogue, clips)).toEqual([
      { item: 'plastic clip for 1/2 PEX-B', label: 'plastic clip for 1/2 PEX-B', count: 2 },
      { item: 'clip for 22 copper', label: 'clip for 22 copper', count: 1 },
    ])
  })
})

describe('pipe in soil', () => {
  it('gets no clips, whatever its job or its run says of the rest', () => {
    const run = sampleJob({
      pipe: pipeId('EN 12201', '25'),
      method: 'compression-pe',
      legs: [
        ['cap:s', 'east', 4000, 'elbow:a'],
        ['elbow:a', 'north', 3000, 'cap:e'],
      ],
    })
    const buried = { ...run, runs: run.runs.map((of) => ({ ...of, place: { underground: true } })) }
    const clips = (of: typeof run) => planJob(of, shippedCatalogue).clips.length
    expect(clips(run)).toBeGreaterThan(5)
    expect(clips(buried)).toBe(0)
    expect(clips({ ...run, place: { underground: true } })).toBe(0)
    expect(planJob(buried, shippedCatalogue).supports.map(({ notes }) => notes.map(({ message }) => message))).toEqual([
      ['in soil'],
      ['in soil'],
    ])
    expect(planJob(buried, shippedCatalogue).checks.filter(({ rule }) => rule === 'support')).toEqual([])
  })
})
