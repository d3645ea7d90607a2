import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import type { Plan } from '../plan/types'
import { said } from '../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { clipPositions, clipStep } from './clips'

const supportTexts = (plan: Plan) => plan.checks.filter(({ rule }) => rule === 'support').map((check) => said(check))

const level = (pipe: string, method: SampleRun['method'], profile: SampleRun['profile']): number[] =>
  planJob(
    sampleJob({
      pipe,
      method,
      profile,
      legs: [
        ['open:s', 'up', 500, 'elbow:a'],
        ['elbow:a', 'east', 3400, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:e'],
      ],
    }),
    shippedCatalogue,
  )
    .clips.filter(({ leg }) => leg === 'l2')
    .map(({ at }) => at)

describe('clips on a level leg of 3.4 m, worked by hand', () => {
  it('metric, 22 copper soldered: 1.8 m apart', () => {
    // 14.6 + 15.4 + 100 = 130 from each centre; 3140 between: 2 spans of 1570.
    expect(level(pipeId('EN 1057', '22', 0.9), 'solder', 'metric')).toEqual([130, 1700, 3270])
  })

  it('us-a, half-inch PEX crimped: 813 mm apart', () => {
    // 14.7 + 15.24 + 50.8 = 80.74 from each centre, so 90; 3220 between: 4 spans, none above 810.
    expect(level(pipeId('ASTM F876', '1/2', 'pex-b'), 'crimp', 'us-a')).toEqual([90, 900, 1700, 2510, 3310])
  })

  it('us-b, three-quarter copper pressed: 1829 mm apart', () => {
    // 28.3 + 22.35 + 50.8 = 101.45 from each centre, so 110; 3180 between: 2 spans of 1590.
    expect(level(pipeId('ASTM B88', '3/4', 'L'), 'press-metal', 'us-b')).toEqual([110, 1700, 3290])
  })

  it('on joists at 450, the first at 200: one beside either corner, and every fourth between', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'up', 500, 'elbow:a'],
        ['elbow:a', 'east', 5000, 'elbow:b'],
        ['elbow:b', 'up', 500, 'open:e'],
      ],
    })
    const on = (fixings: { spacing: number; offset: number }) =>
      planJob({ ...job, legs: job.legs.map((leg) => (leg.id === 'l2' ? { ...leg, fixings } : leg)) }, shippedCatalogue)
    // Joists at 200, 650, 1100, 1550, 2000, 2450, 2900, 3350, 3800, 4250, 4700; spans of at most 1800.
    expect(
      on({ spacing: 450, offset: 200 })
        .clips.filter(({ leg }) => leg === 'l2')
        .map(({ at }) => at),
    ).toEqual([200, 2000, 3800, 4700])
    expect(on({ spacing: 450, offset: 200 }).supports.find(({ leg }) => leg === 'l2')!.notes).toEqual([])
    const wide = on({ spacing: 2400, offset: 300 })
    expect(supportTexts(wide)).toContain('clips: nothing to fix to from 300 mm to 2 700 mm: put a batten between')
  })

  it('says so where the profile has no distance for the pipe', () => {
    const plan = planJob(
      sampleJob({
        pipe: pipeId('EN ISO 15874', '20', 'SDR6'),
        method: 'solvent',
        profile: 'us-a',
        legs: [['open:s', 'east', 900, 'open:e']],
      }),
      shippedCatalogue,
    )
    expect(plan.clips).toEqual([])
    expect(supportTexts(plan)).toEqual([expect.stringContaining('no support distance')])
  })
})

describe('round the corners', () => {
  const copper15 = pipeId('EN 1057', '15', 0.7)
  /** Two legs on joists that meet at an elbow, their first joists this far from it. */
  const onJoists = (offset: number) => {
    const job = sampleJob({
      pipe: copper15,
      method: 'solder',
      legs: [
        ['open:s', 'east', 3000, 'elbow:a'],
        ['elbow:a', 'north', 3000, 'open:e'],
      ],
    })
    const [first, last] = job.legs
    const spacing = 400
    return planJob(
      {
        ...job,
        legs: [
          { ...first!, fixings: { spacing, offset: (3000 - offset) % spacing } },
          { ...last!, fixings: { spacing, offset } },
        ],
      },
      shippedCatalogue,
    )
  }

  it('spans go round the corner along the pipe: 800 to either side are 1 600, and 1 200 is the most', () => {
    expect(supportTexts(onJoists(300))).toEqual([])
    const wide = onJoists(700)
    const near = (leg: string) => wide.supports.find((of) => of.leg === leg)!.at
    expect([3000 - near('l1').at(-1)!, near('l2')[0]]).toEqual([300, 700])
    expect(supportTexts(wide)).toEqual([])
    const job = sampleJob({
      pipe: copper15,
      method: 'solder',
      legs: [
        ['open:s', 'east', 2400, 'elbow:a'],
        ['elbow:a', 'north', 2400, 'open:e'],
      ],
    })
    const far = planJob(
      {
        ...job,
        legs: [
          { ...job.legs[0]!, fixings: { spacing: 1200, offset: 400 } },
          { ...job.legs[1]!, fixings: { spacing: 1200, offset: 800 } },
        ],
      },
      shippedCatalogue,
    )
    // Joists at 400 and 1600, so 800 before the corner; 800 after it.
    expect(supportTexts(far)).toEqual([
      'clips: 1 600 mm bare round this corner, along the pipe, where 1 200 mm is the most: put a batten beside it',
    ])
  })

  it('what is missing is said once for the legs that miss the same, and apart from what others miss', () => {
    const job = sampleJob({
      pipe: copper15,
      method: 'solder',
      legs: [
        ['open:a', 'east', 3000, 'union:b'],
        ['open:c', 'east', 3000, 'open:d'],
        ['open:e', 'east', 3000, 'union:f'],
        ['open:g', 'east', 3000, 'open:h'],
      ],
      nodes: { b: { method: 'compression' }, f: { method: 'compression' } },
    })
    const legs = job.legs.map((leg, at) => (at % 2 ? { ...leg, fixings: { spacing: 2400, offset: 300 } } : leg))
    const plan = planJob({ ...job, legs }, shippedCatalogue)
    const found = plan.checks.filter(({ rule }) => rule === 'support').map(({ message, where }) => [message, where])
    expect(found).toEqual([
      ['not measured', 'Run, leg 1 and 1 more'],
      ['no timber', 'Run, leg 2 and 1 more'],
    ])
  })

  it('a leg too short for a clip is carried by its neighbours, or is not', () => {
    const jog = (fixings?: { spacing: number; offset: number }) => {
      const job = sampleJob({
        pipe: copper15,
        method: 'solder',
        legs: [
          ['open:s', 'east', 2000, 'elbow:a'],
          ['elbow:a', 'north', 150, 'elbow:b'],
          ['elbow:b', 'east', 2000, 'open:e'],
        ],
      })
      return planJob(
        {
          ...job,
          legs: job.legs.map((leg) => (leg.id === 'l2' || !fixings ? leg : { ...leg, fixings })),
        },
        shippedCatalogue,
      )
    }
    const carried = jog()
    const short = carried.supports.find(({ leg }) => leg === 'l2')!
    expect(short.at).toEqual([])
    expect(short.notes.map((note) => said(note))).toEqual(['too short for a clip: the clips beside it carry it'])
    expect(supportTexts(carried)).toEqual([])
    // Joists at 900 leave 200 before the first corner and 900 after the second: 200 + 150 + 900 = 1 250.
    expect(supportTexts(jog({ spacing: 900, offset: 900 }))).toEqual([
      'clips: too short for one, and the clips beside it do not carry it: 1 250 mm bare along the pipe, where 1 200 mm is the most',
    ])
  })
})

describe('clip positions', () => {
  it('are on the half inch: 4 ft apart from 2 1/2 inches, though the table says 1 219 mm', () => {
    // 63 to 2502 mm: from 2 1/2 to 98 1/2 inches, 96 inches, two spans of 48.
    const at = clipPositions({ length: 2565, keepFrom: [63, 63] }, 1219, clipStep('imperial'))
    expect(at.map((mm) => mm / 12.7)).toEqual([5, 101, 197].map((half) => expect.closeTo(half, 1)))
  })

  it('keep every span and use no clip too many', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 20_000 }),
        fc.integer({ min: 0, max: 300 }),
        fc.integer({ min: 300, max: 3000 }),
        (length, keep, spacing) => {
          const at = clipPositions({ length, keepFrom: [keep, keep] }, spacing, 10)
          const span = length - 2 * keep
          at.slice(1).forEach((clip, index) => expect(clip - at[index]!).toBeLessThanOrEqual(spacing))
          at.forEach((clip) => expect(clip >= keep - 0.1 && clip <= length - keep + 0.1).toBe(true))
          if (span < 120) return
          expect(at.every((clip) => clip % 10 === 0)).toBe(true)
          // One clip fewer could not keep its spans, each a whole number of centimetres.
          expect((at.length - 2) * Math.floor(spacing / 10) * 10).toBeLessThan(at.at(-1)! - at[0]!)
          expect(at.at(-1)! - at[0]!).toBeGreaterThan(span - 20)
        },
      ),
    )
  })
})

describe('clips beside a pulled bend', () => {
  const supports = (
    radius: number | undefined,
    second: 'north' | 'east' = 'north',
    free?: { start?: number; end?: number },
  ) => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'bend:b'],
        ['open:e', 'south', 1000, 'bend:b'],
      ],
      nodes: { b: { radius } },
    })
    const legs = job.legs.map((leg) =>
      leg.id === 'l2' ? { ...leg, direction: second === 'east' ? ('west' as const) : leg.direction, free } : leg,
    )
    return planJob({ ...job, legs }, shippedCatalogue).supports
  }

  it('stand a set-back and the usual distance from its corner: 88 and 50', () => {
    const [before, after] = supports(88)
    // 862 at the most, to the centimetre 860.
    expect(before!.at.at(-1)).toBe(860)
    expect(after!.at.at(-1)).toBe(860)
  })

  it('are not known while its radius is not, or where it does not turn', () => {
    for (const unknown of [supports(undefined), supports(88, 'east')])
      expect(unknown.map(({ at, unknown: why }) => [at, why?.message])).toEqual([
        [[], 'not measured'],
        [[], 'not measured'],
      ])
  })

  it('keep off a free leg at the end that it was asked for', () => {
    expect(supports(88, 'north', { end: 400 })[1]!.at.at(-1)).toBeCloseTo(600, 6)
    expect(supports(88, 'north', { start: 400 })[1]!.at[0]).toBeCloseTo(400, 6)
    expect(supports(88, 'north', { start: 400 })[1]!.at.at(-1)).toBe(860)
  })
})
